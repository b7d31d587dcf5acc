import { type Protocol, PROTOCOL_SHAPES, type Unit } from '#core/sampling';
import { PROTOCOL_TEXTS } from '#knowledge';
import { significant } from '../../../show/units.ts';

/** Every unit so far with its main number, the one in hand outlined, those still to come pale. */
export function UnitStrip({
  protocol,
  units,
  wanted,
}: {
  protocol: Protocol;
  units: readonly Unit[];
  wanted: number;
}) {
  const {
    measure: { item },
    items,
  } = PROTOCOL_SHAPES[protocol];
  const show = (unit: Unit) =>
    items[item] === 'yes-no' ? (unit.counts[item] === 1 ? '✓' : '–') : significant(unit.counts[item]!, 1);
  const shown = units.slice(0, Math.max(wanted, units.length));
  return (
    <ol
      className="flex flex-wrap gap-1.5 my-3"
      aria-label={`${PROTOCOL_TEXTS[protocol].measureName}, by ${PROTOCOL_TEXTS[protocol].unit[0]}`}
    >
      {shown.map((unit, i) => (
        <li
          key={i}
          aria-current={i === units.length - 1 ? 'step' : undefined}
          className={`flex-1 basis-7 max-w-12 h-9 grid place-items-center rounded-md text-sm font-semibold ${i === units.length - 1 ? 'bg-base-100 outline-2 outline-primary' : 'bg-(--husk-pale) text-(--husk-deep)'}`}
        >
          {i === units.length - 1 && items[item] === 'yes-no' ? '' : show(unit)}
        </li>
      ))}
      {Array.from({ length: Math.max(0, wanted - units.length) }, (_, i) => (
        <li
          key={`empty${i}`}
          aria-hidden="true"
          className="flex-1 basis-7 max-w-12 h-9 rounded-md border border-base-300"
        />
      ))}
    </ol>
  );
}
