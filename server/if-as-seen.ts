import type { MiddlewareHandler } from 'hono';
import type { z } from 'zod';
import { ownFields, versionOf } from '#core/meeting';
import { Problem } from '#answers';

/**
 * Refuses an edit of a record that no longer stands as its writer saw it, with what stands there now, so that
 * of two edits neither wipes the other unseen (If-Match after RFC 9110). One that does not say what it saw is
 * taken as it comes. It goes after what reads the body: between its look and the write nothing else happens.
 */
export function ifAsSeen<T extends object>(
  schema: z.ZodType<T>,
  read: (id: string) => T | undefined | null,
): MiddlewareHandler {
  return async (c, next) => {
    const seen = c.req.header('if-match');
    if (seen === undefined) return next();
    const standing = read(c.req.param('id') ?? '');
    if (!standing) throw new Problem(412, 'Meanwhile it was taken out elsewhere.');
    const now = ownFields(standing, schema);
    if (seen !== `"${versionOf(now)}"`)
      throw new Problem(412, 'Meanwhile it was changed elsewhere.', [], now);
    return next();
  };
}
