import { howMany } from '#knowledge';
import { useState } from 'react';
import { useNameOf } from '../api/name-of.ts';
import { fieldName, shownValue } from '../parts/record-words.ts';
import { differing, isStuck, type JournalEntry, jsonObject } from './journal-entry.ts';
import { journal } from './outbox.ts';

/** One entry that waits: what it holds, why it was not taken, and what may be done about it. */
export function WaitingEntry({ entry }: { entry: JournalEntry }) {
  const { seq, label, refused, failed = 0, image, arrived = 0, meanwhile, gone, method } = entry;
  const [mending, setMending] = useState(false);
  const fields = mendable(entry);
  return (
    <li className="flex flex-wrap items-start gap-x-3">
      <div className="min-w-0">
        {label}
        {image && arrived > 0 && (
          <span className="block">
            {kilobytes(arrived)} of {kilobytes(image.size)} kB have arrived
          </span>
        )}
        {refused && <b className="block text-error">{refused}</b>}
        <Differing entry={entry} />
        {isStuck(entry) && (
          <span className="block">tried {howMany(failed, 'time')}; the others go on without it</span>
        )}
        {method === 'PUT' && <Held entry={entry} />}
        {mending && <Mending entry={entry} fields={fields} done={() => setMending(false)} />}
      </div>
      {refused && fields.length > 0 && !mending && (
        <button type="button" className="underline min-h-8" onClick={() => setMending(true)}>
          Mend it
        </button>
      )}
      {refused && (
        <button type="button" className="underline min-h-8" onClick={() => void journal.again(seq)}>
          {meanwhile && method === 'DELETE'
            ? 'Take it out all the same'
            : meanwhile || gone
              ? 'Keep what is here'
              : 'Try again'}
        </button>
      )}
      {(refused || isStuck(entry)) && (
        <button type="button" className="underline min-h-8" onClick={() => void journal.drop(seq)}>
          {meanwhile || gone ? 'Leave it as it is there' : 'Give it up'}
        </button>
      )}
    </li>
  );
}

const kilobytes = (bytes: number) => Math.round(bytes / 1000);

/** What is here and what stands there, where another edit of the same came first. */
function Differing({ entry }: { entry: JournalEntry }) {
  const nameOf = useNameOf();
  return differing(entry).map(({ field, here, there }) => (
    <span key={field} className="block">
      {fieldName(field)}: {shownValue(here, nameOf)} here, {shownValue(there, nameOf)} there
    </span>
  ));
}

/** A record's own name, which says nothing to a person. */
const IS_ID = /^[0-9a-f]{8}-[0-9a-f]{4}-7/;

/** What an entry holds, as far as it can be said in a word or a number. */
function Held({ entry }: { entry: JournalEntry }) {
  const nameOf = useNameOf();
  const held = Object.entries(jsonObject(entry.json)).flatMap(([field, value]) => {
    if (Array.isArray(value)) return [[field, value.length] as const];
    const isSaid = typeof value === 'string' && IS_ID.test(value) ? nameOf(value) !== undefined : true;
    return value === null || value === '' || typeof value === 'object' || !isSaid
      ? []
      : [[field, value] as const];
  });
  if (held.length === 0) return null;
  return (
    <details>
      <summary className="underline cursor-pointer min-h-6">What it holds</summary>
      <ul>
        {held.map(([field, value]) => (
          <li key={field}>
            {fieldName(field)}: {shownValue(value, nameOf)}
          </li>
        ))}
      </ul>
    </details>
  );
}

interface Mendable {
  readonly field: string;
  readonly value: string | number;
  readonly message: string;
}

/** The fields the server would not take that are a text or a number by themselves. */
function mendable({ json, errors = [] }: JournalEntry): Mendable[] {
  const record = jsonObject(json);
  return errors.flatMap(({ path, message }) => {
    const field = String(path[0]);
    const value = record[field];
    return path.length === 1 && (typeof value === 'string' || typeof value === 'number')
      ? [{ field, value, message }]
      : [];
  });
}

const IS_DAY = /^\d{4}-\d{2}-\d{2}$/;

function Mending({
  entry: { seq, json },
  fields,
  done,
}: {
  entry: JournalEntry;
  fields: readonly Mendable[];
  done: () => void;
}) {
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const send = () => {
    const mended = fields.map(({ field, value }) => {
      const text = typed[field] ?? String(value);
      return [field, typeof value === 'number' ? Number(text.replace(',', '.')) : text] as const;
    });
    done();
    void journal.again(seq, {
      json: JSON.stringify({ ...jsonObject(json), ...Object.fromEntries(mended) }),
    });
  };
  return (
    <form
      className="flex flex-col gap-2 my-2"
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      {fields.map(({ field, value, message }) => (
        <label key={field} className="flex flex-col gap-1">
          <span>
            {fieldName(field)} <b className="text-error">{message}</b>
          </span>
          <input
            className="input input-sm max-w-60"
            type={typeof value === 'string' && IS_DAY.test(value) ? 'date' : 'text'}
            inputMode={typeof value === 'number' ? 'decimal' : undefined}
            value={typed[field] ?? String(value)}
            onChange={(event) => setTyped({ ...typed, [field]: event.target.value })}
          />
        </label>
      ))}
      <button type="submit" className="btn btn-sm self-start">
        Send it mended
      </button>
    </form>
  );
}
