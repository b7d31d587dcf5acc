import { addDays } from '#core/calendar';
import {
  drawsOf,
  drawSeasons,
  type Generation,
  infectionSeason,
  mixed,
  type PossibleSeason,
  possibleYears,
  type SeasonDraws,
} from '#core/season-model';
import { generateDays, type WeatherDay } from '#core/weather';
import { madeUpSpring } from './made-up-infections.ts';
import type { HatchTrouble, PracticeCase, WetTrouble } from './practice-case.ts';
import { WEEK_DAYS } from './practice-log.ts';

/** What is true of one made-up plant: it is looked at through tapes and counts, and shown at the end. */
export interface HiddenTruth {
  readonly seed: number;
  readonly weather: readonly WeatherDay[];
  /** One season, as the plan's own engine has it. */
  readonly draws: SeasonDraws;
  readonly season: PossibleSeason;
  /** Day buds open; null where a trouble goes by its hatch. */
  readonly openOn: number | null;
}

/** So many are drawn for one that falls into the weeks of practice. */
const TRIED = 60;
/** Where another seed's numbers begin. */
const NEXT_SEED = 7919;

/**
 * Draws what is true; the same case and seed give the same. A season that falls outside the weeks of practice, or
 * in which hardly anything happens, teaches nothing: the next is drawn instead.
 */
export function hiddenTruth(practised: PracticeCase, seed: number): HiddenTruth {
  for (let tried = 0; ; tried++) {
    const drawn = drawTruth(practised, seed + tried * NEXT_SEED);
    if (tried === TRIED || teaches(practised, drawn)) return { ...drawn, seed };
  }
}

function drawTruth(practised: PracticeCase, seed: number): HiddenTruth {
  const { trouble } = practised;
  const { start, days, normals } = practised;
  const weather = generateDays(normals, mixed(seed), start, addDays(start, days - 1));
  return trouble.by === 'hatch'
    ? hatchTruth(practised, trouble, weather, seed)
    : wetTruth(practised, trouble, weather, seed);
}

function hatchTruth(
  practised: PracticeCase,
  { belief, figures }: HatchTrouble,
  weather: readonly WeatherDay[],
  seed: number,
): HiddenTruth {
  const draws = drawSeasons({ belief, figures, years: yearsOf(practised, weather), draws: 1, seed });
  return { seed, weather, draws, season: draws.seasons[0]!, openOn: null };
}

function wetTruth(
  practised: PracticeCase,
  trouble: WetTrouble,
  weather: readonly WeatherDay[],
  seed: number,
): HiddenTruth {
  const { openOn, infections } = madeUpSpring(trouble, weather, seed);
  const season = infectionSeason(infections, trouble, yearsOf(practised, weather)[0]!);
  return { seed, weather, draws: drawsOf([season], seed), season, openOn };
}

function yearsOf({ start, days, trouble }: PracticeCase, weather: readonly WeatherDay[]) {
  const model = trouble.by === 'hatch' ? trouble.model : HEAT_UNUSED;
  return possibleYears({
    start,
    days,
    season: start,
    measured: weather,
    forecast: [],
    normals: null,
    model,
    years: 1,
    seed: 0,
  });
}

/** Infections go by wet spells: the year's heat is not asked for. */
const HEAT_UNUSED = { lowerC: 0, upperC: null, method: 'average', cutoff: 'none' } as const;

/** Something can still be learnt before it begins, and looked at after. */
const BEFORE_IT_DAYS = 7;
const AFTER_IT_DAYS = 14;
const LONGEST_HATCH_DAYS = 75;
const FEWEST_INFECTIONS = 3;
/** A spring's first infection comes no later after buds open: until then nothing would be at stake. */
const FIRST_INFECTION_DAYS = 9;

function teaches({ firstDay, weeks }: PracticeCase, { season, openOn }: HiddenTruth): boolean {
  const hatch = season.generations[0];
  if (!hatch) return false;
  const [from, to] = hatchDays(hatch);
  if (openOn !== null) {
    const enough = hatch.hatchedOn.length >= FEWEST_INFECTIONS;
    return (
      enough && openOn >= firstDay + BEFORE_IT_DAYS && hatch.hatchedOn[0]! - openOn <= FIRST_INFECTION_DAYS
    );
  }
  const within = from >= firstDay + BEFORE_IT_DAYS && to <= firstDay + weeks * WEEK_DAYS - AFTER_IT_DAYS;
  return within && to - from <= LONGEST_HATCH_DAYS;
}

const FIRST_SHARE = 0.05;

/** The days on which one in twenty and nineteen in twenty of a generation are out. */
export function hatchDays({ hatchedOn, share }: Generation): readonly [from: number, to: number] {
  const dayOf = (part: number) => {
    let out = 0;
    const at = share.findIndex((each) => (out += each) >= part);
    return Math.round(hatchedOn[at < 0 ? hatchedOn.length - 1 : at]!);
  };
  return [dayOf(FIRST_SHARE), dayOf(1 - FIRST_SHARE)];
}
