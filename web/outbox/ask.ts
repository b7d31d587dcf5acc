import type { ProblemBody } from '#answers';
import { isEntered } from '#core/records';
import { API_AT } from '../api/at-moment.ts';
import type * as Here from './garden-here.ts';
import { entryWords } from './entry-words.ts';
import { enterByForm } from './outbox.ts';
import { askWhileUsed, noteHere, noteThere, serverAnswers, standingNow } from './reach.ts';

/** After so long it is asked whether the server is there at all: one that thinks is waited for, no other. */
const PATIENCE_MS = 10_000;

/** Questions that only the computer at home answers, and that tell whether it is there. */
const OF_THE_SERVER = /^\/(door|network|unsettled)(\/|$)/;

/**
 * Asks the server; where it cannot be reached, this device answers from what it packed. While it answers so it
 * does not ask anew with every question: whether the server is back is looked after elsewhere.
 */
export async function ask(input: RequestInfo | URL, init?: RequestInit): Promise<Response> {
  const path = pathOf(input);
  const method = init?.method ?? 'GET';
  if ((method === 'PUT' || method === 'DELETE') && isEntered(path))
    return enter({ method, path }, init?.body);
  if (method !== 'GET' || OF_THE_SERVER.test(path)) return fetch(input, init);
  if (standingNow().kind === 'here') {
    askWhileUsed();
    const here = await answeredHere(path);
    if (here) return here.response;
  }
  try {
    const response = await unlessAway(fetch(input, init));
    noteThere();
    return response;
  } catch (error) {
    const here = await answeredHere(path);
    if (!here) throw error;
    noteHere(here.packedAtMs);
    return here.response;
  }
}

/** What answers here comes when it is first needed: on a device that opens without its server it is kept. */
const answeredHere: typeof Here.answeredHere = (path) =>
  import('./garden-here.ts').then((here) => here.answeredHere(path));

async function unlessAway(asked: Promise<Response>): Promise<Response> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<null>((tell) => {
    timer = setTimeout(() => tell(null), PATIENCE_MS);
  });
  const first = await Promise.race([asked, late]).finally(() => clearTimeout(timer));
  if (first !== null || (await serverAnswers())) return first ?? asked;
  asked.catch(() => undefined);
  throw new Error('the server does not answer');
}

/** For an edit: the same, told with the record as it was when it was changed. */
export const askHavingSeen =
  (seen: object): typeof fetch =>
  (input, init) =>
    enter({ method: 'PUT', path: pathOf(input), seen }, init?.body);

/**
 * Enters something in this device's journal and answers as its own address would. `seen` is the record as it was
 * when it was changed.
 */
async function enter(
  { method, path, seen }: { method: 'PUT' | 'DELETE'; path: string; seen?: object },
  body: BodyInit | null | undefined,
): Promise<Response> {
  const became = await enterByForm({
    method,
    path,
    label: entryWords(method, path, body),
    ...(typeof body === 'string' ? { json: body } : {}),
    ...(seen ? { from: JSON.stringify(seen) } : {}),
  });
  switch (became.kind) {
    case 'sent':
      return Response.json(became.answer ?? {});
    case 'waiting':
      return Response.json({ undo: { waiting: became.seq } });
    case 'met':
      return problem(412, 'Meanwhile it was changed elsewhere.', { meanwhile: became.meanwhile });
    case 'refused':
      return problem(422, became.title, { errors: became.errors });
  }
}

const problem = (status: number, title: string, more: Partial<ProblemBody>) =>
  Response.json({ type: 'about:blank', title, status, ...more } satisfies ProblemBody, { status });

function pathOf(input: RequestInfo | URL): string {
  const { pathname, search } = new URL(input instanceof Request ? input.url : input, window.location.href);
  return pathname.slice(API_AT.length) + search;
}
