import type { FigureRange } from '#core/season-model';
import { between, range } from './plan-figure.ts';

/** How long a hatch lasts at one place, one in twenty to nineteen in twenty. Rules of thumb, grade C. */
interface HatchSpan {
  readonly days: FigureRange;
  /** °C·days above 10 °C, where that was published. */
  readonly heatCd: FigureRange | null;
}

const span = (days: FigureRange, heatCd: FigureRange | null = null): HatchSpan => ({ days, heatCd });

const SHORT = span(between(10, 14), between(80, 150));
const MIDDLING = span(range(14, 18, 21), between(110, 160));
const WEEKS = span(between(14, 28));
const LONG = span(between(40, 60));
/** Hatching goes on all season: the first wave of it. */
const RUNNING_ON = span(between(40, 80));

const BY_TARGET: Readonly<Record<string, HatchSpan>> = {
  'pine-needle-scale': SHORT,
  'oystershell-scale': SHORT,
  'euonymus-scale': MIDDLING,
  'juniper-scale': MIDDLING,
  'white-prunicola-scale': MIDDLING,
  'calico-scale': WEEKS,
  'european-fruit-lecanium': WEEKS,
  'oak-lecanium': WEEKS,
  'cottony-maple-scale': span(range(21, 30, 40)),
  'san-jose-scale': span(between(28, 42), between(170, 280)),
  'tuliptree-scale': span(range(28, 36, 45)),
  'crapemyrtle-bark-scale': span(range(30, 38, 45)),
  'obscure-scale': LONG,
  'magnolia-scale': LONG,
  'california-red-scale': RUNNING_ON,
  'tea-scale': RUNNING_ON,
  'brown-soft-scale': RUNNING_ON,
  'citrus-snow-scale': RUNNING_ON,
  'boxwood-leaf-miner': span(between(10, 14)),
  'holly-leaf-miner': span(range(21, 30, 42)),
};
const USUAL = span(range(18, 28, 42));

export const hatchSpanOf = (targetId: string | null): HatchSpan =>
  (targetId !== null && BY_TARGET[targetId]) || USUAL;
