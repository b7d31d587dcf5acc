import { makesHoneydew } from '#core/identify';
import { useLimits, type LeafState } from '#core/materials';
import type { Bloom } from '#core/plan';
import type { Sprayer } from '#core/records';
import { beliefsAbout, cautionsFor, hostById, materialById, oilTopC } from '#knowledge';
import type { WatchPicture } from '#server/answers/watch-picture';
import { Link } from 'react-router';
import { useGarden, useMetBefore } from '../../api/queries.ts';
import { Beliefs } from '../../parts/beliefs.tsx';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import type { LineChoice } from './bench-choice.ts';

interface CautionListProps {
  readonly picture: WatchPicture;
  readonly choice: LineChoice;
  readonly leafState: LeafState;
  readonly sprayer: Sprayer;
  readonly bloom: Bloom;
}

/** The cautions that apply to this spray, the serious ones first. */
export function CautionList({ picture: { plant, watch, sprays }, choice: { product, line }, leafState, sprayer, bloom }: CautionListProps) {
  const met = useMetBefore(plant.id, product.id).data ?? [];
  const schools = useGarden().data?.garden?.schools ?? {};
  const host = hostById(plant.hostId);
  const material = materialById(product.materialId);
  const cautions = cautionsFor({
    edible: plant.edible, inLeaf: leafState === 'in-leaf', oil: material.isOil || product.containsOil, harmsBees: material.harmsBees,
    beesVisitBloom: host.beesVisitBloom && (leafState === 'in-leaf' || bloom.kind === 'open'), bloom: bloom.kind, honeydewMaker: makesHoneydew(watch.group),
    beyondReach: plant.heightM > sprayer.reachM, hostOil: host.oil, oilTopC: Math.min(oilTopC(schools), line.greatestC ?? Infinity), daysToHarvest: line.daysToHarvest, reentryHours: line.reentryHours,
  });
  const limits = useLimits(line, sprays.filter((spray) => spray.productId === product.id).map((spray) => spray.on), useToday());
  return (
    <section aria-label="Cautions">
      <h2 className="mb-2">Before you spray</h2>
      <ul className="sheet p-4 flex flex-col gap-1.5">
        {limits.notBefore && <li className="font-semibold text-error">Too soon: by its label not before {showDate(limits.notBefore)}.</li>}
        {limits.usesLeft === 0 && <li className="font-semibold text-error">The label's number of uses for this year is used up.</li>}
        {met.map((earlier) => <li key={`${earlier.on} ${earlier.productName}`} className="font-semibold text-error">{earlier.productName} went on it on {showDate(earlier.on)}: not before {showDate(earlier.freeFrom)}. {earlier.meeting.rules[0]!.says}</li>)}
        {cautions.map(({ id, serious, text }) => <li key={id} className={serious ? 'font-semibold text-error' : ''}>{text}</li>)}
      </ul>
      <Beliefs beliefs={beliefsAbout('materialIds', material.id)} />
      <p className="soft text-sm mt-1">{material.name} reaches {material.reaches}. Watch: {material.watch}. <Link className="link-husk" to={`/mix/meet?a=${material.id}`}>What it may meet</Link></p>
    </section>
  );
}
