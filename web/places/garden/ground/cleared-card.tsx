import { levelOf } from '#core/sampling';
import type { PlanMaterial, YearsOutcome } from '#engine';
import { levelBounds } from '#knowledge';
import { useWatch } from '../../../api/queries.ts';
import { usePlan } from '../../../api/timing.ts';
import { LEVEL_WORDS } from '../../../show/level-words.ts';
import { cutsOf } from '../../when/plan/cuts-of.ts';
import { useAsked } from '../../when/plan/use-asked.ts';

const AFTER_YEARS = 2;

/** What a plant would carry in two years if the one it is fed from were cleared, by its season's model. */
export function ClearedCard({
  watchId,
  sourceName,
}: {
  readonly watchId: string;
  readonly sourceName: string;
}) {
  const plan = usePlan(watchId).data;
  if (plan?.kind !== 'plan' || !plan.figures.source) return null;
  return <Cleared watchId={watchId} sourceName={sourceName} material={plan} />;
}

function Cleared({
  watchId,
  sourceName,
  material,
}: {
  readonly watchId: string;
  readonly sourceName: string;
  readonly material: PlanMaterial;
}) {
  const picture = useWatch(watchId).data;
  const plantName = picture?.plant.name ?? '';
  const cuts = cutsOf(material);
  const asked = useAsked(material, true, (remote) => remote.yearsAhead(cuts), `cleared ${watchId}`);
  if (asked.failed) return <p role="alert">{asked.failed}</p>;
  const last = picture?.samples.at(-1);
  const bounds = last && levelBounds(last.protocol, picture?.watch.group ?? null);
  const outcomeOf = (way: YearsOutcome['way']) =>
    asked.answer?.find((outcome) => outcome.way === way)?.levels[AFTER_YEARS - 1];
  const without = outcomeOf('plan-source-cleared');
  const beside = outcomeOf('plan') ?? outcomeOf('left-alone');
  return (
    <section aria-label={`If ${sourceName} were cleared`} className="sheet p-4 text-[0.93rem]">
      <p>
        <b className="font-semibold">If {sourceName} were cleared,</b>{' '}
        {!asked.answer && <span className="soft">it is being worked out …</span>}
        {without && beside && last && bounds && (
          <>
            {plantName} would hold {levelAfter(without.median, last.summary.measure.value, bounds.value)} in
            two years instead of {levelAfter(beside.median, last.summary.measure.value, bounds.value)},{' '}
            {outcomeOf('plan') ? 'with what is planned each year' : 'with nothing else done'}: of 100 now{' '}
            {rangeOf(without)} instead of {rangeOf(beside)}.
          </>
        )}
        {without && beside && !(last && bounds) && (
          <>
            of 100 there now {rangeOf(without)} would be left in two years instead of {rangeOf(beside)}.
          </>
        )}
      </p>
      <p className="soft text-sm mt-1">
        The middle of 200 possible runs of years by the season model, eight in ten between the ends; grade C.
      </p>
    </section>
  );
}

const rangeOf = ({ median, low, high }: { median: number; low: number; high: number }) =>
  `${Math.round(median)} (${Math.round(low)}–${Math.round(high)})`;

function levelAfter(of100: number, now: number, bounds: Parameters<typeof levelOf>[1]): string {
  const level = levelOf((now * of100) / 100, bounds);
  return `${level} ${LEVEL_WORDS[level]}`;
}
