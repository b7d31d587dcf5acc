import { middleOf } from '#core/ground';
import type { GroundShape } from '#core/records';
import type { StandingPlant } from './drawn-things.ts';
import { labelsThatFit } from './labels.ts';
import { SHAPE_WORDS } from './shape-words.ts';
import type { PlanView } from './use-plan-view.ts';
import { inFrame } from './view.ts';

/** Crowns narrower than this carry no number, px. */
const LEAST_FOR_NUMBER_PX = 14;
/** With more plants than this small crowns carry no name, px. */
const MOST_NAMED = 60;
const LEAST_FOR_NAME_PX = 26;

/** Names under crowns and on shapes, levels on crowns: in the frame's own size, whatever the scale. */
export function PlanNames({
  plan: { view },
  plants,
  shapes,
  heldId,
}: {
  readonly plan: PlanView;
  readonly plants: readonly StandingPlant[];
  readonly shapes: readonly GroundShape[];
  readonly heldId: string | null;
}) {
  // Of many small ones only those that carry something are named; all are when one looks nearer.
  const isNamed = ({ plant, crown }: StandingPlant) =>
    plants.length <= MOST_NAMED || plant.level !== null || heldId === plant.id
      ? true
      : 2 * crown.radiusM * view.pxPerM >= LEAST_FOR_NAME_PX;
  const wanted = [
    ...plants.filter(isNamed).map(({ plant, crown }) => {
      const [xPx] = inFrame(view, middleOf(crown));
      const [, topPx] = inFrame(view, { xM: 0, yM: Math.min(crown.from.yM, crown.to.yM) - crown.radiusM });
      const [, downPx] = inFrame(view, { xM: 0, yM: Math.max(crown.from.yM, crown.to.yM) + crown.radiusM });
      const weight =
        heldId === plant.id ? 1000 : 20 * (plant.level?.level ?? 0) + (plant.due ? 10 : 0) + plant.spreadM;
      const places = [
        [xPx, downPx + 15],
        [xPx, topPx - 7],
      ] as const;
      return { id: plant.id, text: plant.name, places, weight, isPlant: true };
    }),
    ...shapes
      .filter(({ kind, lengthM }) => kind !== 'fence' && kind !== 'path' && lengthM * view.pxPerM > 44)
      .map((shape) => {
        const [xPx, yPx] = inFrame(view, shape);
        const text = shape.name || SHAPE_WORDS[shape.kind];
        const highPx = (shape.depthM * view.pxPerM) / 2;
        const places = [
          [xPx, yPx + 4],
          [xPx, yPx + highPx - 6],
          [xPx, yPx - highPx + 14],
        ] as const;
        return { id: shape.id, text, places, weight: 5, isPlant: false };
      }),
  ];
  const numbers = plants.flatMap(({ plant, crown }) => {
    if (!plant.level || 2 * crown.radiusM * view.pxPerM < LEAST_FOR_NUMBER_PX) return [];
    const [xPx, yPx] = inFrame(view, middleOf(crown));
    return [{ id: plant.id, level: plant.level.level, xPx, yPx: yPx + 4.5, halfPx: 5 }];
  });
  return (
    <g aria-hidden="true" pointerEvents="none">
      {labelsThatFit(wanted, numbers).map(({ id, text, xPx, yPx, isPlant }) => (
        <text
          key={id}
          x={xPx}
          y={yPx}
          textAnchor="middle"
          fontSize="12.5"
          fontWeight={heldId === id ? 700 : 400}
          fill={isPlant ? 'var(--color-base-content)' : 'var(--ink-soft)'}
          style={{ paintOrder: 'stroke', stroke: 'var(--ground-of-plan)', strokeWidth: isPlant ? 3 : 0 }}
        >
          {text}
        </text>
      ))}
      {numbers.map(({ id, level, xPx, yPx }) => (
        <text
          key={id}
          x={xPx}
          y={yPx}
          textAnchor="middle"
          fontSize="13"
          fontWeight="700"
          fill={level > 2 ? 'var(--on-dark-bark)' : 'var(--on-light-bark)'}
          style={{ paintOrder: 'stroke', stroke: `var(--bark-${level})`, strokeWidth: level > 0 ? 4 : 0 }}
        >
          {level}
        </text>
      ))}
    </g>
  );
}
