import { Link } from 'react-router';
import type { OptionId } from '#core/decide';
import { blankSeries, blankStep } from '#core/records';
import { type Level, PROTOCOL_SHAPES } from '#core/sampling';
import { capital } from '../../show/sentence.ts';
import { inSentence, levelBounds, PROTOCOL_TEXTS, WEIGH_OPTIONS } from '#knowledge';
import type { CivilDate } from '#core/calendar';
import type { CountedSeason, SummedSample, WatchPicture } from '#engine';
import { useSeasons } from '../../api/queries.ts';
import { useWeighed } from '../../api/weighing.ts';
import { GradeMark } from '../../parts/grade-mark.tsx';
import { useSeries } from '../../parts/series/use-series.ts';
import { showDate } from '../../show/dates.ts';
import { levelWords, showMeasureOf, unitWords } from '../../show/measures.ts';
import { showShare, showShareRange } from '../../show/units.ts';
import { useToday } from '../../show/use-show.ts';
import { changeWords } from '../seasons/change-words.ts';
import { levelBoundsWords } from '../../show/level-bounds-words.ts';
import { SpurVerdicts } from './spur-findings.tsx';
import { useEndWatch } from './use-end-watch.ts';

/** Days until the next look, where nothing is done now (rule of thumb, grade C). */
const LOOK_AGAIN = { leastDays: 14, mostDays: 21 } as const;

/** What a count that was just made says, and what may follow from it, with one button each. */
export function DecisionPanel({ picture, sample }: { picture: WatchPicture; sample: SummedSample }) {
  const today = useToday();
  const { watch, plant } = picture;
  const { measure, level, holedShare } = sample.summary;
  const seasons = useSeasons(watch.id).data?.seasons;
  const best = useWeighed(watch.id, {}).data?.weighed.options[0];
  return (
    <section
      aria-label="What this count says"
      className="sheet p-5 flex flex-col gap-3 border-primary! border-2!"
    >
      <h2 className="text-base-content!">What this count says</h2>
      <ul className="flex flex-col gap-1">
        <li>
          <b className="font-semibold">{showMeasureOf(sample.protocol, measure)}</b>,{' '}
          {unitWords(sample.protocol, measure.units)}, {showDate(sample.on, today)}
          {level && `: ${levelWords(level)}`}.
          {level && <BoundsOf picture={picture} sample={sample} level={level.level} />}
        </li>
        <OtherItems sample={sample} />
        {holedShare && (
          <li>
            {holedShare.value > 0
              ? `${showShareRange(holedShare)} of them are holed: wasps hatched there.`
              : 'None of them is holed: no wasp hatched there.'}
          </li>
        )}
        {seasons && <li>{sinceWords(seasons, sample.id, today)}</li>}
        {best && (
          <li>
            <b className="font-semibold">{WEIGH_OPTIONS[best.option].name}</b> is weighed first
            {best.rules[0] && (
              <>
                : {best.rules[0].says} <GradeMark grade={best.rules[0].grade} />
              </>
            )}{' '}
            <Link className="link-husk" to={`/look/${watch.id}/weigh`}>
              All ways, and why
            </Link>
          </li>
        )}
      </ul>
      {watch.outcome === 'open' && (
        <NextSteps
          picture={picture}
          canSpray={!plant.outOfReach && watch.group !== null}
          best={best?.option ?? null}
        />
      )}
    </section>
  );
}

/** Where the level of a count begins and ends. */
function BoundsOf({ picture, sample, level }: { picture: WatchPicture; sample: SummedSample; level: Level }) {
  const words = levelBoundsWords(sample.protocol, picture.watch.group, sample.summary.measure.kind, level);
  const bounds = levelBounds(sample.protocol, picture.watch.group);
  if (!words || !bounds) return null;
  return (
    <span className="soft">
      {' '}
      {capital(words)} <GradeMark grade={bounds.grade} />.
    </span>
  );
}

/** What else was written down for each unit: eggs and nymphs of a spur, larvae in mines, helpers on a tap. */
function OtherItems({ sample: { protocol, summary, units } }: { sample: SummedSample }) {
  const { items, unit } = PROTOCOL_TEXTS[protocol];
  const others = items.filter(
    ({ id }) => id !== PROTOCOL_SHAPES[protocol].measure.item && !COVER_ITEMS.includes(id),
  );
  const there = others.filter(({ id }) => summary.found[id]!.value > 0);
  const missing = others.filter(({ id }) => summary.found[id]!.value === 0);
  return (
    <>
      {there.map(({ id, name }) => (
        <li key={id}>
          {name}: on {showShareRange(summary.found[id]!)} of {unit[1]}.
        </li>
      ))}
      {missing.length > 0 && (
        <li>
          Not found: {missing.map(({ name }) => inSentence(name)).join('; ')}. Each may still be on up to{' '}
          {showShare(summary.found[missing[0]!.id]!.high)} of {unit[1]}.
        </li>
      )}
      {protocol === 'spur' && (
        <li>
          <SpurVerdicts units={units} />
        </li>
      )}
    </>
  );
}

/** Told together, as the share that wasps left. */
const COVER_ITEMS: readonly string[] = ['live', 'dead', 'holed', 'holedScale'];

/** What changed since the count it is compared with, by its day. */
function sinceWords(seasons: readonly CountedSeason[], sampleId: string, today: CivilDate): string {
  const { change = null, since = null } = seasons.find((season) => season.sampleId === sampleId) ?? {};
  if (!change || !since) return 'The first count here: the next one tells what changes.';
  return `Since ${showDate(since, today)}: ${inSentence(changeWords(change))}`;
}

interface NextStepsProps {
  readonly picture: WatchPicture;
  readonly canSpray: boolean;
  /** What the weighing puts first. */
  readonly best: OptionId | null;
}

function NextSteps({ picture: { watch }, canSpray, best }: NextStepsProps) {
  const today = useToday();
  const { begin } = useSeries();
  const end = useEndWatch(watch);
  const wait = () =>
    void begin(
      blankSeries({
        id: '',
        name: 'Wait, and look again',
        watchId: watch.id,
        startedOn: today,
        steps: [blankStep({ action: 'look', trigger: { kind: 'after', ...LOOK_AGAIN } })],
      }),
    );
  return (
    <div className="flex flex-wrap gap-2">
      {canSpray && (
        <Link className={`btn btn-sm min-h-11 ${tone(best === 'spray-now')}`} to={`/mix?watch=${watch.id}`}>
          Mix now
        </Link>
      )}
      <a className={`btn btn-sm min-h-11 ${tone(best !== null && LATER_WORK.has(best))}`} href="#series">
        Plan it
      </a>
      <button
        type="button"
        className={`btn btn-sm min-h-11 ${tone(best !== null && WAITING.has(best))}`}
        onClick={wait}
      >
        Wait: look again in two to three weeks
      </button>
      <button type="button" className="btn btn-sm min-h-11" onClick={() => end('closed')}>
        Close the watch
      </button>
    </div>
  );
}

/** What is done on another day, and what is waited for. */
const LATER_WORK: ReadonlySet<OptionId> = new Set(['spray-in-window', 'winter-spray', 'by-hand']);
const WAITING: ReadonlySet<OptionId> = new Set(['leave', 'look-again', 'wait-for-helpers']);

const tone = (isFirst: boolean) => (isFirst ? 'btn-primary' : '');
