import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { createPrivateKey, X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { hostname, tmpdir } from 'node:os';
import { join } from 'node:path';
import { generate } from 'selfsigned';
import { authorityFor, isHomeAddress } from './authority.ts';
import { certificateFor } from './certificate.ts';
import { homeAddresses } from './own-address.ts';

const NONE = { certFile: undefined, keyFile: undefined };
const DAY_MS = 24 * 3600_000;
let folder: string;

beforeEach(() => {
  folder = join(mkdtempSync(join(tmpdir(), 'juglans-tls-')), 'tls');
});
afterEach(() => rmSync(join(folder, '..'), { recursive: true, force: true }));

/** A certificate as one may have been kept here: valid for so many days more, for these addresses. */
async function keep(daysLeft: number, addresses: readonly string[]): Promise<string> {
  const { key, cert } = await authorityFor(folder);
  const made = await generate([{ name: 'commonName', value: 'kept' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    ca: { key, cert },
    notBeforeDate: new Date(Date.now() - 400 * DAY_MS),
    notAfterDate: new Date(Date.now() + daysLeft * DAY_MS),
    extensions: [{ name: 'subjectAltName', altNames: addresses.map((ip) => ({ type: 7 as const, ip })) }],
  });
  writeFileSync(join(folder, 'cert.pem'), made.cert);
  writeFileSync(join(folder, 'key.pem'), made.private);
  return new X509Certificate(made.cert).fingerprint256;
}

describe('a certificate made here', () => {
  test('names this computer and every address it has, and no authority', async () => {
    const { cert, key, fingerprint, authority } = await certificateFor(folder, NONE);
    const made = new X509Certificate(cert);
    expect(made.issuer).toBe(new X509Certificate(authority!.cert).subject);
    expect(fingerprint).toBe(made.fingerprint256);
    expect(made.subject).toBe('CN=Juglans at home');
    expect(made.ca).toBe(false);
    for (const name of ['localhost', `${hostname()}.local`]) expect(made.checkHost(name)).toBeDefined();
    expect(made.subjectAltName).toContain(`DNS:${hostname()}`);
    for (const address of ['127.0.0.1', ...homeAddresses().filter(isHomeAddress)])
      expect(made.checkIP(address)).toBe(address);
    expect(made.checkIP('203.0.113.9')).toBeUndefined();
    expect(made.checkPrivateKey(createPrivateKey(key))).toBe(true);
    expect(made.keyUsage).toEqual(['1.3.6.1.5.5.7.3.1']);
  });

  test('is valid from now on, for no longer than phones take', async () => {
    const { cert } = await certificateFor(folder, NONE);
    const { validFrom, validTo } = new X509Certificate(cert);
    const [from, to] = [Date.parse(validFrom), Date.parse(validTo)];
    expect(from).toBeLessThan(Date.now());
    expect(from).toBeGreaterThan(Date.now() - DAY_MS);
    expect((to - from) / DAY_MS).toBeCloseTo(390, 1);
  });

  test('is kept where only its owner reads, and used again', async () => {
    const first = await certificateFor(folder, NONE);
    for (const name of ['cert.pem', 'key.pem']) expect(statSync(join(folder, name)).mode & 0o777).toBe(0o600);
    expect(statSync(folder).mode & 0o777).toBe(0o700);
    expect(readFileSync(join(folder, 'cert.pem'), 'utf8')).toBe(first.cert);
    expect(await certificateFor(folder, NONE)).toEqual(first);
  });

  test('is made anew when half of it is gone', async () => {
    const first = await certificateFor(folder, NONE);
    rmSync(join(folder, 'key.pem'));
    const second = await certificateFor(folder, NONE);
    expect(second.fingerprint).not.toBe(first.fingerprint);
    rmSync(join(folder, 'cert.pem'));
    expect((await certificateFor(folder, NONE)).fingerprint).not.toBe(second.fingerprint);
  });
});

describe('a certificate kept from before', () => {
  test('serves while it has more than a month left and names every address', async () => {
    const fingerprint = await keep(40, homeAddresses().filter(isHomeAddress));
    expect(await certificateFor(folder, NONE)).toMatchObject({ fingerprint });
  });

  test.each([
    ['with less than a month left', 20],
    ['that has run out', -1],
  ])('%s is replaced', async (_, daysLeft) => {
    const fingerprint = await keep(daysLeft, homeAddresses());
    const next = await certificateFor(folder, NONE);
    expect(next.fingerprint).not.toBe(fingerprint);
    expect(new X509Certificate(readFileSync(join(folder, 'cert.pem'))).fingerprint256).toBe(next.fingerprint);
  });
});

describe("the user's own", () => {
  test('is taken as it is when both files are named', async () => {
    const fingerprint = await keep(5, ['203.0.113.9']);
    const [certFile, keyFile] = [join(folder, 'cert.pem'), join(folder, 'key.pem')];
    const other = join(folder, 'other');
    expect(await certificateFor(other, { certFile, keyFile })).toEqual({
      fingerprint,
      authority: null,
      cert: readFileSync(certFile, 'utf8'),
      key: readFileSync(keyFile, 'utf8'),
    });
  });

  test('needs both: one file alone is not used', async () => {
    await keep(400, []);
    const certFile = join(folder, 'cert.pem');
    const made = await certificateFor(join(folder, 'other'), { certFile, keyFile: undefined });
    expect(made.authority).not.toBeNull();
    const again = await certificateFor(join(folder, 'other'), { certFile: undefined, keyFile: certFile });
    expect(again).toEqual(made);
  });
});
