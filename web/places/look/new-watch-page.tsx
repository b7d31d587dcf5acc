import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { Answers, Naming, TargetGroup } from '#core/identify';
import { targetById, inSentence } from '#knowledge';
import { newId } from '../../api/new-id.ts';
import { usePlants, usePutInspection, usePutWatch } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { useToday } from '../../show/use-show.ts';
import { StepsLine } from '../start/steps-line.tsx';
import { NamingKey } from './naming-key.tsx';
import { useScene } from './use-scene.ts';

/** Something was noticed: on what, what does it look like, what is it? Opens the watch. */
export function NewWatchPage() {
  return <Answered question={usePlants()}>{(plants) => <NewWatch plants={plants} />}</Answered>;
}

type ListedPlants = NonNullable<ReturnType<typeof usePlants>['data']>;

function NewWatch({ plants }: { plants: ListedPlants }) {
  const [params] = useSearchParams();
  const [plantId, setPlantId] = useState(params.get('plant') ?? '');
  const [answers, setAnswers] = useState<Answers>({});
  const [coversTurned, setCoversTurned] = useState(0);
  const growing = plants.filter((plant) => plant.retiredOn === null);
  const plant = growing.find((entry) => entry.id === plantId);
  const scene = useScene(plant?.id);
  if (growing.length === 0)
    return (
      <EmptyState title="There is no plant to look at yet.">
        <Link className="link-husk" to="/garden/new">
          Add the plant first
        </Link>
        .
      </EmptyState>
    );
  return (
    <>
      {params.has('start') && <StepsLine at={3} />}
      <PageHead
        title="What have you noticed?"
        lead="Look at both leaf sides, along the midrib, twig undersides and old wood; a few branches, not one. Tick what you see; leave what you are not sure of."
      />
      <div className="max-w-md mb-5">
        <Field label="On which plant" hint="what grows on what is half the answer">
          <select
            className="select w-full"
            value={plantId}
            onChange={(event) => setPlantId(event.target.value)}
          >
            <option value="">choose…</option>
            {growing.map((entry) => (
              <option key={entry.id} value={entry.id}>
                {entry.name}
              </option>
            ))}
          </select>
        </Field>
      </div>
      {plant && scene && (
        <NamingKey
          scene={scene}
          answers={answers}
          onAnswers={setAnswers}
          coversTurned={coversTurned}
          onCoversTurned={setCoversTurned}
          action={(naming) => (
            <OpenWatch plantId={plant.id} naming={naming} answers={answers} coversTurned={coversTurned} />
          )}
        />
      )}
    </>
  );
}

interface OpenWatchProps {
  readonly plantId: string;
  readonly naming: Naming;
  readonly answers: Answers;
  readonly coversTurned: number;
}

function OpenWatch({ plantId, naming, answers, coversTurned }: OpenWatchProps) {
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const putWatch = usePutWatch();
  const putInspection = usePutInspection();
  const [ids] = useState(() => ({
    watch: newId(),
    inspection: newId(),
    second: newId(),
    secondInspection: newId(),
  }));
  const name = nameFrom(naming);
  const noTrouble = name.group === 'no-trouble' || name.group === 'helper';
  const openTwo = async (targetIds: readonly [string, string]) => {
    for (const [i, targetId] of targetIds.entries()) {
      const watchId = i === 0 ? ids.watch : ids.second;
      await putWatch.mutateAsync({
        from: null,
        to: {
          id: watchId,
          plantId,
          openedOn: today,
          targetId,
          group: targetById(targetId).group,
          note: '',
          outcome: 'open',
          outcomeOn: null,
          sourcePlantId: null,
        },
      });
      await putInspection.mutateAsync({
        id: i === 0 ? ids.inspection : ids.secondInspection,
        watchId,
        on: today,
        answers,
        coversTurned,
      });
    }
    say('Two watches are open.');
    await navigate('/look');
  };
  const open = async () => {
    await putWatch.mutateAsync({
      from: null,
      to: {
        id: ids.watch,
        plantId,
        openedOn: today,
        ...name,
        note: '',
        outcome: noTrouble ? 'ruled-out' : 'open',
        outcomeOn: noTrouble ? today : null,
        sourcePlantId: null,
      },
    });
    if (Object.keys(answers).length > 0)
      await putInspection.mutateAsync({
        id: ids.inspection,
        watchId: ids.watch,
        on: today,
        answers,
        coversTurned,
      });
    say(noTrouble ? 'Noted as no trouble.' : 'The watch is open.');
    await navigate(`/look/${ids.watch}`);
  };
  const error = putWatch.error ?? putInspection.error;
  return (
    <>
      <button
        type="button"
        className="btn btn-primary w-full h-auto min-h-12 py-2"
        disabled={putWatch.isPending}
        onClick={() => void open().catch(() => undefined)}
      >
        {noTrouble
          ? `Note it: ${name.targetId ? inSentence(targetById(name.targetId).name) : 'no trouble'}`
          : name.targetId
            ? `Open a watch: ${inSentence(targetById(name.targetId).name)}`
            : name.group
              ? 'Open a watch on the group'
              : 'Open a watch, name it later'}
      </button>
      {naming.two && (
        <button
          type="button"
          className="btn w-full h-auto min-h-12 py-2 mt-2"
          disabled={putWatch.isPending}
          onClick={() => void openTwo(naming.two!.targetIds).catch(() => undefined)}
        >
          Open two watches: {naming.two.targetIds.map((id) => inSentence(targetById(id).name)).join(' and ')}
        </button>
      )}
      {error && (
        <p role="alert" className="text-error font-semibold mt-2">
          {error.message}
        </p>
      )}
    </>
  );
}

/** The name a verdict gives a watch: a target with its group, a group alone, or neither. */
export function nameFrom({ verdict }: Naming): { targetId: string | null; group: TargetGroup | null } {
  if (verdict.kind === 'named')
    return { targetId: verdict.targetId, group: targetById(verdict.targetId).group };
  return { targetId: null, group: verdict.kind === 'group' ? verdict.group : null };
}
