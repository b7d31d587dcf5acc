import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Watch } from '#core/records';
import { targetById, inSentence } from '#knowledge';
import type { WatchPicture } from '#engine';
import { newId } from '../../../api/new-id.ts';
import { usePutInspection, usePutWatch, useWatch } from '../../../api/queries.ts';
import { useNotices } from '../../../parts/notices.tsx';
import { Answered, PageHead } from '../../../parts/page.tsx';
import { useToday } from '../../../show/use-show.ts';
import { type NameToKeep, NamingKey } from './naming-key.tsx';
import { forgetDraft, type NamingDraft, useNamingDraft } from './naming-draft.ts';
import { nameFrom } from './name-from.ts';
import { useNamingScene } from './use-naming-scene.ts';

/** Looking again at a watch: what was seen before is there, what is seen now is added. */
export function NamePage() {
  const { watchId = '' } = useParams();
  return (
    <Answered question={useWatch(watchId)}>
      {(picture) => <NameIt key={watchId} picture={picture} />}
    </Answered>
  );
}

function NameIt({ picture }: { picture: WatchPicture }) {
  const { watch, plant, targetName } = picture;
  const { draft, change } = useNamingDraft(watch.id, picture.answers);
  const question = useNamingScene(plant.id, { watchId: watch.id });
  return (
    <>
      <PageHead
        title={`${plant.name}: what is it?`}
        lead={`Now called: ${inSentence(targetName)}. Answers from earlier looks are ticked; change what has changed.`}
      />
      <Answered question={question}>
        {(seen) => (
          <NamingKey
            seen={seen}
            draft={draft}
            change={change}
            action={(name) => <KeepName picture={picture} name={name} draft={draft} key={watch.id} />}
          />
        )}
      </Answered>
    </>
  );
}

interface KeepNameProps {
  readonly picture: WatchPicture;
  readonly name: NameToKeep;
  readonly draft: NamingDraft;
}

function KeepName({ picture, name: toKeep, draft: { answers, coversTurned } }: KeepNameProps) {
  const { watch } = picture;
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const putWatch = usePutWatch();
  const putInspection = usePutInspection();
  const [inspectionId] = useState(newId);
  const name = nameFrom(toKeep);
  // A group that holds what it is called already is no other name.
  const isAnother = name.targetId === null ? name.group !== watch.group : name.targetId !== watch.targetId;
  // The same name from a lab is worth more than from the key.
  const isSurer = toKeep.knownId !== null && toKeep.namedBy !== watch.namedBy;
  const renames = name.group !== null && (isAnother || isSurer);
  const keep = async (rename: boolean) => {
    const changed = Object.fromEntries(
      Object.entries(answers).filter(([check, answer]) => picture.answers[check] !== answer),
    );
    if (Object.keys(changed).length > 0 || coversTurned > 0)
      await putInspection.mutateAsync({
        id: inspectionId,
        watchId: watch.id,
        on: today,
        answers: changed,
        coversTurned,
      });
    const renamed = { ...watch, ...name, ...firstNameOf(watch), namedBy: toKeep.namedBy };
    if (rename) await putWatch.mutateAsync({ from: watch, to: renamed });
    forgetDraft(watch.id);
    say(
      rename ? 'The watch has its new name.' : 'What you saw is kept.',
      rename ? () => putWatch.mutate({ from: renamed, to: watch }) : undefined,
    );
    await navigate(`/look/${watch.id}`);
  };
  const error = putWatch.error ?? putInspection.error;
  return (
    <div className="flex flex-col gap-2">
      {renames && (
        <button
          type="button"
          className="btn btn-primary h-auto min-h-12 py-2"
          onClick={() => void keep(true).catch(() => undefined)}
        >
          Call it {name.targetId ? inSentence(targetById(name.targetId).name) : 'by its group'}
        </button>
      )}
      <button
        type="button"
        className={`btn ${renames ? '' : 'btn-primary'}`}
        onClick={() => void keep(false).catch(() => undefined)}
      >
        Keep what I saw
      </button>
      <Link className="link-husk" to={`/look/${watch.id}/sheet`}>
        A sheet for a lab, with what you saw
      </Link>
      {error && (
        <p role="alert" className="text-error font-semibold">
          {error.message}
        </p>
      )}
    </div>
  );
}

/** A watch keeps the name it had when it first had one, so that the year's review can tell how names held. */
function firstNameOf({ targetId, group, firstTargetId, firstGroup }: Watch) {
  const hadNone = firstTargetId === null && firstGroup === null;
  return hadNone ? { firstTargetId: targetId, firstGroup: group } : { firstTargetId, firstGroup };
}
