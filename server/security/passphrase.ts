import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import { oneAtATime } from '../one-at-a-time.ts';

const derive = promisify(scrypt) as (
  text: string,
  salt: Buffer,
  length: number,
  options: { N: number; r: number; p: number; maxmem: number },
) => Promise<Buffer>;

/** Cost of scrypt: three passes over 32 MB, and a good part of a second on a small computer. */
const COST = { N: 2 ** 15, r: 8, p: 3 } as const;
const MAX_MEMORY = 256 * 1024 * 1024;
const LENGTH = 32;

export const SHORTEST_PASSPHRASE = 10;
export const LONGEST_PASSPHRASE = 200;

/** Each takes its memory for itself, so they wait for each other. */
const inTurn = oneAtATime();

/** A passphrase as it is kept: scrypt with a salt of its own, and the cost it was made at. */
export async function hashPassphrase(passphrase: string): Promise<string> {
  const salt = randomBytes(16);
  const hash = await inTurn.run(() =>
    derive(passphrase.normalize('NFC'), salt, LENGTH, { ...COST, maxmem: MAX_MEMORY }),
  );
  return ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64'), hash.toString('base64')].join('$');
}

/** Whether a hash was made at another cost than today's: it is made anew when the passphrase is next said. */
export const isOfOtherCost = (kept: string): boolean =>
  !kept.startsWith(`scrypt$${COST.N}$${COST.r}$${COST.p}$`);

/** Whether a passphrase is the one that was kept; takes as long for a wrong one. */
export async function isPassphrase(passphrase: string, kept: string): Promise<boolean> {
  const [kind, n, r, p, salt, hash] = kept.split('$');
  if (kind !== 'scrypt' || !salt || !hash) return false;
  const expected = Buffer.from(hash, 'base64');
  const derived = await inTurn.run(() =>
    derive(passphrase.normalize('NFC'), Buffer.from(salt, 'base64'), expected.length, {
      N: Number(n),
      r: Number(r),
      p: Number(p),
      maxmem: MAX_MEMORY,
    }),
  );
  return timingSafeEqual(derived, expected);
}
