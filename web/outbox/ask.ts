import { API_AT } from '../api/at-moment.ts';
import { answeredHere } from './garden-here.ts';
import { packLabel } from './pack.ts';
import { noteHere, noteThere, standingNow } from './reach.ts';

/** With something packed, nobody waits longer for a line that barely carries. */
const PATIENCE_MS = 10_000;

/** Questions that only the computer at home answers, and that tell whether it is there. */
const OF_THE_SERVER = /^\/(door|network)(\/|$)/;

/**
 * Asks the server; where it cannot be reached, this device answers from what it packed. While it answers so it
 * does not ask anew with every question: whether the server is back is looked after elsewhere.
 */
export async function ask(input: RequestInfo | URL, init?: RequestInit): Promise<Response> {
  const path = pathOf(input);
  if ((init?.method ?? 'GET') !== 'GET' || OF_THE_SERVER.test(path)) return fetch(input, init);
  if (standingNow().kind === 'here') {
    const here = await answeredHere(path);
    if (here) return here.response;
  }
  try {
    const patience = (await packLabel()) ? { signal: AbortSignal.timeout(PATIENCE_MS) } : {};
    const response = await fetch(input, { ...init, ...patience });
    noteThere();
    return response;
  } catch (error) {
    const here = await answeredHere(path);
    if (!here) throw error;
    noteHere(here.packedAtMs);
    return here.response;
  }
}

function pathOf(input: RequestInfo | URL): string {
  const { pathname, search } = new URL(input instanceof Request ? input.url : input, window.location.href);
  return pathname.slice(API_AT.length) + search;
}
