import { describe, expect, test } from '@jest/globals';
import { hashPassphrase, isOfOtherCost, isPassphrase } from './passphrase.ts';

/** "blåbär" typed on two keyboards: one letter each, or a letter and a mark. */
const COMPOSED = 'bl\u00e5b\u00e4r i skogen';
const DECOMPOSED = 'bla\u030aba\u0308r i skogen';

describe('a passphrase', () => {
  test('is the same however a keyboard composes its letters, both ways round', async () => {
    expect(COMPOSED).not.toBe(DECOMPOSED);
    expect(await isPassphrase(DECOMPOSED, await hashPassphrase(COMPOSED))).toBe(true);
    expect(await isPassphrase(COMPOSED, await hashPassphrase(DECOMPOSED))).toBe(true);
    expect(await isPassphrase('blabar i skogen', await hashPassphrase(COMPOSED))).toBe(false);
  });

  test('is kept by its salted hash and the cost it was made at', async () => {
    const kept = await hashPassphrase('three walnuts in a shell');
    const [kind, n, r, p, salt, hash, ...rest] = kept.split('$');
    expect([kind, n, r, p]).toEqual(['scrypt', '32768', '8', '3']);
    expect(Buffer.from(salt!, 'base64')).toHaveLength(16);
    expect(Buffer.from(hash!, 'base64')).toHaveLength(32);
    expect(rest).toEqual([]);
  });

  test('kept at another cost is still known', async () => {
    // scrypt('walnut', 'salt of sixteen!', N 1024, r 8, p 1), by Python's hashlib.
    const salt = Buffer.from('salt of sixteen!').toString('base64');
    const hash = 'OgIv6sBnp3IUC/8311nxkvPRyDMP+fxUu89xJmJgQ/0=';
    expect(await isPassphrase('walnut', `scrypt$1024$8$1$${salt}$${hash}`)).toBe(true);
    expect(await isPassphrase('Walnut', `scrypt$1024$8$1$${salt}$${hash}`)).toBe(false);
    expect(isOfOtherCost(`scrypt$1024$8$1$${salt}$${hash}`)).toBe(true);
    expect(isOfOtherCost(await hashPassphrase('walnut'))).toBe(false);
  });

  test.each([
    '',
    'scrypt',
    'scrypt$1024$8$1$c2FsdA==',
    'scrypt$1024$8$1$$aGFzaA==',
    'plain$1024$8$1$c2FsdA==$aGFzaA==',
  ])('is not what "%s" holds', async (kept) => {
    expect(await isPassphrase('walnut', kept)).toBe(false);
  });
});
