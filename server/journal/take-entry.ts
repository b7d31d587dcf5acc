import type { Hono } from 'hono';
import { isEntered } from '#core/records';
import { meet, ownFields, versionOf } from '#core/meeting';
import type { FieldError, ProblemBody } from '#answers';
import type { Store } from '../store/store.ts';
import type { Unsettled } from '../store/unsettled-store.ts';
import { addressOf, type RecordAt, recordAt } from './record-address.ts';

/** Something that happened on a device, with what it had seen. */
export interface JournalEntry {
  /** Counts up on the device with everything entered there. */
  readonly number: number;
  readonly method: 'PUT' | 'DELETE';
  /** Where the record stands, after `/api`. */
  readonly path: string;
  readonly record?: object | undefined;
  /** The record as it was when it was changed or taken out; none when it is new. */
  readonly from?: object | undefined;
  /** Whether somebody waits for the answer, and settles himself what another changed meanwhile. */
  readonly asks: boolean;
  /** The day it was entered, by the device. */
  readonly on?: string | undefined;
}

/** What came of it. */
export type Outcome =
  /** It stands; `unsettled` names the fields of which another's edit stands instead, and this one's is kept. */
  | { readonly kind: 'kept'; readonly answer?: unknown; readonly unsettled?: readonly string[] }
  /** Another edit came first, and whoever asked is to look at it. */
  | { readonly kind: 'met'; readonly meanwhile: object }
  /** What was changed was taken out elsewhere. */
  | { readonly kind: 'gone' }
  | { readonly kind: 'refused'; readonly title: string; readonly errors: readonly FieldError[] }
  /** The server was in trouble over it. */
  | { readonly kind: 'failed' };

/** Keeps one entry of a device's journal: once, in its order, and never over what was not seen. */
export async function takeEntry(
  store: Store,
  records: Hono,
  device: string,
  entry: JournalEntry,
): Promise<Outcome> {
  if (!isEntered(entry.path))
    return { kind: 'refused', title: 'Nothing can be entered at this address.', errors: [] };
  // A picture and its words are one record.
  const delivery = {
    address: `/api${entry.path.replace(/\/image$/, '')}`,
    device,
    number: entry.number,
  };
  const last = store.lastDelivery(delivery);
  // It came already, or something later of the same device did: a retry never undoes what was done since.
  if (last !== null && entry.number <= last) return { kind: 'kept' };
  const hadItsOwn = last !== null;
  for (;;) {
    const outcome = await store.noting(delivery, () => bring({ store, records, device, hadItsOwn }, entry));
    if (outcome === 'overtaken') continue;
    if (outcome.kind === 'kept') store.noteDelivery(delivery);
    return outcome;
  }
}

interface Bringing {
  readonly store: Store;
  readonly records: Hono;
  readonly device: string;
  /** Whether the record's last state there was already told by this device. */
  readonly hadItsOwn: boolean;
}

/** What came of it; overtaken where another's edit came in between the look and the write: it is looked at anew. */
async function bring(bringing: Bringing, entry: JournalEntry): Promise<Outcome | 'overtaken'> {
  const { store, hadItsOwn } = bringing;
  const { method, asks } = entry;
  const at = recordAt(entry.path);
  const stood = at?.standing(store) ?? null;
  // New: nothing of it is there, or only what this device put there, or whoever puts it looks himself.
  const isNew = entry.from === undefined && (stood === null || hadItsOwn || asks || method === 'DELETE');
  if (!at || isNew) return write(bringing, entry, entry.record, null);
  if (stood === null) return method === 'DELETE' ? { kind: 'kept' } : { kind: 'gone' };
  const stands = ownFields(stood, at.schema);
  const from = ownFields(entry.from ?? {}, at.schema);
  const asSeen = versionOf(stands) === versionOf(from);
  if (!asSeen && (asks || method === 'DELETE')) return { kind: 'met', meanwhile: stands };
  if (!asSeen) return bringTogether(bringing, entry, at, { from, stands });
  return orOvertaken(await write(bringing, entry, entry.record, stands));
}

const orOvertaken = (outcome: Outcome): Outcome | 'overtaken' =>
  outcome.kind === 'met' ? 'overtaken' : outcome;

type Fields = Readonly<Record<string, unknown>>;

/** Two edits in one record; of a field both changed, what stands stays and the other is kept beside it. */
async function bringTogether(
  bringing: Bringing,
  entry: JournalEntry,
  at: RecordAt,
  { from, stands }: { from: object; stands: object },
): Promise<Outcome | 'overtaken'> {
  const { store, device } = bringing;
  const [seen, theirs] = [from as Fields, stands as Fields];
  const { together, clashes } = meet<Fields>(
    seen,
    ownFields(entry.record ?? {}, at.schema) as Fields,
    theirs,
  );
  const mine = clashes.map((field) => unsettledOf(at, device, entry, field, together[field]));
  // Kept first: should the power go between the two, nothing is lost, and the next try finds them there.
  mine.forEach(store.putUnsettled);
  const both = { ...together, ...Object.fromEntries(clashes.map((field) => [field, theirs[field]])) };
  const outcome = await write(bringing, entry, both, stands);
  if (outcome.kind !== 'kept') {
    mine.forEach(({ id }) => store.removeUnsettled(id));
    return orOvertaken(outcome);
  }
  mine.forEach((one) => store.superseded(device, one, seen[one.field]));
  return clashes.length > 0 ? { ...outcome, unsettled: clashes } : outcome;
}

const unsettledOf = (
  { kind, recordId }: RecordAt,
  device: string,
  { number, on }: JournalEntry,
  field: string,
  value: unknown,
): Unsettled => ({
  id: `${device}-${number}-${field}`,
  kind,
  recordId,
  field,
  value: value ?? null,
  enteredOn: on ?? null,
});

/** Puts or takes out by the same way as one who asks at the record's own address. */
async function write(
  { store, records }: Pick<Bringing, 'store' | 'records'>,
  { method, path }: JournalEntry,
  record: object | undefined,
  stands: object | null,
): Promise<Outcome> {
  const response = await records.request(`/api${path}`, {
    method,
    headers: {
      'content-type': 'application/json',
      ...(stands === null ? {} : { 'if-match': `"${versionOf(stands)}"` }),
    },
    ...(record === undefined ? {} : { body: JSON.stringify(record) }),
  });
  // Taken out already is taken out; what still stands cannot be taken out at all.
  if (method === 'DELETE' && response.status === 404 && !recordAt(path)?.standing(store))
    return { kind: 'kept' };
  const body = response.status === 204 ? undefined : ((await response.json()) as unknown);
  if (response.ok) return { kind: 'kept', ...(body === undefined ? {} : { answer: body }) };
  if (response.status >= 500) return { kind: 'failed' };
  const { title, errors = [], meanwhile } = body as ProblemBody;
  if (response.status === 412) return meanwhile ? { kind: 'met', meanwhile } : { kind: 'gone' };
  return { kind: 'refused', title, errors };
}

/** Puts what was kept aside into its record, or lets go of it. */
export async function settle(
  records: Hono,
  store: Store,
  one: Unsettled,
  take: 'kept-aside' | 'standing',
): Promise<Outcome> {
  const { id, field, value } = one;
  const at = addressOf(one);
  const stood = at.standing(store);
  if (take === 'standing' || stood === null) {
    store.removeUnsettled(id);
    return { kind: 'kept' };
  }
  const stands = ownFields(stood, at.schema);
  const outcome = await write(
    { store, records },
    { number: 0, method: 'PUT', path: at.path, asks: true },
    { ...stands, [field]: value },
    stands,
  );
  if (outcome.kind === 'kept') store.removeUnsettled(id);
  return outcome;
}
