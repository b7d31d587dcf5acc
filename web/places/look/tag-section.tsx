import { useState } from 'react';
import { Link } from 'react-router';
import type { Tag } from '#core/records';
import type { Protocol } from '#core/sampling';
import { PROTOCOL_TEXTS } from '#knowledge';
import type { WatchPicture } from '#engine';
import { newId } from '../../api/new-id.ts';
import { keepRecord, putEntry } from '../../outbox/use-outbox.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { effectWords } from '../../show/effect-words.ts';
import { useToday } from '../../show/use-show.ts';

const MOST_AT_ONCE = 40;

/**
 * Units that carry a tag, counted before and after; half left alone make the best comparison on one
 * plant.
 */
export function TagSection({ picture }: { picture: WatchPicture }) {
  const { tags, watch, protocols, tagged } = picture;
  const usual = protocols[0];
  const untouched = tags.filter((tag) => tag.untouched).length;
  return (
    <section aria-label="Tagged">
      <h2 className="mb-2">Tagged leaves or twigs</h2>
      <div className="sheet p-4 flex flex-col gap-3">
        {tags.length === 0 ? (
          <p className="soft">
            Tag ten or more and leave half of them unsprayed: before against after, treated against untouched,
            tells on one plant whether the work did anything.
          </p>
        ) : (
          <p>
            <b className="font-semibold">{tags.length} tagged</b>, {untouched} of them to be left alone:{' '}
            {tags.map((tag) => `${tag.label}${tag.untouched ? ' (alone)' : ''}`).join(', ')}.
          </p>
        )}
        {tagged && (
          <p className="font-semibold">
            Treating {effectWords(tagged.takenAway)} ({tagged.treated} tags treated, {tagged.untouched} left
            alone).
          </p>
        )}
        {countedBy(tags, usual).map((protocol) => (
          <Link
            key={protocol}
            className="btn btn-sm self-start min-h-11"
            to={`/look/${watch.id}/count?protocol=${protocol}&tagged`}
          >
            Count the tagged {PROTOCOL_TEXTS[protocol].unit[1]}
          </Link>
        ))}
        {tags.length > 0 && <LostTag tags={tags} plantName={picture.plant.name} />}
        <NewTags picture={picture} />
      </div>
    </section>
  );
}

/** The ways of counting that some tag hangs for, the usual one for tags that do not say. */
function countedBy(tags: readonly Tag[], usual: Protocol | undefined): Protocol[] {
  const ways = tags.map(({ protocol }) => protocol ?? usual);
  return [...new Set(ways)].filter((protocol) => protocol !== undefined);
}

function NewTags({ picture: { watch, plant, tags, protocols } }: { picture: WatchPicture }) {
  const today = useToday();
  const { say } = useNotices();
  const [typed, setTyped] = useState('10');
  const [protocol, setProtocol] = useState(protocols[0]);
  const [error, setError] = useState<string>();
  const hang = async () => {
    const count = Number(typed);
    if (!(Number.isInteger(count) && count >= 2 && count <= MOST_AT_ONCE))
      return setError(`a whole number from 2 to ${MOST_AT_ONCE}`);
    setError(undefined);
    for (let i = 0; i < count; i++) {
      // Turn and turn about, so that treated and untouched hang side by side.
      const tag: Tag = {
        id: newId(),
        watchId: watch.id,
        label: String(tags.length + i + 1),
        protocol: protocol ?? null,
        untouched: i % 2 === 1,
        taggedOn: today,
        lostOn: null,
      };
      await keepRecord(putEntry('tags', tag, `tag ${tag.label}, ${plant.name}`)).catch((problem: Error) =>
        setError(problem.message),
      );
    }
    say(`${count} tags are listed; every second one is to be left alone.`);
  };
  return (
    <details>
      <summary className="link-husk list-none">Hang tags</summary>
      <form
        noValidate
        className="mt-2 flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void hang();
        }}
      >
        <Field label="How many" error={error}>
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
        <button type="submit" className="btn">
          Hang them
        </button>
      </form>
    </details>
  );
}

function LostTag({ tags, plantName }: { tags: readonly Tag[]; plantName: string }) {
  const today = useToday();
  const { say } = useNotices();
  const [tagId, setTagId] = useState('');
  const lose = () => {
    const tag = tags.find(({ id }) => id === tagId);
    if (!tag) return;
    const lost = { ...tag, lostOn: today };
    void keepRecord(putEntry('tags', lost, `tag ${tag.label} lost, ${plantName}`, tag)).then(
      () =>
        say(
          `Tag ${tag.label} is gone.`,
          () => void keepRecord(putEntry('tags', tag, `tag ${tag.label}`, lost)),
        ),
      (error: Error) => say(error.message),
    );
  };
  return (
    <details>
      <summary className="link-husk list-none">One fell off or was cut away</summary>
      <div className="mt-2 flex items-end gap-2">
        <Field label="Which">
          <select className="select w-28" value={tagId} onChange={(event) => setTagId(event.target.value)}>
            <option value="">choose…</option>
            {tags.map((tag) => (
              <option key={tag.id} value={tag.id}>
                {tag.label}
              </option>
            ))}
          </select>
        </Field>
        <button type="button" className="btn" disabled={tagId === ''} onClick={lose}>
          It is gone
        </button>
      </div>
    </details>
  );
}
