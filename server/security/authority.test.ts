import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { hostname, tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from 'node:tls';
import { generate } from 'selfsigned';
import { authorityFor, isHomeAddress } from './authority.ts';
import { certificateFor } from './certificate.ts';

const NONE = { certFile: undefined, keyFile: undefined };
const DAY_MS = 24 * 3600_000;
let folder: string;

beforeEach(() => {
  folder = join(mkdtempSync(join(tmpdir(), 'juglans-trust-')), 'tls');
});
afterEach(() => rmSync(join(folder, '..'), { recursive: true, force: true }));

/** Whether whoever trusts `ca` alone would talk to a server with this key and certificate, by this name. */
async function isTrusted(ca: string, key: string, cert: string, servername: string): Promise<string | true> {
  const server = createServer({ key, cert });
  await new Promise<void>((ready) => {
    server.listen(0, '127.0.0.1', ready);
  });
  const { port } = server.address() as AddressInfo;
  const answer = await new Promise<string | true>((told) => {
    const socket = connect({ port, host: '127.0.0.1', ca, servername }, () => {
      socket.end();
      told(true);
    });
    socket.on('error', (error: NodeJS.ErrnoException) => told(error.code ?? error.message));
  });
  server.close();
  return answer;
}

describe('the authority at home', () => {
  test('is one, may make no other, and is kept where only its owner reads', async () => {
    const { cert, fingerprint, der } = await authorityFor(folder);
    const made = new X509Certificate(cert);
    expect(made.ca).toBe(true);
    expect(made.subject).toBe(`CN=Juglans on ${hostname()}`);
    expect(made.fingerprint256).toBe(fingerprint);
    expect(new X509Certificate(der).fingerprint256).toBe(fingerprint);
    expect((Date.parse(made.validTo) - Date.parse(made.validFrom)) / DAY_MS).toBeCloseTo(3650, 1);
    for (const name of ['authority.pem', 'authority-key.pem'])
      expect(statSync(join(folder, name)).mode & 0o777).toBe(0o600);
    expect((await authorityFor(folder)).fingerprint).toBe(fingerprint);
  });

  test('is made anew where its key is gone or another’s', async () => {
    const first = await authorityFor(folder);
    rmSync(join(folder, 'authority-key.pem'));
    const second = await authorityFor(folder);
    expect(second.fingerprint).not.toBe(first.fingerprint);
    writeFileSync(join(folder, 'authority-key.pem'), first.key);
    expect((await authorityFor(folder)).fingerprint).not.toBe(second.fingerprint);
  });

  test('is believed by who trusts it, for this computer, after the certificate was renewed too', async () => {
    const { key, cert, authority } = await certificateFor(folder, NONE);
    expect(await isTrusted(authority!.cert, key, cert, 'localhost')).toBe(true);
    expect(await isTrusted(authority!.cert, key, cert, `${hostname()}.local`)).toBe(true);
    rmSync(join(folder, 'cert.pem'));
    const renewed = await certificateFor(folder, NONE);
    expect(renewed.authority!.fingerprint).toBe(authority!.fingerprint);
    expect(await isTrusted(authority!.cert, renewed.key, renewed.cert, 'localhost')).toBe(true);
  });

  test('cannot vouch for anything but this home, whoever gets hold of its key', async () => {
    const authority = await authorityFor(folder);
    const forged = (altNames: ({ type: 2; value: string } | { type: 7; ip: string })[]) =>
      generate([{ name: 'commonName', value: 'forged' }], {
        keyType: 'ec',
        algorithm: 'sha256',
        ca: { key: authority.key, cert: authority.cert },
        extensions: [{ name: 'subjectAltName', altNames }],
      });
    const bank = await forged([{ type: 2, value: 'bank.example' }]);
    expect(await isTrusted(authority.cert, bank.private, bank.cert, 'bank.example')).not.toBe(true);
    const both = await forged([
      { type: 2, value: 'localhost' },
      { type: 7, ip: '203.0.113.9' },
    ]);
    expect(await isTrusted(authority.cert, both.private, both.cert, 'localhost')).not.toBe(true);
    const home = await forged([
      { type: 2, value: 'localhost' },
      { type: 7, ip: '192.168.1.9' },
    ]);
    expect(await isTrusted(authority.cert, home.private, home.cert, 'localhost')).toBe(true);
  });

  test('a certificate that nobody vouched for, from before, is replaced by one it vouches for', async () => {
    const { authority } = await certificateFor(folder, NONE);
    const old = await generate([{ name: 'commonName', value: 'kept' }], {
      keyType: 'ec',
      notAfterDate: new Date(Date.now() + 400 * DAY_MS),
    });
    writeFileSync(join(folder, 'cert.pem'), old.cert);
    writeFileSync(join(folder, 'key.pem'), old.private);
    const { cert } = await certificateFor(folder, NONE);
    expect(new X509Certificate(cert).verify(new X509Certificate(authority!.cert).publicKey)).toBe(true);
    expect(readFileSync(join(folder, 'cert.pem'), 'utf8')).toBe(cert);
  });
});

test.each([
  ['192.168.178.20', true],
  ['10.0.0.4', true],
  ['172.31.255.1', true],
  ['169.254.7.7', true],
  ['172.32.0.1', false],
  ['203.0.113.9', false],
])('%s is an address within a home: %s', (address, is) => {
  expect(isHomeAddress(address)).toBe(is);
});
