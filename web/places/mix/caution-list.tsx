import { makesHoneydew } from '#core/identify';
import type { Garden } from '#core/records';
import {
  beliefsAbout,
  cautionsFor,
  countryNotesFor,
  hostById,
  materialById,
  oilTopC,
  schoolsFor,
} from '#knowledge';
import type { BenchWatch, WatchPicture } from '#engine';
import { Link } from 'react-router';
import { Beliefs } from '../../parts/beliefs.tsx';
import type { Tank } from './use-tank.ts';

const FISH_POISON = new Set(['bifenthrin', 'malathion', 'pyrethrins', 'copper', 'copper-soap', 'bordeaux']);

/** The cautions that apply to this spray, once each, the serious ones first. */
export function CautionList({
  tank,
  watches,
  group,
  garden,
}: {
  tank: Tank;
  watches: readonly BenchWatch[];
  group: WatchPicture['watch']['group'];
  garden: Garden;
}) {
  const materials = tank.loads.map(({ choice: { product } }) => materialById(product.materialId));
  const lines = tank.loads.map(({ choice: { line } }) => line);
  const longest = (values: readonly (number | null)[]) =>
    values.reduce<number | null>((most, value) => (value === null ? most : Math.max(most ?? 0, value)), null);
  const cautions = cautionsFor({
    edible: watches.some(({ plant }) => plant.edible),
    inLeaf: watches.some(({ leafState }) => leafState === 'in-leaf'),
    oil: tank.loads.some(
      ({ choice: { product } }) => product.containsOil || materialById(product.materialId).isOil,
    ),
    harmsBees: materials.some(({ harmsBees }) => harmsBees),
    beesVisitBloom: watches.some(
      ({ plant, leafState, bloom }) =>
        hostById(plant.hostId).beesVisitBloom && (leafState === 'in-leaf' || bloom.kind === 'open'),
    ),
    honeydewMaker: makesHoneydew(group),
    licensed: materials.some(({ licensed }) => licensed),
    fishPoison: materials.some(({ id }) => FISH_POISON.has(id)),
    country: garden.country,
    beyondReach: watches.some(({ plant }) => plant.heightM > tank.sprayer.reachM),
    oilTopC: Math.min(
      ...watches.map(({ plant }) => oilTopC(schoolsFor(garden, plant))),
      ...lines.map(({ greatestC }) => greatestC ?? Infinity),
    ),
    daysToHarvest: longest(lines.map(({ daysToHarvest }) => daysToHarvest)),
    reentryHours: longest(lines.map(({ reentryHours }) => reentryHours)),
  });
  return (
    <section aria-label="Cautions" className="print-card">
      <h2 className="mb-2">Before you spray</h2>
      <ul className="sheet p-4 flex flex-col gap-1.5">
        {cautions.map(({ id, serious, text }) => (
          <li key={id} className={serious ? 'font-semibold text-error' : ''}>
            {text}
          </li>
        ))}
      </ul>
      {materials.map((material) => (
        <div key={material.id} className="no-print">
          <Beliefs beliefs={beliefsAbout('materialIds', material.id)} />
          {countryNotesFor(garden.country, material.id).map(({ says, grade }) => (
            <p key={says} className="mt-1 rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3">
              <b>{material.name}:</b> {says} (grade {grade})
            </p>
          ))}
          <p className="soft text-sm mt-1">
            {material.name} reaches {material.reaches}. Watch: {material.watch}.{' '}
            <Link className="link-husk" to={`/mix/meet?a=${material.id}`}>
              What it may meet
            </Link>
          </p>
        </div>
      ))}
    </section>
  );
}
