import { Link, useParams } from 'react-router';
import type { Inspection } from '#core/records';
import type { WatchAnswer } from '#engine';
import { BURNED_ANSWER, inSentence, PROTOCOL_TEXTS } from '#knowledge';
import { newId } from '../../../api/new-id.ts';
import { usePhotos } from '../../../api/photos.ts';
import { useWatch } from '../../../api/queries.ts';
import { Answered, PageHead } from '../../../parts/page.tsx';
import { useKeeping } from '../../../parts/use-keeping.ts';
import { useToday } from '../../../show/use-show.ts';
import { countedBy } from '../tag-section.tsx';
import { HangTags } from './hang-tags.tsx';
import { TagWalk } from './tag-walk.tsx';
import { tagSentence } from './tag-words.ts';

/** On the day of the work: tags, pictures of the same spots, and the count, in one place. */
export function BeforePage() {
  return <ProofPage side="before" />;
}

/** Weeks later: the same tags with their old pictures beside the camera, the count, and the verdict. */
export function AfterPage() {
  return <ProofPage side="after" />;
}

function ProofPage({ side }: { side: 'before' | 'after' }) {
  const { watchId = '' } = useParams();
  return (
    <Answered question={useWatch(watchId)}>
      {(picture) => <Proof key={side} side={side} picture={picture} />}
    </Answered>
  );
}

function Proof({ side, picture }: { side: 'before' | 'after'; picture: WatchAnswer }) {
  const { watch, plant, targetName, tags, tagStanding } = picture;
  const photos = usePhotos(watch.id).data ?? [];
  return (
    <>
      <PageHead
        title={side === 'before' ? `Before the work: ${plant.name}` : `After the work: ${plant.name}`}
        lead={<span role="status">{tagSentence(tagStanding)}</span>}
      >
        <Link className="btn" to={`/look/${watch.id}`}>
          Open the watch
        </Link>
      </PageHead>
      <div className="grid gap-4 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] items-start">
        {tags.length > 0 ? (
          <TagWalk
            watchId={watch.id}
            tags={tags}
            photos={photos}
            workedOn={side === 'after' ? tagStanding.workedOn : null}
          />
        ) : (
          <section aria-label="Tags" className="sheet p-4 flex flex-col gap-3">
            <h2>Hang tags</h2>
            <p className="soft">
              Tags go on twigs or leaves that carry {inSentence(targetName)}, from all sides and heights.
              Chance picks one of every two neighbours to stay untreated, so that nothing but the work sets
              them apart.
            </p>
            <HangTags picture={picture} />
          </section>
        )}
        <div className="flex flex-col gap-4">
          <CountLinks picture={picture} side={side} />
          {side === 'after' && tagStanding.workedOn !== null && <Burned picture={picture} />}
          {tags.length > 0 && side === 'before' && (
            <details className="sheet p-4">
              <summary className="link-husk list-none">Hang more tags</summary>
              <HangTags picture={picture} />
            </details>
          )}
        </div>
      </div>
    </>
  );
}

function CountLinks({
  picture: { watch, tags, protocols },
  side,
}: {
  picture: WatchAnswer;
  side: 'before' | 'after';
}) {
  if (tags.length === 0) return null;
  return (
    <section aria-label="Count" className="sheet p-4 flex flex-col gap-3">
      <h2>Then count them</h2>
      <p className="soft">
        {side === 'before'
          ? 'Count the tags before anything is sprayed or cut.'
          : 'Count them the same way as before; the verdict follows at once.'}
      </p>
      {countedBy(tags, protocols[0]).map((protocol) => (
        <Link
          key={protocol}
          className="btn btn-primary self-start min-h-11"
          to={`/look/${watch.id}/count?protocol=${protocol}&tagged`}
        >
          Count the tagged {PROTOCOL_TEXTS[protocol].unit[1]}
        </Link>
      ))}
    </section>
  );
}

/** Scorch is no failure of the kill, and yet a reason not to do it so again. */
function Burned({ picture: { watch, plant, tagStanding } }: { picture: WatchAnswer }) {
  const today = useToday();
  const { keep } = useKeeping();
  const answer = (said: 'yes' | 'no') => {
    const record: Inspection = {
      id: newId(),
      watchId: watch.id,
      on: today,
      answers: { [BURNED_ANSWER]: said },
      coversTurned: 0,
    };
    void keep(
      { kind: 'inspections', record, label: `a look at ${plant.name}` },
      said === 'yes' ? 'Kept: the treated leaves are scorched.' : 'Kept: no scorch.',
    );
  };
  return (
    <section aria-label="Scorch" className="sheet p-4 flex flex-col gap-3">
      <h2>Did it burn?</h2>
      <p>Are treated leaves scorched, with brown edges or spots, and the untreated not?</p>
      {tagStanding.burned && <p className="font-semibold">You saw scorch since the work.</p>}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn min-h-11" onClick={() => answer('yes')}>
          Yes, scorched
        </button>
        <button type="button" className="btn min-h-11" onClick={() => answer('no')}>
          No
        </button>
      </div>
    </section>
  );
}
