import { hostname, networkInterfaces } from 'node:os';

/** IPv4 addresses of this computer on its networks, without loopback. */
export function homeAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
}

/** What every computer calls itself. */
const ITSELF: readonly string[] = ['localhost', '127.0.0.1', '[::1]'];

/** Whether a name means this computer; its networks are looked through only where that is not plain anyway. */
export const isOwnName = (name: string): boolean => ITSELF.includes(name) || ownNames().has(name);

/**
 * Names this computer answers to, with those given it in OWN_NAMES; anything else in a Host header
 * comes from a page that pretends to be here.
 */
export function ownNames(): ReadonlySet<string> {
  const name = hostname().toLowerCase();
  const extraNames = (process.env.OWN_NAMES ?? '')
    .toLowerCase()
    .split(/[\s,]+/)
    .filter(Boolean);
  return new Set([...ITSELF, name, `${name}.local`, ...homeAddresses(), ...extraNames]);
}

export const isLoopback = (host: string) => host === 'localhost' || host === '::1' || /^127\./.test(host);

/** The name in a Host header, without its port; null when there is none. */
export function nameInHost(host: string | undefined): string | null {
  const hostName = /^(\[[0-9a-f:]+\]|[a-z0-9._-]+)(?::\d{1,5})?$/i.exec(host ?? '');
  return hostName ? hostName[1]!.toLowerCase() : null;
}
