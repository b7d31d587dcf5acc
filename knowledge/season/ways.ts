import type { TargetGroup } from '#core/identify';
import type { HandworkKind } from '#core/records';
import { type FitWeather, LIFE_STAGES, sharp, type TreatmentKind } from '#core/season-model';
import { materialById } from '../materials.ts';
import { HANDWORK } from '../handwork.ts';
import { dormantOilOn, killOf } from './kills.ts';
import { bare, between, type OwnFigures, type PlanFigure, range, ruleOfThumb } from './plan-figure.ts';

/** A way of treating with the figures it is computed from. */
export interface Way {
  readonly kind: TreatmentKind;
  readonly figures: readonly PlanFigure[];
}

/** Wetted by a home sprayer: most of a hedge, half of undersides and tops. */
const WETTED = range(0.55, 0.75, 0.9);
/** As somebody judged it after spraying. */
export const WETTED_AS_SAID = {
  everything: range(0.65, 0.82, 0.95),
  'missed-some': range(0.3, 0.5, 0.65),
} as const;

export const coverageFigure = (gardeners: OwnFigures): PlanFigure =>
  ruleOfThumb('coverage', 'What a spray wets', 'share', WETTED, gardeners);

const STAGE_NAMES = {
  crawler: 'crawlers',
  settled: 'settled young',
  second: 'second stage',
  grown: 'grown',
} as const;

/** Oil needs warmth to dry and no frost; in leaf it burns above a limit practitioners differ on. */
const OIL_LEAST_C = 4;
const SOAP_TOP_C = 32;

function fitsOf(materialId: string, oilTopC: number): FitWeather {
  if (materialById(materialId).isOil) return { leastC: OIL_LEAST_C, greatestC: oilTopC, dry: true };
  return { leastC: null, greatestC: materialId === 'soap' ? SOAP_TOP_C : null, dry: true };
}

/** Spraying or drenching with a material; null where nothing is known of it on the group. */
export function sprayWay(
  id: string,
  materialId: string,
  group: TargetGroup,
  oilTopC: number,
  gardeners: OwnFigures = {},
  wetted: PlanFigure = coverageFigure(gardeners),
): Way | null {
  const usual = killOf(materialId, group);
  if (!usual) return null;
  const name = materialById(materialId).name;
  const kill = LIFE_STAGES.map((stage) =>
    ruleOfThumb(
      `kill ${materialId} ${stage}`,
      `${name} on ${STAGE_NAMES[stage]}`,
      'share',
      usual.kill[stage],
      gardeners,
    ),
  );
  const residue = ruleOfThumb(
    `residue ${materialId}`,
    `Half-life of what ${name} leaves`,
    'days',
    usual.residueHalfLifeDays,
    gardeners,
  );
  const atStage = (stage: (typeof LIFE_STAGES)[number]) => bare(kill[LIFE_STAGES.indexOf(stage)]!);
  return {
    figures: [...kill, ...(usual.residueHalfLifeDays.high > 0 ? [residue] : [])],
    kind: {
      id,
      acts: usual.systemic ? 'systemic' : 'contact',
      kill: {
        crawler: atStage('crawler'),
        settled: atStage('settled'),
        second: atStage('second'),
        grown: atStage('grown'),
      },
      winterKill: null,
      // What rises in the sap reaches all that feed on it.
      coverage: usual.systemic ? sharp(1) : bare(wetted),
      residueHalfLifeDays: bare(residue),
      onsetDays: usual.systemic?.onsetDays ?? sharp(0),
      lastsDays: usual.systemic?.lastsDays ?? sharp(0),
      helpersKilled: usual.helpersKilled,
      fits: usual.systemic ? { leastC: null, greatestC: null, dry: false } : fitsOf(materialId, oilTopC),
    },
  };
}

/** Oil on bare or hardened wood, against the stage that winters. */
export function winterOilWay(
  id: string,
  targetId: string | null,
  gardeners: OwnFigures = {},
  wetted: PlanFigure = coverageFigure(gardeners),
): Way {
  const kill = ruleOfThumb(
    'kill winter-oil',
    'Dormant oil on what winters',
    'share',
    dormantOilOn(targetId),
    gardeners,
  );
  return {
    figures: [kill],
    kind: {
      id,
      acts: 'contact',
      kill: { crawler: sharp(0), settled: sharp(0), second: sharp(0), grown: sharp(0) },
      winterKill: bare(kill),
      coverage: bare(wetted),
      residueHalfLifeDays: sharp(0),
      onsetDays: sharp(0),
      lastsDays: sharp(0),
      helpersKilled: sharp(0),
      fits: { leastC: OIL_LEAST_C, greatestC: null, dry: true },
    },
  };
}

/** Share of all there is that an hour or two of hand work takes. */
const BY_HAND: Readonly<Partial<Record<HandworkKind, ReturnType<typeof range>>>> = {
  prune: between(0.3, 0.6),
  brush: between(0.5, 0.8),
  wipe: between(0.6, 0.85),
  dip: between(0.7, 0.95),
  jet: between(0.2, 0.5),
  pinch: between(0.3, 0.7),
};

/** Hand work; null for what takes nothing off. */
export function handWay(id: string, kind: HandworkKind, gardeners: OwnFigures = {}): Way | null {
  const usual = BY_HAND[kind];
  if (!usual) return null;
  const takes = ruleOfThumb(
    `hand ${kind}`,
    `${HANDWORK[kind].name}: what it takes off`,
    'share',
    usual,
    gardeners,
  );
  const all = sharp(1);
  return {
    figures: [takes],
    kind: {
      id,
      // Pinched leaves take the larvae in them; scale that is cut out takes its young to be with it.
      acts: kind === 'pinch' ? 'contact' : 'hand',
      kill: { crawler: all, settled: all, second: all, grown: kind === 'pinch' ? sharp(0) : all },
      winterKill: null,
      coverage: bare(takes),
      residueHalfLifeDays: sharp(0),
      onsetDays: sharp(0),
      lastsDays: sharp(0),
      helpersKilled: sharp(0),
      fits: { leastC: null, greatestC: null, dry: false },
    },
  };
}
