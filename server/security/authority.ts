import { createPrivateKey, randomBytes, webcrypto, X509Certificate } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { BlockList } from 'node:net';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import {
  BasicConstraintsExtension,
  cryptoProvider,
  Extension,
  KeyUsageFlags,
  KeyUsagesExtension,
  PemConverter,
  SubjectKeyIdentifierExtension,
  X509CertificateGenerator,
} from '@peculiar/x509';
import { writeSecret } from './write-secret.ts';

/** What a phone is asked to trust: it vouches for this computer at home and for nothing else. */
export interface Authority {
  readonly key: string;
  readonly cert: string;
  /** SHA-256, to be compared on the phone by eye. */
  readonly fingerprint: string;
  /** The certificate as phones install it. */
  readonly der: Buffer;
}

const VALID_DAYS = 3650;
const DAY_MS = 24 * 3600_000;
/** One that ends sooner than this is made anew: a phone then has to be told again. */
const RENEW_BEFORE_MS = 400 * DAY_MS;
const NAME_CONSTRAINTS = '2.5.29.30';

/** Addresses that lead nowhere but into a home: an authority that got out could not vouch for a bank. */
const HOME_NETWORKS = [
  ['10.0.0.0', 8],
  ['172.16.0.0', 12],
  ['192.168.0.0', 16],
  ['169.254.0.0', 16],
  ['127.0.0.0', 8],
] as const;

const homes = new BlockList();
for (const [network, bits] of HOME_NETWORKS) homes.addSubnet(network, bits);

/** Whether the authority may vouch for an address. */
export const isHomeAddress = (address: string): boolean => homes.check(address);

/** The names this computer has on its own network. */
export const homeNames = (): string[] => [...new Set(['localhost', hostname(), `${hostname()}.local`])];

/** The authority kept in `folder`, made where there is none, or none for this computer's name. */
export async function authorityFor(folder: string): Promise<Authority> {
  const files = { key: join(folder, 'authority-key.pem'), cert: join(folder, 'authority.pem') };
  if (existsSync(files.key) && existsSync(files.cert)) {
    const [key, cert] = [readFileSync(files.key, 'utf8'), readFileSync(files.cert, 'utf8')];
    if (stillVouches(key, cert)) return authorityOf(key, cert);
  }
  const { key, cert } = await make();
  writeSecret(files.key, key);
  writeSecret(files.cert, cert);
  return authorityOf(key, cert);
}

function stillVouches(key: string, cert: string): boolean {
  const kept = new X509Certificate(cert);
  return (
    kept.subject === `CN=${ownName()}` &&
    Date.parse(kept.validTo) - Date.now() > RENEW_BEFORE_MS &&
    kept.checkPrivateKey(createPrivateKey(key))
  );
}

const ownName = () => `Juglans on ${hostname()}`;

function authorityOf(key: string, cert: string): Authority {
  const { fingerprint256, raw } = new X509Certificate(cert);
  return { key, cert, fingerprint: fingerprint256, der: raw };
}

async function make(): Promise<{ key: string; cert: string }> {
  cryptoProvider.set(webcrypto as Crypto);
  const keys = await webcrypto.subtle.generateKey({ name: 'ECDSA', namedCurve: 'P-256' }, true, [
    'sign',
    'verify',
  ]);
  const notBefore = new Date(Date.now() - 3600_000);
  const made = await X509CertificateGenerator.createSelfSigned({
    serialNumber: `01${randomBytes(15).toString('hex')}`,
    name: `CN=${ownName()}`,
    notBefore,
    notAfter: new Date(notBefore.getTime() + VALID_DAYS * DAY_MS),
    keys,
    signingAlgorithm: { name: 'ECDSA', hash: 'SHA-256' },
    extensions: [
      new BasicConstraintsExtension(true, 0, true),
      new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
      new Extension(NAME_CONSTRAINTS, true, AsnConvert.serialize(onlyThisHome())),
      await SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return {
    key: PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', keys.privateKey), 'PRIVATE KEY'),
    cert: made.toString('pem'),
  };
}

/** This computer's names, and addresses of homes: it may have another one tomorrow. */
function onlyThisHome(): NameConstraints {
  const bases = [
    ...homeNames().map((dNSName) => ({ dNSName })),
    ...HOME_NETWORKS.map(([network, bits]) => ({ iPAddress: `${network}/${bits}` })),
  ];
  return new NameConstraints({
    permittedSubtrees: new GeneralSubtrees(
      bases.map((base) => new GeneralSubtree({ base: new GeneralName(base) })),
    ),
  });
}
