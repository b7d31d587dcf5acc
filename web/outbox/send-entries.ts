import type { FieldError } from '#answers';
import { noteThere } from './reach.ts';
import { type JournalEntry, jsonObject, recordPathOf } from './journal-entry.ts';

/** What came of telling the server of one entry. */
export type Told =
  | { readonly kind: 'kept'; readonly answer?: unknown; readonly unsettled?: readonly string[] }
  | { readonly kind: 'met'; readonly meanwhile: object }
  | { readonly kind: 'gone' }
  | { readonly kind: 'refused'; readonly title: string; readonly errors: readonly FieldError[] }
  | { readonly kind: 'failed' };

/** Told together: so much takes half a minute on the slowest of lines. */
const MOST_TOGETHER = 40,
  MOST_TOGETHER_BYTES = 30_000;
/** A picture goes in pieces of this size, so that what is small slips in between two of them. */
export const PIECE_BYTES = 48_000;
/** Nothing at all has come through for so long: the line is lost. A slow one brings a piece in far less. */
const STALLED_MS = 60_000;

/** No answer came, or none of the server's own. */
export class UnreachableError extends Error {
  override readonly name = 'UnreachableError';
}

/** What may go next: small things first, in their order; then pictures. One that rests on a picture follows it. */
export function nextToSend(waiting: readonly JournalEntry[]): readonly JournalEntry[] {
  const sendable = waiting.filter((entry) => entry.refused === undefined);
  const small: JournalEntry[] = [];
  const picturesBefore = new Set<string>();
  let bytes = 0;
  for (const entry of sendable) {
    if (entry.image) picturesBefore.add(recordPathOf(entry));
    else if (!picturesBefore.has(recordPathOf(entry))) {
      bytes += (entry.json?.length ?? 0) + (entry.from?.length ?? 0);
      if (small.length > 0 && (small.length >= MOST_TOGETHER || bytes > MOST_TOGETHER_BYTES)) break;
      small.push(entry);
      // One that was trouble before goes alone, so that it is trouble to no other.
      if (entry.failed !== undefined) return small.length > 1 ? small.slice(0, -1) : small;
    }
  }
  if (small.length > 0) return small;
  return sendable.filter((entry) => entry.image).slice(0, 1);
}

/** Tells the server of entries that go together; what came of each, in their order, as far as it got. */
export async function tellEntries(
  device: string,
  entries: readonly JournalEntry[],
  asking: ReadonlySet<number>,
): Promise<readonly Told[]> {
  const body = JSON.stringify({
    device,
    entries: entries.map(({ seq, method, path, json, from, on }) => ({
      number: seq,
      method,
      path,
      ...(json === undefined ? {} : { record: jsonObject(json) }),
      ...(from === undefined ? {} : { from: jsonObject(from) }),
      ...(on === undefined ? {} : { on }),
      asks: asking.has(seq),
    })),
  });
  const response = await reached('/api/journal', {
    method: 'POST',
    body,
    headers: { 'content-type': 'application/json' },
  });
  if (!response.ok) return [{ kind: 'failed' }];
  const { outcomes } = await readOwn<{ outcomes: Told[] }>(response);
  if (!Array.isArray(outcomes) || outcomes.length === 0) throw new UnreachableError('not its own answer');
  return outcomes;
}

/** Brings one piece of a picture and says how much of it has arrived. */
export async function bringPiece({ path, image }: JournalEntry, start: number): Promise<number> {
  const pieces = `/api${recordPathOf({ path })}/pieces`;
  const response = await reached(`${pieces}?start=${start}`, {
    method: 'PUT',
    body: image!.slice(start, start + PIECE_BYTES),
    headers: { 'content-type': 'application/octet-stream' },
  });
  if (!response.ok) throw new PieceRefusedError();
  const { bytes } = await readOwn<{ bytes: number }>(response);
  if (typeof bytes !== 'number') throw new UnreachableError('not its own answer');
  return bytes;
}

/** The server is there and would not have a piece. */
export class PieceRefusedError extends Error {
  override readonly name = 'PieceRefusedError';
}

/** An answer of the server's own: a network one has to log in to answers everything with a page. */
const readOwn = <Body>(response: Response): Promise<Partial<Body>> =>
  response.json().catch(() => {
    throw new UnreachableError('not its own answer');
  }) as Promise<Partial<Body>>;

async function reached(address: string, init: RequestInit): Promise<Response> {
  const response = await fetch(address, { ...init, signal: AbortSignal.timeout(STALLED_MS) }).catch(
    (error: unknown) => {
      throw new UnreachableError(String(error));
    },
  );
  noteThere();
  // Shut out, everything waits until the passphrase is said.
  if (response.status === 401) throw new UnreachableError('shut out');
  return response;
}
