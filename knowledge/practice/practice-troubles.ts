import type { CivilDate } from '#core/calendar';
import type { DegreeDayModel } from '#core/degree-days';
import type { TargetGroup } from '#core/identify';
import {
  type HatchTrouble,
  type PracticeCase,
  type PracticeTreatment,
  type PracticeWay,
  usualDayOfHeat,
  type WetTrouble,
} from '#core/practice';
import { type FigureRange, hatchBelief } from '#core/season-model';
import type { ClimateNormals } from '#core/weather';
import type { HandworkKind } from '#core/records';
import { BASE_50F } from '../events.ts';
import { between, range } from '../season/plan-figure.ts';
import { seasonFigures } from '../season/season-figures.ts';
import { handWay, sprayWay } from '../season/ways.ts';
import {
  CAPTAN_ON_LEAVES,
  CLEARED_LEAVES,
  COPPER_ON_BUDS,
  MYCLOBUTANIL_ON_LEAVES,
  SULFUR_ON_LEAVES,
} from './fungus-ways.ts';

/** What can be practised on, in the order of the lessons. */
export const PRACTICE_TROUBLES = [
  'armored-hedge',
  'soft-scale-pot',
  'bark-scale',
  'citrus-flush',
  'leaf-curl',
  'scab-cover',
  'source-next-door',
] as const;
export type PracticeTroubleId = (typeof PRACTICE_TROUBLES)[number];

const FRAME_DAYS = 330;
const SPRAY_HOURS = 1;
const HAND_HOURS = 2;
/** Practice begins so long before what it is about usually does. */
const BEFORE_DAYS = 35;
const CITRUS_MINER_MODEL: DegreeDayModel = { ...BASE_50F, lowerC: 12.1 };

/** A trouble as it is practised, before a climate gives it its dates. */
interface Practised {
  readonly trouble: HatchTrouble | WetTrouble;
  /** Heat at which what it is about usually begins. */
  readonly usualCd: number;
  readonly weeks: number;
  readonly ways: readonly PracticeWay[];
  readonly calendar: { readonly wayId: string; readonly everyDays: number; readonly times: number };
}

interface HatchCase {
  readonly targetId: string;
  readonly group: TargetGroup;
  readonly first: FigureRange;
  readonly span: FigureRange;
  readonly source?: FigureRange;
  readonly generationLength?: FigureRange;
  readonly model?: DegreeDayModel;
  /** How many tapes or traps, and what one catches over a hatch. */
  readonly hung: HatchTrouble['hung'];
}

function hatching(practised: HatchCase): HatchTrouble {
  const { figures } = seasonFigures({
    targetId: practised.targetId,
    group: practised.group,
    source: null,
    holed: null,
    generations: practised.generationLength ? 2 : 1,
    generationLength: practised.generationLength ?? null,
  })!;
  return {
    by: 'hatch',
    model: practised.model ?? BASE_50F,
    belief: hatchBelief('heat', practised.first, practised.span),
    figures: { ...figures, source: practised.source ?? null },
    hung: practised.hung,
  };
}

const OIL_TOP_C = 29;
const spray = (materialId: string, group: TargetGroup, intervalDays = 7): PracticeWay => ({
  kind: sprayWay(materialId, materialId, group, OIL_TOP_C)!.kind,
  hours: SPRAY_HOURS,
  intervalDays,
  mostTimes: null,
});
const byHand = (hand: HandworkKind, mostTimes: number): PracticeWay => ({
  kind: handWay(hand, hand)!.kind,
  hours: HAND_HOURS,
  intervalDays: 14,
  mostTimes,
});
const cover = (
  kind: PracticeWay['kind'],
  intervalDays: number,
  mostTimes: number | null = null,
): PracticeWay => ({
  kind,
  hours: kind.acts === 'hand' ? HAND_HOURS : SPRAY_HOURS,
  intervalDays,
  mostTimes,
});

const TAPES = { count: 3, perOne: 60 } as const;
const ARMORED: HatchCase = {
  targetId: 'euonymus-scale',
  group: 'armored',
  first: range(195, 225, 260),
  span: between(110, 160),
  hung: TAPES,
};
const ARMORED_WAYS = [spray('mineral-oil', 'armored'), spray('soap', 'armored'), byHand('prune', 1)];

const PRACTISED: Readonly<Record<PracticeTroubleId, Practised>> = {
  'armored-hedge': {
    trouble: hatching(ARMORED),
    usualCd: 225,
    weeks: 16,
    ways: ARMORED_WAYS,
    calendar: { wayId: 'mineral-oil', everyDays: 30, times: 3 },
  },
  'soft-scale-pot': {
    trouble: hatching({
      targetId: 'european-fruit-lecanium',
      group: 'soft',
      first: range(380, 430, 490),
      span: between(140, 280),
      hung: TAPES,
    }),
    usualCd: 430,
    weeks: 18,
    ways: [spray('soap', 'soft'), spray('mineral-oil', 'soft'), byHand('wipe', 2)],
    calendar: { wayId: 'soap', everyDays: 14, times: 4 },
  },
  'bark-scale': {
    trouble: hatching({
      targetId: 'crapemyrtle-bark-scale',
      group: 'felt',
      first: range(180, 230, 290),
      span: between(170, 300),
      generationLength: range(650, 750, 900),
      hung: TAPES,
    }),
    usualCd: 230,
    weeks: 24,
    ways: [spray('mineral-oil', 'felt'), spray('pyriproxyfen', 'felt', 14), byHand('brush', 2)],
    calendar: { wayId: 'mineral-oil', everyDays: 30, times: 5 },
  },
  'citrus-flush': {
    trouble: hatching({
      targetId: 'citrus-leaf-miner',
      group: 'leaf-miner',
      model: CITRUS_MINER_MODEL,
      first: range(100, 140, 190),
      span: between(70, 130),
      hung: { count: 2, perOne: 40 },
    }),
    usualCd: 140,
    weeks: 14,
    ways: [spray('spinosad', 'leaf-miner'), spray('mineral-oil', 'leaf-miner'), byHand('pinch', 2)],
    calendar: { wayId: 'mineral-oil', everyDays: 30, times: 3 },
  },
  'leaf-curl': {
    trouble: {
      by: 'wet-spells',
      disease: 'peach-leaf-curl',
      baseC: 4.5,
      openAtCd: range(75, 115, 165),
      halfOpenDays: 6,
      reachBackDays: 0,
      spotsAfterDays: 21,
    },
    usualCd: 115,
    weeks: 16,
    ways: [cover(COPPER_ON_BUDS, 14)],
    calendar: { wayId: 'copper', everyDays: 21, times: 3 },
  },
  'scab-cover': {
    trouble: {
      by: 'wet-spells',
      disease: 'apple-scab',
      baseC: 4,
      openAtCd: range(110, 150, 200),
      halfOpenDays: 18,
      reachBackDays: 4,
      spotsAfterDays: 14,
    },
    usualCd: 150,
    weeks: 15,
    ways: [
      cover(CAPTAN_ON_LEAVES, 7),
      cover(SULFUR_ON_LEAVES, 7),
      cover(MYCLOBUTANIL_ON_LEAVES, 10),
      cover(CLEARED_LEAVES, 14, 1),
    ],
    calendar: { wayId: 'captan', everyDays: 14, times: 5 },
  },
  'source-next-door': {
    trouble: hatching({ ...ARMORED, source: range(0.35, 0.6, 1) }),
    usualCd: 225,
    weeks: 16,
    ways: ARMORED_WAYS,
    calendar: { wayId: 'mineral-oil', everyDays: 30, times: 3 },
  },
};

/** Practice is in no year of anybody's: one without a leap day, from the first day of its season. */
export const practiceStart = (isSouth: boolean): CivilDate => (isSouth ? '2026-07-01' : '2026-01-01');

/** A trouble in a climate; null where it is too cold or too warm for it to be practised there. */
export function practiceCase(
  id: PracticeTroubleId,
  normals: ClimateNormals,
  start: CivilDate,
): PracticeCase | null {
  const { trouble, usualCd, weeks, ways, calendar } = PRACTISED[id];
  const lowerC = trouble.by === 'hatch' ? trouble.model.lowerC : trouble.baseC;
  const usual = usualDayOfHeat(normals, { start, days: FRAME_DAYS }, lowerC, usualCd);
  if (usual === null || usual + 7 * weeks - BEFORE_DAYS >= FRAME_DAYS) return null;
  const firstDay = Math.max(0, usual - BEFORE_DAYS);
  return {
    id,
    start,
    days: FRAME_DAYS,
    firstDay,
    weeks,
    normals,
    trouble,
    ways,
    calendar: Array.from({ length: calendar.times }, (_, i): PracticeTreatment => ({
      day: firstDay + CALENDAR_AFTER_DAYS + i * calendar.everyDays,
      wayId: calendar.wayId,
    })),
  };
}

/** Who goes by the calendar begins some weeks into practice. */
const CALENDAR_AFTER_DAYS = 14;
