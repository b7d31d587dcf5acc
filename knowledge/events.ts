import type { DegreeDayModel } from '#core/degree-days';
import type { ClockStart, TimedEvent } from '#core/phenology';
import { celsiusDaysFromFahrenheitDays, celsiusFromFahrenheit } from '#core/units';

/** The scale both collections are counted on: base 50 °F, no upper threshold, single sine, from 1 January. */
export const BASE_50F: DegreeDayModel = {
  lowerC: celsiusFromFahrenheit(50),
  upperC: null,
  method: 'single-sine',
  cutoff: 'none',
};

const HERMS_NOTE =
  'First event seen in Ohio. Order and distance travel better than the value; warm winters shift it.';
const JOHNSON_NOTE =
  'A range for treating, gathered over regions; start and method of the sums are not certain.';

const FROM_NEW_YEAR: ClockStart = { kind: 'season' };

interface Published {
  readonly target: string;
  readonly model?: DegreeDayModel;
  readonly start?: ClockStart;
  /** What sets this figure apart from others of its kind and generation. */
  readonly part?: string;
  readonly sourceIds?: readonly string[];
  readonly unit?: string;
  readonly generation?: number;
  readonly stage?: TimedEvent['stage'];
  readonly grade?: TimedEvent['grade'];
  readonly note?: string;
}

function first(fahrenheitDays: number, published: Published): TimedEvent {
  const cd = celsiusDaysFromFahrenheitDays(fahrenheitDays);
  return event(
    'first',
    cd,
    cd,
    `${fahrenheitDays} °F·days, ${published.unit ?? 'base 50 °F'}`,
    ['herms-2004'],
    HERMS_NOTE,
    published,
  );
}

function window(fromFd: number, toFd: number, published: Published): TimedEvent {
  return event(
    'window',
    celsiusDaysFromFahrenheitDays(fromFd),
    celsiusDaysFromFahrenheitDays(toFd),
    `${fromFd}–${toFd} °F·days, ${published.unit ?? 'base 50 °F'}`,
    ['johnson'],
    JOHNSON_NOTE,
    published,
  );
}

function event(
  kind: TimedEvent['kind'],
  fromCd: number,
  toCd: number,
  published: string,
  sourceIds: readonly string[],
  note: string,
  {
    target,
    generation = 1,
    stage = 'crawlers',
    grade = 'B',
    note: ownNote,
    model = BASE_50F,
    start = FROM_NEW_YEAR,
    part,
    sourceIds: ownSources,
  }: Published,
): TimedEvent {
  return {
    id: `${target}-${kind}-${generation}${part ? `-${part}` : ''}`,
    targetId: target,
    kind,
    generation,
    stage,
    start,
    fromCd,
    toCd,
    published,
    model,
    grade,
    sourceIds: ownSources ?? sourceIds,
    note: ownNote ?? note,
  };
}

/**
 * San Jose scale: lower 51 °F, upper 90 °F horizontal, from the first males trapped (Jorgensen et al.
 * 1981).
 */
const SAN_JOSE: Omit<Published, 'target' | 'generation'> = {
  model: {
    lowerC: celsiusFromFahrenheit(51),
    upperC: celsiusFromFahrenheit(90),
    method: 'single-sine',
    cutoff: 'horizontal',
  },
  start: { kind: 'first-males' },
  unit: 'lower 51 °F, upper 90 °F, from the first males trapped',
  sourceIds: ['jorgensen-1981'],
};
const SAN_JOSE_GENERATION_FD = 1050;

/**
 * California red scale: lower 53 °F, upper 100 °F, from the first steady catch of males (Kennett &
 * Hoffmann 1985).
 */
const CALIFORNIA_RED: Omit<Published, 'target' | 'generation'> = {
  model: {
    lowerC: celsiusFromFahrenheit(53),
    upperC: celsiusFromFahrenheit(100),
    method: 'single-sine',
    cutoff: 'horizontal',
  },
  start: { kind: 'first-males' },
  unit: 'lower 53 °F, upper 100 °F (doubtful), from the first steady catch of males',
  sourceIds: ['kennett-hoffmann-1985'],
};
const CALIFORNIA_RED_GENERATION_FD = 1100;

/** Citrus leaf miner, egg to adult: about 206 °C·days above about 12.1 °C. */
const CITRUS_MINER: Omit<Published, 'target' | 'generation'> = {
  model: { lowerC: 12.1, upperC: null, method: 'single-sine', cutoff: 'none' },
  stage: 'adults',
  start: { kind: 'first-mines' },
  sourceIds: ['practice'],
  grade: 'C',
  note:
    'From the first mines of the flush; the moths of the next round lay in whatever is soft then. Two to ' +
    'seven weeks by temperature.',
};
const CITRUS_MINER_CD = 206;

/** What each further generation adds to a first one. */
function generations(count: number, make: (generation: number) => TimedEvent[]): TimedEvent[] {
  return Array.from({ length: count }, (_, i) => make(i + 1)).flat();
}

/** Published points and windows, as printed by their sources. */
export const EVENTS: readonly TimedEvent[] = [
  first(305, { target: 'pine-needle-scale' }),
  window(298, 448, { target: 'pine-needle-scale' }),
  first(1349, { target: 'pine-needle-scale', generation: 2 }),
  window(1290, 1917, { target: 'pine-needle-scale', generation: 2 }),
  first(406, { target: 'euonymus-scale' }),
  window(533, 820, { target: 'euonymus-scale' }),
  first(1923, { target: 'euonymus-scale', generation: 2 }),
  window(1150, 1388, {
    target: 'euonymus-scale',
    generation: 2,
    grade: 'C',
    note:
      'Doubtful: this window for the second generation ends long before the first hatch that another ' +
      'author saw. Trust tapes.',
  }),
  first(497, { target: 'oystershell-scale' }),
  window(363, 707, { target: 'oystershell-scale' }),
  first(694, { target: 'juniper-scale' }),
  window(707, 1260, { target: 'juniper-scale' }),
  first(748, { target: 'calico-scale' }),
  first(770, { target: 'european-fruit-lecanium', grade: 'C', note: 'About this sum; sources differ.' }),
  first(850, { target: 'cottony-maple-scale', grade: 'C', note: 'About this sum; sources differ.' }),
  window(802, 1265, { target: 'cottony-maple-scale' }),
  window(802, 1388, { target: 'cottony-camellia-scale' }),
  first(1774, { target: 'obscure-scale' }),
  first(1938, {
    target: 'magnolia-scale',
    note: 'Bears live young: crawlers appear without eggs, in late summer. First seen in Ohio.',
  }),
  window(2155, 2800, { target: 'magnolia-scale' }),
  ...generations(3, (generation) => {
    const later = (generation - 1) * SAN_JOSE_GENERATION_FD;
    const note =
      generation === 1
        ? 'Contact sprays reach the crawlers best in this span; a growth regulator goes on nearer the ' +
          'first crawlers. Without a trap, go by tapes.'
        : 'A generation after the last; each is more spread out than the one before.';
    return [
      first(405 + later, {
        target: 'san-jose-scale',
        generation,
        ...SAN_JOSE,
        note: 'About this sum from the first males. Without a trap, go by tapes.',
      }),
      window(600 + later, 700 + later, { target: 'san-jose-scale', generation, ...SAN_JOSE, note }),
    ];
  }),
  ...generations(3, (generation) => [
    first(555 + (generation - 1) * CALIFORNIA_RED_GENERATION_FD, {
      target: 'california-red-scale',
      generation,
      ...CALIFORNIA_RED,
      note:
        'Crawlers after a flight; flights come about 1100 °F·days apart. Under glass all stages run ' +
        'together.',
    }),
  ]),
  ...generations(4, (generation) => [
    event(
      'first',
      generation * CITRUS_MINER_CD,
      generation * CITRUS_MINER_CD,
      `about ${CITRUS_MINER_CD} °C·days a round, lower about 12.1 °C`,
      ['practice'],
      '',
      { target: 'citrus-leaf-miner', generation, ...CITRUS_MINER },
    ),
  ]),
  window(190, 290, { target: 'birch-leaf-miner', stage: 'adults' }),
  window(530, 700, { target: 'birch-leaf-miner', stage: 'adults', generation: 2 }),
  window(192, 298, { target: 'holly-leaf-miner', stage: 'adults' }),
  window(249, 440, { target: 'boxwood-leaf-miner', stage: 'adults' }),
];

export function eventsFor(targetId: string): TimedEvent[] {
  return EVENTS.filter((entry) => entry.targetId === targetId);
}
