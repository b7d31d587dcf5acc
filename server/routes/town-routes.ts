import { Hono } from 'hono';
import { z } from 'zod';
import { findTowns, nearestTown } from '../sources/towns.ts';
import { query } from '#answers';

const degrees = (most: number) => z.coerce.number().min(-most).max(most).default(0);

/** Towns to say where a garden is, from a list that ships with the program. */
export function townRoutes() {
  return new Hono()
    .get('/towns', query(z.object({ q: z.string().max(80).default('') })), async (c) =>
      c.json({ towns: findTowns(c.req.valid('query').q) }),
    )
    .get('/towns/near', query(z.object({ latitude: degrees(90), longitude: degrees(180) })), async (c) => {
      const { latitude, longitude } = c.req.valid('query');
      return c.json({ town: nearestTown(latitude, longitude) });
    });
}
