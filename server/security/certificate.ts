import { X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { generate } from 'selfsigned';
import { homeAddresses } from './own-address.ts';

export interface Certificate {
  readonly key: string;
  readonly cert: string;
  /** SHA-256 of the certificate, to be compared on the phone by eye. */
  readonly fingerprint: string;
  readonly madeHere: boolean;
}

/** Phones accept no certificate that is valid for longer. */
const VALID_DAYS = 820;
const RENEW_BEFORE_MS = 30 * 24 * 3600 * 1000;

const fingerprintOf = (cert: string) => new X509Certificate(cert).fingerprint256;

/**
 * The user's own certificate when both files are named, else one made here for this computer's names
 * and addresses and kept in `folder`.
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
      madeHere: false,
    };
  }
  const files = { key: join(folder, 'key.pem'), cert: join(folder, 'cert.pem') };
  if (existsSync(files.key) && existsSync(files.cert)) {
    const cert = readFileSync(files.cert, 'utf8');
    if (stillServes(cert))
      return { cert, key: readFileSync(files.key, 'utf8'), fingerprint: fingerprintOf(cert), madeHere: true };
  }
  const made = await make();
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const [name, text] of [
    ['key', made.private],
    ['cert', made.cert],
  ] as const) {
    writeFileSync(`${files[name]}.new`, text, { mode: 0o600 });
    chmodSync(`${files[name]}.new`, 0o600);
    renameSync(`${files[name]}.new`, files[name]);
  }
  return { cert: made.cert, key: made.private, fingerprint: fingerprintOf(made.cert), madeHere: true };
}

/** Whether a kept certificate is valid for a while yet and names every address this computer has now. */
function stillServes(cert: string): boolean {
  const kept = new X509Certificate(cert);
  return (
    Date.parse(kept.validTo) - Date.now() > RENEW_BEFORE_MS &&
    homeAddresses().every((address) => kept.checkIP(address) !== undefined)
  );
}

function make() {
  const names = [...new Set(['localhost', hostname(), `${hostname()}.local`])];
  const notBeforeDate = new Date(Date.now() - 3600_000);
  return generate([{ name: 'commonName', value: 'Juglans at home' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    notBeforeDate,
    notAfterDate: new Date(notBeforeDate.getTime() + VALID_DAYS * 24 * 3600_000),
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: [
          ...names.map((value) => ({ type: 2 as const, value })),
          ...['127.0.0.1', ...homeAddresses()].map((ip) => ({ type: 7 as const, ip })),
        ],
      },
    ],
  });
}
