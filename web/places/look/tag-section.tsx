import { useState } from 'react';
import { Link } from 'react-router';
import type { Tag } from '#core/records';
import type { Protocol } from '#core/sampling';
import { PROTOCOL_TEXTS } from '#knowledge';
import type { WatchAnswer } from '#engine';
import { keepRecord, putEntry } from '../../outbox/use-outbox.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { useToday } from '../../show/use-show.ts';
import { tagSentence } from './proof/tag-words.ts';

/**
 * Units that carry a tag, counted before and after; half left alone make the best comparison on one
 * plant.
 */
export function TagSection({ picture }: { picture: WatchAnswer }) {
  const { tags, watch, protocols, tagStanding } = picture;
  const untouched = tags.filter((tag) => tag.untouched).length;
  return (
    <section aria-label="Tagged">
      <h2 className="mb-2">Before and after</h2>
      <div className="sheet p-4 flex flex-col gap-3">
        {tags.length > 0 && (
          <p>
            <b className="font-semibold">{tags.length} tagged</b>, {untouched} of them to be left alone:{' '}
            {tags.map((tag) => `${tag.label}${tag.untouched ? ' (alone)' : ''}`).join(', ')}.
          </p>
        )}
        <p className={tagStanding.verdict ? 'font-semibold' : ''}>{tagSentence(tagStanding)}</p>
        <Link className="btn btn-sm self-start min-h-11" to={`/look/${watch.id}/${stepOf(tagStanding)}`}>
          {stepOf(tagStanding) === 'after' ? 'After the work' : 'Before the work'}
        </Link>
        {countedBy(tags, protocols[0]).map((protocol) => (
          <Link
            key={protocol}
            className="btn btn-sm self-start min-h-11"
            to={`/look/${watch.id}/count?protocol=${protocol}&tagged`}
          >
            Count the tagged {PROTOCOL_TEXTS[protocol].unit[1]}
          </Link>
        ))}
        {tags.length > 0 && <LostTag tags={tags} plantName={picture.plant.name} />}
      </div>
    </section>
  );
}

/** Which side of the work the tags stand on. */
const stepOf = ({ phase }: WatchAnswer['tagStanding']): 'before' | 'after' =>
  phase === 'wait' || phase === 'after' || phase === 'told' ? 'after' : 'before';

/** The ways of counting that some tag hangs for, the usual one for tags that do not say. */
export function countedBy(tags: readonly Tag[], usual: Protocol | undefined): Protocol[] {
  const ways = tags.map(({ protocol }) => protocol ?? usual);
  return [...new Set(ways)].filter((protocol) => protocol !== undefined);
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
