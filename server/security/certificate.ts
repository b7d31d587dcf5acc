import { X509Certificate } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { generate } from 'selfsigned';
import { type Authority, authorityFor, homeNames, isHomeAddress } from './authority.ts';
import { homeAddresses } from './own-address.ts';
import { writeSecret } from './write-secret.ts';

export interface Certificate {
  readonly key: string;
  readonly cert: string;
  /** SHA-256 of the certificate, to be compared on the phone by eye. */
  readonly fingerprint: string;
  /** Who vouches for one made here; null for the user's own. */
  readonly authority: Authority | null;
}

/** Phones accept none that is valid for longer than 825 days, and a shorter one is renewed unseen. */
const VALID_DAYS = 390;
const RENEW_BEFORE_MS = 30 * 24 * 3600 * 1000;

const fingerprintOf = (cert: string) => new X509Certificate(cert).fingerprint256;

/**
 * The user's own certificate when both files are named, else one made here for this computer's names
 * and addresses, vouched for by this computer's own authority; both are kept in `folder`.
 */
export async function certificateFor(
  folder: string,
  ownFiles: { certFile: string | undefined; keyFile: string | undefined },
): Promise<Certificate> {
  if (ownFiles.certFile && ownFiles.keyFile) {
    const cert = readFileSync(ownFiles.certFile, 'utf8');
    return {
      cert,
      key: readFileSync(ownFiles.keyFile, 'utf8'),
      fingerprint: fingerprintOf(cert),
      authority: null,
    };
  }
  const authority = await authorityFor(folder);
  const files = { key: join(folder, 'key.pem'), cert: join(folder, 'cert.pem') };
  if (existsSync(files.key) && existsSync(files.cert)) {
    const cert = readFileSync(files.cert, 'utf8');
    if (stillServes(cert, authority))
      return { cert, key: readFileSync(files.key, 'utf8'), fingerprint: fingerprintOf(cert), authority };
  }
  const made = await make(authority);
  writeSecret(files.key, made.private);
  writeSecret(files.cert, made.cert);
  return { cert: made.cert, key: made.private, fingerprint: fingerprintOf(made.cert), authority };
}

/** Addresses the authority may vouch for; one certificate with another in it would be refused whole. */
const vouchedAddresses = () => homeAddresses().filter(isHomeAddress);

/** Whether a kept certificate is valid for a while yet, is the authority's, and names every address of now. */
function stillServes(cert: string, authority: Authority): boolean {
  const kept = new X509Certificate(cert);
  return (
    Date.parse(kept.validTo) - Date.now() > RENEW_BEFORE_MS &&
    kept.verify(new X509Certificate(authority.cert).publicKey) &&
    vouchedAddresses().every((address) => kept.checkIP(address) !== undefined)
  );
}

function make(authority: Authority) {
  const notBeforeDate = new Date(Date.now() - 3600_000);
  return generate([{ name: 'commonName', value: 'Juglans at home' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    ca: { key: authority.key, cert: authority.cert },
    notBeforeDate,
    notAfterDate: new Date(notBeforeDate.getTime() + VALID_DAYS * 24 * 3600_000),
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: [
          ...homeNames().map((value) => ({ type: 2 as const, value })),
          ...['127.0.0.1', ...vouchedAddresses()].map((ip) => ({ type: 7 as const, ip })),
        ],
      },
    ],
  });
}
