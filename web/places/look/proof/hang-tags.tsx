import { useState } from 'react';
import { dayNumber } from '#core/calendar';
import type { Tag } from '#core/records';
import { untouchedTags } from '#core/seasons';
import type { WatchAnswer } from '#engine';
import { PROTOCOL_TEXTS } from '#knowledge';
import { newId } from '../../../api/new-id.ts';
import { keepRecord, putEntry } from '../../../outbox/use-outbox.ts';
import { Field } from '../../../parts/field.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { useToday } from '../../../show/use-show.ts';

const MOST_AT_ONCE = 80;
const USUAL = 20;
/** More than this nobody likes to hang unasked. */
const MOST_SUGGESTED = 30;

/** Hangs tags in one step; chance says which of every two neighbours stays untreated. */
export function HangTags({ picture }: { picture: WatchAnswer }) {
  const { watch, plant, tags, protocols, tagStanding } = picture;
  const { halving } = tagStanding.needed;
  const today = useToday();
  const { say } = useNotices();
  const [typed, setTyped] = useState(String(Math.min(MOST_SUGGESTED, halving ?? USUAL)));
  const [protocol, setProtocol] = useState(protocols[0]);
  const [error, setError] = useState<string>();
  const [isHanging, setHanging] = useState(false);
  const hang = async () => {
    const count = Number(typed);
    if (!(Number.isInteger(count) && count >= 2 && count <= MOST_AT_ONCE))
      return setError(`a whole number from 2 to ${MOST_AT_ONCE}`);
    setError(undefined);
    const first = 1 + Math.max(0, ...tags.map(({ label }) => Number(label) || 0));
    const untouched = untouchedTags(count, seedOf(watch.id, today, first));
    for (const [i, alone] of untouched.entries()) {
      const tag: Tag = {
        id: newId(),
        watchId: watch.id,
        label: String(first + i),
        protocol: protocol ?? null,
        untouched: alone,
        taggedOn: today,
        lostOn: null,
      };
      const kept = await keepRecord(putEntry('tags', tag, `tag ${tag.label}, ${plant.name}`)).catch(
        (problem: Error) => void setError(problem.message),
      );
      if (kept === undefined) return;
    }
    say(`${count} tags are listed; chance chose which stay untreated.`);
  };
  return (
    <form
      noValidate
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        setHanging(true);
        void hang().finally(() => setHanging(false));
      }}
    >
      <Field label="How many tags" error={error} hint={hintOf(picture)}>
        <input
          className="input w-24"
          inputMode="numeric"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </Field>
      {protocols.length > 1 && (
        <Field label="On">
          <select
            className="select w-auto"
            value={protocol}
            onChange={(event) => setProtocol(protocols.find((id) => id === event.target.value))}
          >
            {protocols.map((id) => (
              <option key={id} value={id}>
                {PROTOCOL_TEXTS[id].name}
              </option>
            ))}
          </select>
        </Field>
      )}
      <button type="submit" className="btn btn-primary min-h-11" disabled={isHanging}>
        Hang them
      </button>
    </form>
  );
}

function hintOf({ samples, tagStanding }: WatchAnswer): string {
  const { halving } = tagStanding.needed;
  if (halving === null) return 'too few live on each for tags to show a halving; a strong effect may show';
  const where = samples.length === 0 ? ' where about ten live on each' : '';
  return `${halving} show a halving in eight of ten cases${where} (grade C)`;
}

/** The watch, the day and the first tag's number: the same tags are chosen again from the same. */
const seedOf = (watchId: string, today: string, first: number): number =>
  (parseInt(watchId.slice(-8), 16) ^ (dayNumber(today) * 131 + first)) >>> 0;
