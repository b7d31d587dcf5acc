import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Answers, Naming } from '#core/identify';
import { targetById, inSentence } from '#knowledge';
import type { WatchPicture } from '#engine';
import { newId } from '../../api/new-id.ts';
import { usePutInspection, usePutWatch, useWatch } from '../../api/queries.ts';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { useToday } from '../../show/use-show.ts';
import { NamingKey } from './naming-key.tsx';
import { useScene } from './use-scene.ts';
import { nameFrom } from './new-watch-page.tsx';

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
  const [answers, setAnswers] = useState<Answers>(picture.answers);
  const [coversTurned, setCoversTurned] = useState(0);
  const scene = useScene(plant.id);
  if (!scene)
    return (
      <p className="soft" role="status">
        Working it out…
      </p>
    );
  return (
    <>
      <PageHead
        title={`${plant.name}: what is it?`}
        lead={`Now called: ${inSentence(targetName)}. Answers from earlier looks are ticked; change what has changed.`}
      />
      <NamingKey
        scene={scene}
        answers={answers}
        onAnswers={setAnswers}
        coversTurned={coversTurned}
        onCoversTurned={setCoversTurned}
        action={(naming) => (
          <KeepName
            picture={picture}
            naming={naming}
            answers={answers}
            coversTurned={coversTurned}
            key={watch.id}
          />
        )}
      />
    </>
  );
}

function KeepName({
  picture,
  naming,
  answers,
  coversTurned,
}: {
  picture: WatchPicture;
  naming: Naming;
  answers: Answers;
  coversTurned: number;
}) {
  const { watch } = picture;
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const putWatch = usePutWatch();
  const putInspection = usePutInspection();
  const [inspectionId] = useState(newId);
  const name = nameFrom(naming);
  const renames = name.group !== null && (name.targetId !== watch.targetId || name.group !== watch.group);
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
    if (rename) await putWatch.mutateAsync({ from: watch, to: { ...watch, ...name } });
    say(
      rename ? 'The watch has its new name.' : 'What you saw is kept.',
      rename ? () => putWatch.mutate({ from: { ...watch, ...name }, to: watch }) : undefined,
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
      {error && (
        <p role="alert" className="text-error font-semibold">
          {error.message}
        </p>
      )}
    </div>
  );
}
