import type { DegreeDayModel } from '#core/degree-days';
import { useWidth } from '../../parts/use-width.ts';
import { useShow } from '../../show/use-show.ts';

const [HEIGHT, LEFT, BOTTOM] = [270, 46, 26];
const USUAL_WIDTH = 640;
const STEPS = 96;

interface DayDrawingProps {
  readonly day: { readonly minC: number; readonly maxC: number };
  readonly nextMinC: number;
  readonly model: DegreeDayModel;
}

/** One day's temperature as a method draws it, its thresholds, and the heat that counts, shaded. */
export function DayDrawing({ day, nextMinC, model }: DayDrawingProps) {
  const show = useShow();
  // Drawn at the width it has, so that its words keep their size on a phone.
  const [ref, measured] = useWidth<SVGSVGElement>();
  const width = measured || USUAL_WIDTH;
  const { lowerC, upperC, method, cutoff } = model;
  const curve = Array.from({ length: STEPS + 1 }, (_, i) => ({
    part: i / STEPS,
    valueC: temperatureAt(i / STEPS, day, nextMinC, method),
  }));
  const lowest = Math.min(day.minC, nextMinC, lowerC) - 3,
    highest = Math.max(day.maxC, upperC ?? -Infinity, lowerC) + 2;
  const x = (part: number) => LEFT + part * (width - LEFT - 8);
  const y = (valueC: number) => 8 + ((highest - valueC) / (highest - lowest)) * (HEIGHT - BOTTOM - 8);
  const line = curve
    .map(({ part, valueC }, i) => `${i === 0 ? 'M' : 'L'}${x(part).toFixed(1)} ${y(valueC).toFixed(1)}`)
    .join('');
  const counted = curve
    .map(
      ({ part, valueC }) =>
        `${x(part).toFixed(1)},${y(Math.max(lowerC, countsTo(valueC, model))).toFixed(1)}`,
    )
    .join(' ');
  const lost = upperC !== null && cutoff === 'intermediate';
  const marks: [number, string, number][] = [
    [lowerC, 'lower threshold', 17],
    ...(upperC === null ? [] : [[upperC, 'upper threshold', -5] as [number, string, number]]),
  ];
  return (
    <svg
      ref={ref}
      className="w-full"
      height={HEIGHT}
      role="img"
      aria-label={`The day rises from ${show.temperature(day.minC)} to ${show.temperature(day.maxC)} and falls to ${show.temperature(method.startsWith('double') ? nextMinC : day.minC)}; what lies above ${show.temperature(lowerC)}${upperC === null || cutoff === 'none' ? '' : ` and is not cut off above ${show.temperature(upperC)}`} is shaded`}
    >
      <polygon
        points={`${x(0)},${y(lowerC)} ${counted} ${x(1)},${y(lowerC)}`}
        fill="var(--husk-pale)"
        stroke="none"
      />
      {lost && (
        <polygon
          points={`${x(0)},${y(upperC)} ${curve.map(({ part, valueC }) => `${x(part).toFixed(1)},${y(Math.max(upperC, valueC)).toFixed(1)}`).join(' ')} ${x(1)},${y(upperC)}`}
          fill="var(--color-error)"
          fillOpacity="0.18"
        />
      )}
      {marks.map(([valueC, name, shift]) => (
        <g key={name}>
          <line
            x1={LEFT}
            x2={width - 8}
            y1={y(valueC)}
            y2={y(valueC)}
            stroke="var(--ink-soft)"
            strokeDasharray="5 4"
          />
          <text x={width - 12} y={y(valueC) + shift} textAnchor="end" fontSize="13" fill="var(--ink-soft)">
            {name} {show.temperature(valueC)}
          </text>
        </g>
      ))}
      <path d={line} fill="none" stroke="var(--bark-3)" strokeWidth="2.5" />
      {[day.minC, day.maxC].map((valueC, i) => (
        <text key={i} x={LEFT - 6} y={y(valueC) + 4} textAnchor="end" fontSize="13" fill="var(--ink-soft)">
          {show.temperature(valueC).replace(/ .*/, '°')}
        </text>
      ))}
      {[
        ['night', 0],
        ['midday', 0.5],
        ['next night', 1],
      ].map(([name, part]) => (
        <text
          key={name}
          x={x(Number(part))}
          y={HEIGHT - 8}
          textAnchor={part === 0 ? 'start' : part === 1 ? 'end' : 'middle'}
          fontSize="13"
          fill="var(--ink-soft)"
        >
          {name}
        </text>
      ))}
    </svg>
  );
}

/**
 * Temperature at a part of the day, 0 at its lowest, ½ at its highest, 1 at the next lowest, as a
 * method takes it.
 */
function temperatureAt(
  part: number,
  { minC, maxC }: DayDrawingProps['day'],
  nextMinC: number,
  method: DegreeDayModel['method'],
): number {
  if (method === 'average') return (minC + maxC) / 2;
  const endC = method.startsWith('double') ? Math.min(nextMinC, maxC) : minC;
  const [fromC, rise] = part <= 0.5 ? [minC, part * 2] : [endC, (1 - part) * 2];
  return fromC + (maxC - fromC) * (method.endsWith('sine') ? (1 - Math.cos(Math.PI * rise)) / 2 : rise);
}

/** Up to where the shading goes at a temperature: nothing at all above a vertical cutoff. */
function countsTo(valueC: number, { lowerC, upperC, cutoff }: DegreeDayModel): number {
  if (upperC === null || cutoff === 'none' || valueC <= upperC) return valueC;
  return cutoff === 'vertical' ? lowerC : upperC;
}
