import { useMemo } from 'react';
import { footprintOf, type InTheLight, lightOf, sunlightOn } from '#core/ground';
import { hemisphereOf } from '#core/calendar';
import type { GroundAnswer } from '#engine';
import { useGarden, usePlants, usePutPlant } from '../../../api/queries.ts';
import { useChange } from '../../../parts/use-change.ts';
import { compassOf } from './compass.ts';

const LIGHT_WORDS = { sun: 'sunny', 'part-shade': 'half shade', shade: 'shade' } as const;

/** How sunny a plant stands by the drawing, and whether that is what was noted. */
export function SunlightLine({
  plantId,
  ground,
}: {
  readonly plantId: string;
  readonly ground: GroundAnswer;
}) {
  const { data: garden } = useGarden();
  const record = usePlants().data?.find(({ id }) => id === plantId);
  const change = useChange(usePutPlant());
  const sun = useMemo(
    () => (garden?.garden ? sunOf(ground, plantId, garden.garden.latitudeDeg, garden.today) : null),
    [ground, plantId, garden],
  );
  if (!sun || !record) return null;
  const light = lightOf(sun.summer.hours);
  const side = sun.spring.shadeSideDeg;
  return (
    <div className="text-[0.93rem]">
      <p>
        About {Math.round(sun.summer.hours)} of {Math.round(sun.summer.dayHours)} h of sun on a clear
        midsummer day, {Math.round(sun.spring.hours)} when day and night are equal: {LIGHT_WORDS[light]}
        {side !== null && `; its shady side is the ${compassOf(side, ground.upBearingDeg)}`}.{' '}
        <span className="soft">By the drawing, level ground, grade C.</span>
      </p>
      {record.light !== light && (
        <p className="mt-1">
          Noted as {LIGHT_WORDS[record.light]}.{' '}
          <button
            type="button"
            className="link-husk"
            onClick={() => {
              const { moves: _, watches: __, leaves: ___, touching: ____, ...plant } = record;
              change(plant, { ...plant, light }, 'Its light is noted.');
            }}
          >
            Note it as {LIGHT_WORDS[light]}
          </button>
        </p>
      )}
    </div>
  );
}

function sunOf(
  { plants, shapes, upBearingDeg }: GroundAnswer,
  plantId: string,
  latitudeDeg: number,
  today: string,
) {
  const crowns = plants.flatMap((plant) =>
    plant.spot ? [{ crown: footprintOf(plant.id, plant, plant.spot), heightM: plant.heightM }] : [],
  );
  const here = crowns.find(({ crown }) => crown.id === plantId);
  if (!here) return null;
  const others: InTheLight[] = [
    ...crowns.filter((other) => other !== here),
    ...shapes.flatMap((box) =>
      box.heightM === null || box.kind === 'glass' ? [] : [{ box, heightM: box.heightM }],
    ),
  ];
  const year = today.slice(0, 4);
  const midsummer = hemisphereOf(latitudeDeg) === 'north' ? '06-21' : '12-21';
  const on = (day: string) =>
    sunlightOn({ ...here, others, latitudeDeg, on: `${year}-${day}`, upBearingDeg });
  return { summer: on(midsummer), spring: on('03-20') };
}
