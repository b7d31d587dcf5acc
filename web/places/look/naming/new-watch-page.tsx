import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { addDays, type CivilDate, monthOf, yearOf } from '#core/calendar';
import { targetById, inSentence } from '#knowledge';
import { newId } from '../../../api/new-id.ts';
import { usePlants, usePutInspection, usePutWatch } from '../../../api/queries.ts';
import { Field } from '../../../parts/field.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { Answered, EmptyState, PageHead } from '../../../parts/page.tsx';
import { MONTH_NAMES } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { StepsLine } from '../../start/steps-line.tsx';
import { nameFrom } from './name-from.ts';
import { forgetDraft, type NamingDraft, useNamingDraft } from './naming-draft.ts';
import { type NameToKeep, NamingKey } from './naming-key.tsx';
import { useNamingScene } from './use-naming-scene.ts';

/** Something was noticed: on what, what does it look like, what is it? Opens the watch. */
export function NewWatchPage() {
  return <Answered question={usePlants()}>{(plants) => <NewWatch plants={plants} />}</Answered>;
}

type ListedPlants = NonNullable<ReturnType<typeof usePlants>['data']>;

function NewWatch({ plants }: { plants: ListedPlants }) {
  const [params] = useSearchParams();
  const [plantId, setPlantId] = useState(params.get('plant') ?? '');
  const growing = plants.filter((plant) => plant.retiredOn === null);
  const plant = growing.find((entry) => entry.id === plantId);
  if (growing.length === 0)
    return (
      <EmptyState title="There is no plant to look at yet.">
        <Link className="link-husk" to="/garden/new">
          Add the plant first
        </Link>
        .
      </EmptyState>
    );
  const plantField = (
    <Field label="On which plant" {...(plant ? {} : { hint: 'what grows on what is half the answer' })}>
      <select className="select w-full" value={plantId} onChange={(event) => setPlantId(event.target.value)}>
        <option value="">choose…</option>
        {growing.map((entry) => (
          <option key={entry.id} value={entry.id}>
            {entry.name}
          </option>
        ))}
        <option value={NO_PLANT}>on no plant: a wall, paving, a chair</option>
      </select>
    </Field>
  );
  return (
    <>
      {params.has('start') && <StepsLine at={3} />}
      <PageHead
        title="What have you noticed?"
        lead={
          <span className={plant ? 'hidden sm:inline' : ''}>
            Look at both leaf sides, along the midrib, twig undersides and old wood; a few branches, not one.
            “Not sure” is a good answer.
          </span>
        }
      />
      {plant ? (
        <NoticedOn key={plant.id} plantId={plant.id} plantField={plantField} />
      ) : (
        <div className="max-w-md mb-5">{plantField}</div>
      )}
      {plantId === NO_PLANT && <OnNoPlant />}
    </>
  );
}

const NO_PLANT = 'no-plant';

/** What sits on walls and paving is seldom a trouble: a quick way out, and what to look up for. */
function OnNoPlant() {
  return (
    <section aria-label="On no plant" className="sheet p-4 max-w-2xl">
      <h2 className="mb-2">Most likely no trouble of a plant</h2>
      <ul className="list-disc pl-5 flex flex-col gap-1">
        <li>Sticky or black on paving or a chair: look at the plant above it, and note it there.</li>
        <li>Grey, green or orange crusts on stone: lichen and algae. They harm nothing.</li>
        <li>
          Red specks that run on warm walls in spring: mites that live on moss. They leave by themselves.
        </li>
        <li>Flies, beetles and bugs in the sun or indoors in autumn: visitors. Let them out.</li>
        <li>
          Rows of seeds under a smear like dried mud, on stone or trunks in winter: perhaps eggs of a
          planthopper that many authorities want to hear of. Photograph them and ask yours.
        </li>
      </ul>
      <p className="mt-3 flex flex-wrap gap-2">
        <Link className="btn btn-primary" to="/look">
          Nothing to do
        </Link>
        <Link className="btn" to="/look/guide">
          Field guide
        </Link>
      </p>
    </section>
  );
}

function NoticedOn({ plantId, plantField }: { plantId: string; plantField: React.ReactNode }) {
  const { draft, change, startAnew } = useNamingDraft(plantId, {});
  const question = useNamingScene(plantId, { month: draft.seenMonth });
  const isBegun = Object.keys(draft.answers).length > 0 || draft.knownId !== null;
  return (
    <>
      {/* Once it is chosen, plant and time stand in one row above the question. */}
      <div className="mb-4 grid grid-cols-2 lg:grid-cols-[20rem_14rem_auto] gap-3 items-end">
        {plantField}
        <SeenWhen seenMonth={draft.seenMonth} onMonth={(seenMonth) => change({ seenMonth })} />
        {isBegun && (
          <button type="button" className="btn btn-sm min-h-11 justify-self-start" onClick={startAnew}>
            Start anew
          </button>
        )}
      </div>
      <Answered question={question}>
        {(seen) => (
          <NamingKey
            key={String(draft.seenMonth)}
            seen={seen}
            draft={draft}
            change={change}
            action={(name) => <OpenWatch plantId={plantId} name={name} draft={draft} />}
          />
        )}
      </Answered>
    </>
  );
}

const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1);

/** When it was seen: signs of spring are judged as such in winter, and winter programmes follow them. */
function SeenWhen({
  seenMonth,
  onMonth,
}: {
  seenMonth: number | null;
  onMonth: (month: number | null) => void;
}) {
  return (
    <Field label="Seen when">
      <select
        className="select w-full"
        value={seenMonth ?? ''}
        onChange={(event) => onMonth(event.target.value === '' ? null : Number(event.target.value))}
      >
        <option value="">now</option>
        {MONTHS.map((month) => (
          <option key={month} value={month}>
            last {MONTH_NAMES[month - 1]}
          </option>
        ))}
      </select>
    </Field>
  );
}

interface OpenWatchProps {
  readonly plantId: string;
  readonly name: NameToKeep;
  readonly draft: NamingDraft;
}

function OpenWatch({ plantId, name: toKeep, draft }: OpenWatchProps) {
  const { naming, namedBy } = toKeep;
  const { answers, coversTurned, seenMonth } = draft;
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
  const name = nameFrom(toKeep);
  // What was seen earlier is kept under the month it was seen in; the watch begins then.
  const seenOn = seenMonth === null ? today : lastDayOfMonth(seenMonth, today);
  const noTrouble = name.group === 'no-trouble' || name.group === 'helper';
  const openTwo = async (targetIds: readonly [string, string]) => {
    for (const [i, targetId] of targetIds.entries()) {
      const watchId = i === 0 ? ids.watch : ids.second;
      await putWatch.mutateAsync({
        from: null,
        to: {
          id: watchId,
          plantId,
          openedOn: seenOn,
          targetId,
          group: targetById(targetId).group,
          note: '',
          outcome: 'open',
          outcomeOn: null,
          sourcePlantId: null,
          firstTargetId: targetId,
          firstGroup: targetById(targetId).group,
          namedBy: 'key',
        },
      });
      await putInspection.mutateAsync({
        id: i === 0 ? ids.inspection : ids.secondInspection,
        watchId,
        on: seenOn,
        answers,
        coversTurned,
      });
    }
    forgetDraft(plantId);
    say('Two watches are open.');
    await navigate('/look');
  };
  const open = async () => {
    await putWatch.mutateAsync({
      from: null,
      to: {
        id: ids.watch,
        plantId,
        openedOn: seenOn,
        ...name,
        note: '',
        outcome: noTrouble ? 'ruled-out' : 'open',
        outcomeOn: noTrouble ? today : null,
        sourcePlantId: null,
        firstTargetId: name.targetId,
        firstGroup: name.group,
        namedBy: name.group === null ? null : namedBy,
      },
    });
    if (Object.keys(answers).length > 0)
      await putInspection.mutateAsync({
        id: ids.inspection,
        watchId: ids.watch,
        on: seenOn,
        answers,
        coversTurned,
      });
    forgetDraft(plantId);
    say(noTrouble ? 'Noted as no trouble.' : 'The watch is open.');
    await navigate(`/look/${ids.watch}`);
  };
  const error = putWatch.error ?? putInspection.error;
  return (
    <>
      <button
        type="button"
        className={`btn w-full h-auto min-h-12 py-2 ${name.group !== null || naming.step !== 'look-on' ? 'btn-primary' : ''}`}
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

/** The last day of a month that is over: of this year, or of the last. */
function lastDayOfMonth(month: number, today: CivilDate): CivilDate {
  const thisYear = yearOf(today);
  const year = month < monthOf(today) ? thisYear : thisYear - 1;
  const first = month === 12 ? `${year + 1}-01-01` : `${year}-${String(month + 1).padStart(2, '0')}-01`;
  return addDays(first, -1);
}
