import { mean } from 'simple-statistics';
import {
  alternating,
  atFall,
  atPeak,
  beforeLeaves,
  followPolicy,
  leaveIt,
  type LeftSummary,
  monthly,
  onDays,
  type PlannedTreatment,
  type Policy,
  type SeasonDraws,
  summariseLeft,
  type TreatmentKind,
  whileCatching,
} from '#core/season-model';
import type { SchoolQuestionId } from '#knowledge';
import type { PlanMaterial } from './plan-answer.ts';
import type { PlanWay } from './plan-ways.ts';

/** A school followed through the possible seasons. */
export interface SchoolOutcome {
  readonly id: string;
  readonly left: LeftSummary;
  /** Treatments in the mean season, the hours they take, and what they cost where that is known. */
  readonly times: number;
  readonly hours: number;
  readonly cost: number | null;
}

/** The schools of one question beside each other. */
export interface SchoolsSideBySide {
  readonly question: SchoolQuestionId;
  readonly outcomes: readonly SchoolOutcome[];
}

interface SchoolsGround {
  readonly material: PlanMaterial;
  readonly draws: SeasonDraws;
  readonly done: readonly PlannedTreatment[];
  readonly hatching: readonly [from: number, to: number] | null;
  readonly seed: number;
}

/** Tapes hang from three weeks before the first crawlers; three of them, as usual (grade C). */
export const HUNG_BEFORE_DAYS = 21;
export const USUAL_TAPES = { tapes: 3, perTape: 60 } as const;

/** A school with the ways it uses and what is done once before it starts. */
interface Followed {
  readonly policy: Policy;
  readonly ways: readonly PlanWay[];
  /** All ways each time, not by turns. */
  readonly inOneTank?: true;
  readonly before?: readonly PlanWay[];
}

/** Every question of schools that this watch's ways can answer, each school over the same possible seasons. */
export function planSchools(ground: SchoolsGround, wayId: string): SchoolsSideBySide[] {
  const { material, hatching } = ground;
  const way = material.ways.find(({ id }) => id === wayId);
  if (!way || !hatching) return [];
  const today = Math.max(0, material.frame.today);
  const season = {
    today,
    from: Math.max(today, hatching[0] - HUNG_BEFORE_DAYS),
    to: hatching[1] + HUNG_BEFORE_DAYS,
  };
  const asked =
    material.group === 'leaf-miner'
      ? [minersAlike(material, season), miningAtAll(material, way, season)]
      : [
          crawlerSprays(material, way, season),
          dormantSprays(material, season),
          firstStrike(material, way, season),
        ];
  return asked
    .filter(({ followed }) => followed.length > 1)
    .map(({ question, from, followed }) => ({
      question,
      outcomes: followed.map((each) => outcomeOf(ground, each, from)),
    }));
}

interface SeasonSpan {
  readonly today: number;
  /** When tapes hang, and when the last has been read. */
  readonly from: number;
  readonly to: number;
}

interface Asked {
  readonly question: SchoolQuestionId;
  readonly from: number;
  readonly followed: readonly Followed[];
}

const REGULATORS = new Set(['pyriproxyfen', 'buprofezin']);

function crawlerSprays(
  { ways, leafOutOn, wintersYoung }: PlanMaterial,
  way: PlanWay,
  { today, from, to }: SeasonSpan,
): Asked {
  const { kind } = way.way;
  const regulator = ways.find(({ means }) => means.by === 'spray' && REGULATORS.has(means.materialId));
  const isAhead = leafOutOn !== null && leafOutOn > today;
  return {
    question: 'crawler-sprays',
    from: isAhead && regulator ? Math.min(from, Math.max(today, leafOutOn - HUNG_BEFORE_DAYS)) : from,
    followed: [
      { policy: whileCatching(kind), ways: [way] },
      { policy: atPeak(kind), ways: [way] },
      { policy: atFall(kind), ways: [way] },
      ...(regulator && isAhead
        ? [{ policy: beforeLeaves(onBareWood(regulator, wintersYoung), leafOutOn), ways: [regulator] }]
        : []),
      { policy: monthly([kind], from, to), ways: [way] },
    ],
  };
}

/** A growth regulator before leaves come also meets what winters, where that is young. */
const onBareWood = ({ way: { kind } }: PlanWay, wintersYoung: boolean): TreatmentKind =>
  wintersYoung ? { ...kind, winterKill: kind.kill.settled } : kind;

/** Days between the three sprays of a winter, or between monthly ones. */
const WINTER_MONTH = 30;
/** Readings are weekly: a school that sprays on a day does so at the one after. */
const WEEK = 7;

function dormantSprays({ ways }: PlanMaterial, { today }: SeasonSpan): Asked {
  const oil = ways.find(({ means }) => means.by === 'winter-oil');
  if (!oil) return { question: 'dormant', from: today, followed: [] };
  const { kind } = oil.way;
  const [first, last] = [Math.max(today, oil.within[0]), oil.within[1] - WEEK];
  const months = Math.max(1, Math.floor((last - first) / WINTER_MONTH) + 1);
  const monthlyDays = Array.from({ length: months }, (_, i) => first + i * WINTER_MONTH);
  return {
    question: 'dormant',
    from: Math.max(0, first - WEEK),
    followed: [
      // Against scale alone, by trouble is one oil at delayed dormant as well.
      { policy: onDays('by-trouble', kind, [last]), ways: [oil] },
      { policy: onDays('three-sprays', kind, [first, (first + last) / 2, last]), ways: [oil] },
      { policy: onDays('monthly-oil', kind, monthlyDays), ways: [oil] },
      { policy: onDays('delayed-oil', kind, [last]), ways: [oil] },
    ],
  };
}

function firstStrike({ ways }: PlanMaterial, way: PlanWay, { from }: SeasonSpan): Asked {
  const hand = ways.find(({ means }) => means.by === 'hand');
  const spraying = whileCatching(way.way.kind);
  return {
    question: 'first-strike',
    from,
    followed: hand
      ? [
          { policy: { ...spraying, id: 'hand-first' }, ways: [way], before: [hand] },
          { policy: { ...spraying, id: 'spray-first' }, ways: [way] },
        ]
      : [],
  };
}

const byMaterial = ({ ways }: PlanMaterial, materialId: string) =>
  ways.find(({ means }) => means.by === 'spray' && means.materialId === materialId);

function minersAlike(material: PlanMaterial, { from, to }: SeasonSpan): Asked {
  const spinosad = byMaterial(material, 'spinosad'),
    oil = byMaterial(material, 'mineral-oil');
  const both = spinosad && oil ? [spinosad, oil] : [];
  const kinds = both.map(({ way }) => way.kind);
  return {
    question: 'spinosad-oil',
    from,
    followed:
      both.length === 0
        ? []
        : [
            { policy: alternating(kinds, from, to), ways: both },
            { policy: { ...monthly(kinds, from, to), id: 'tank-mix' }, ways: both, inOneTank: true },
          ],
  };
}

function miningAtAll({ minesMatter }: PlanMaterial, way: PlanWay, { from, to }: SeasonSpan): Asked {
  const { kind } = way.way;
  const everyFlush = { policy: { ...alternating([kind], from, to), id: 'every-flush' }, ways: [way] };
  return {
    question: 'leaf-mining',
    from,
    followed: [
      minesMatter
        ? { ...everyFlush, policy: { ...everyFlush.policy, id: 'young-or-third' } }
        : { policy: { ...leaveIt(), id: 'young-or-third' }, ways: [] },
      everyFlush,
      { policy: monthly([kind], from, to), ways: [way] },
    ],
  };
}

function outcomeOf(
  { draws, done, seed, material }: SchoolsGround,
  followed: Followed,
  from: number,
): SchoolOutcome {
  const before = followed.before ?? [];
  const day = Math.max(0, material.frame.today);
  const base = [...done, ...before.map(({ way }): PlannedTreatment => ({ day, kind: way.kind }))];
  const { left, sprays } = followPolicy(draws, withinLabel(followed), { from, ...USUAL_TAPES }, seed, base);
  const times = mean([...sprays]);
  const hoursOnce = followed.ways.length > 0 ? mean(followed.ways.map(({ once }) => once.hours)) : 0;
  return {
    id: followed.policy.id,
    left: summariseLeft(left),
    times: times + before.length,
    hours: times * hoursOnce + before.reduce((sum, { once }) => sum + once.hours, 0),
    cost: costOfAll(followed, times),
  };
}

/** No oftener than the labels allow in what is left of the year, no sooner, and on no day a way is kept off. */
function withinLabel({ policy, ways, inOneTank }: Followed): Policy {
  const turns = inOneTank ? 1 : Math.max(1, ways.length);
  return {
    ...policy,
    sprays(scene) {
      const time = scene.sprayedOn.length;
      const used = inOneTank ? ways : ways.filter((_, i) => i === time % turns);
      const last = scene.sprayedOn[time - turns] ?? -Infinity;
      const isAllowed = used.every(
        ({ usesLeft, intervalDays, fences }) =>
          Math.floor(time / turns) < (usesLeft ?? Infinity) &&
          scene.day - last >= intervalDays &&
          !fences.some(({ from, to }) => scene.day >= from && scene.day <= to),
      );
      return isAllowed && policy.sprays(scene);
    },
  };
}

/** Null where nothing is sprayed, or a price is not known. */
function costOfAll({ ways, inOneTank }: Followed, times: number): number | null {
  const costs = ways.map(({ once }) => once.cost);
  if (costs.length === 0 || costs.some((cost) => cost === null)) return null;
  const once = costs.reduce<number>((sum, cost) => sum + cost!, 0);
  return times * (inOneTank ? once : once / costs.length);
}
