import { addDays, type CivilDate } from '#core/calendar';
import type { Answers } from '#core/identify';
import type { Device, Inspection, Sample, Sighting, SprayRecord, Trap, Watch } from '#core/records';
import { targetById } from '#knowledge';
import { simulateMinedLeaves, simulateSpottedLeaves, simulateTwigs, type TrueState } from '#simulated';
import { P } from './plants.ts';
import { plantId, recordOf, watchId } from './ids.ts';
import { OIL, PUMP_SPRAYER, SOAP, SULFUR } from './shelf.ts';

/** Everything recorded for one made-up watch. */
export interface DemoWatch {
  readonly watch: Watch;
  readonly inspections: readonly Inspection[];
  readonly samples: readonly Sample[];
  readonly sprays: readonly SprayRecord[];
  readonly traps: readonly Trap[];
  readonly devices: readonly Device[];
  readonly sightings: readonly Sighting[];
}

interface Told {
  readonly plant: number;
  readonly opened: CivilDate;
  readonly target: string | null;
  readonly outcome?: Watch['outcome'];
  readonly outcomeOn?: CivilDate;
  readonly source?: number;
  readonly note?: string;
  readonly seen?: readonly [on: CivilDate, answers: Answers, coversTurned?: number][];
  /** True states at the days they were counted, from which the counts are drawn. */
  readonly states?: readonly [on: CivilDate, twigs: number, state: Omit<TrueState, 'clumping'>][];
  /** True mean area in per cent, or true share of leaves mined, on the days leaves were counted. */
  readonly leaves?: readonly [on: CivilDate, protocol: 'disease' | 'mined', leaves: number, truth: number][];
  /** A trap for males: hung on a day, then its catch each week. */
  readonly males?: readonly [hung: CivilDate, ...caught: number[]];
  readonly spotted?: readonly [on: CivilDate, what: Sighting['what']][];
  readonly sprayed?: readonly [on: CivilDate, what: SprayedWith, rate: number, sprayMl: number][];
}

type SprayedWith = 'oil-leaf' | 'oil-bare' | 'soap' | 'sulfur';

/** Products as the gardener used them. Oil is in per cent, soap in US tablespoons to a US gallon, sulfur in g/l. */
const TOLD: Readonly<
  Record<
    SprayedWith,
    {
      readonly product: string;
      readonly line: string;
      readonly amountAMl: number;
      readonly stageSeen: SprayRecord['stageSeen'];
    }
  >
> = {
  'oil-leaf': { product: OIL.product, line: OIL.leafLine, amountAMl: 0.01, stageSeen: 'crawlers' },
  'oil-bare': { product: OIL.product, line: OIL.bareLine, amountAMl: 0.01, stageSeen: 'settled-young' },
  soap: { product: SOAP.product, line: SOAP.line, amountAMl: 0.003906, stageSeen: 'crawlers' },
  sulfur: { product: SULFUR.product, line: SULFUR.line, amountAMl: 0.001, stageSeen: 'spots' },
};

const CLUMPING = 2.5;
const TWIG_SEED = 1907;

function tell(number: number, told: Told): DemoWatch {
  const record = recordOf(number);
  const id = watchId(number);
  const { seen = [], states = [], leaves = [], sprayed = [], males, spotted = [] } = told;
  const [hung, ...caught] = males ?? [told.opened];
  return {
    watch: {
      id,
      plantId: plantId(told.plant),
      openedOn: told.opened,
      targetId: told.target,
      group: told.target ? targetById(told.target).group : null,
      outcome: told.outcome ?? 'open',
      outcomeOn: told.outcomeOn ?? null,
      sourcePlantId: told.source ? plantId(told.source) : null,
      firstTargetId: told.target,
      firstGroup: told.target ? targetById(told.target).group : null,
      namedBy: told.target ? 'key' : null,
      note: told.note ?? '',
    },
    inspections: seen.map(([on, answers, coversTurned = 0], i) => ({
      id: record(100 + i),
      watchId: id,
      on,
      answers,
      coversTurned,
    })),
    samples: [
      ...leaves.map(([on, protocol, count, truth], i) => ({
        id: record(250 + i),
        watchId: id,
        on,
        protocol,
        note: '',
        roundId: null,
        sprayId: null,
        units: (protocol === 'mined' ? simulateMinedLeaves : simulateSpottedLeaves)(
          truth,
          count,
          TWIG_SEED + 53 * number + i,
        ),
      })),
      ...states.map(([on, twigs, state], i) => ({
        id: record(200 + i),
        watchId: id,
        on,
        protocol: 'twig',
        note: '',
        roundId: null,
        sprayId: null,
        units: simulateTwigs({ ...state, clumping: CLUMPING }, twigs, TWIG_SEED + 97 * number + i),
      })),
    ] as readonly Sample[],
    devices: males
      ? [
          {
            id: record(400),
            watchId: id,
            kind: 'trap',
            label: 'South side, head height',
            hungOn: hung,
            takenDownOn: null,
          },
        ]
      : [],
    traps: caught.map((count, i) => ({
      id: record(410 + i),
      watchId: id,
      label: 'South side, head height',
      catches: 'males',
      putOn: addDays(hung, 7 * i),
      takenOff: addDays(hung, 7 * i + 7),
      caught: count,
    })),
    sightings: spotted.map(([on, what], i) => ({ id: record(450 + i), watchId: id, on, what })),
    sprays: sprayed.map(([on, what, rate, sprayMl], i) =>
      sprayOf(record(300 + i), id, on, what, rate, sprayMl),
    ),
  };
}

function sprayOf(
  id: string,
  watch: string,
  on: CivilDate,
  what: SprayedWith,
  rate: number,
  sprayMl: number,
): SprayRecord {
  return {
    id,
    watchId: watch,
    plantId: null,
    loadId: null,
    on,
    sprayMl,
    sprayerId: PUMP_SPRAYER,
    scope: 'whole',
    coverage: 'everything',
    stageSeen: TOLD[what].stageSeen,
    toldWeather: null,
    againstLabel: false,
    note: '',
    // Buds swell at Fallow Bank from about 5 April.
    leafState: what !== 'oil-bare' ? 'in-leaf' : on.slice(5) < '04-05' ? 'dormant' : 'delayed-dormant',
    parts: [
      {
        productId: TOLD[what].product,
        lineId: TOLD[what].line,
        rate,
        productAmount: Math.round(sprayMl * rate * TOLD[what].amountAMl),
      },
    ],
  };
}

const state = (livePerTwig: number, holedShare: number, deadPerLive = 0.5) => ({
  livePerTwig,
  holedShare,
  deadPerLive,
});

export const HEDGE_WATCH = 1;

export const WATCHES: readonly DemoWatch[] = [
  tell(HEDGE_WATCH, {
    plant: P.hedge,
    opened: '2024-04-18',
    target: 'euonymus-scale',
    source: P.fence,
    seen: [
      [
        '2024-04-18',
        {
          sticky: 'no',
          'white-flecks': 'yes',
          'yellow-speckle': 'yes',
          dieback: 'yes',
          lift: 'cover-only',
          shape: 'pear',
          press: 'fluid',
        },
        6,
      ],
      ['2026-04-26', { press: 'fluid', 'turn-over': 'body' }, 12],
    ],
    states: [
      ['2024-04-20', 20, state(17, 0.05)],
      ['2025-04-22', 20, state(8.2, 0.09, 1.1)],
      ['2026-04-26', 20, state(3.4, 0.14, 1.6)],
    ],
    sprayed: [
      ['2024-06-21', 'oil-leaf', 1.5, 2200],
      ['2025-03-31', 'oil-bare', 3, 1600],
      ['2025-06-09', 'oil-leaf', 1.5, 2200],
      ['2025-06-23', 'oil-leaf', 1.5, 2100],
      ['2026-04-11', 'oil-bare', 3, 1600],
    ],
  }),
  tell(2, {
    plant: P.fence,
    opened: '2024-04-20',
    target: 'euonymus-scale',
    note: 'Over the fence and never treated: where the hedge gets it from, and what it is compared with.',
    states: [
      ['2024-04-21', 15, state(13, 0.05)],
      ['2025-04-24', 15, state(17, 0.06)],
      ['2026-04-25', 15, state(21, 0.06)],
    ],
  }),
  tell(3, {
    plant: P.apple1,
    opened: '2024-03-10',
    target: 'san-jose-scale',
    seen: [
      [
        '2024-03-10',
        { 'red-halo': 'yes', crust: 'yes', lift: 'cover-only', shape: 'round-cap', sticky: 'no' },
        8,
      ],
    ],
    states: [
      ['2024-03-12', 20, state(6, 0.18)],
      ['2025-03-16', 20, state(3.4, 0.3, 1)],
      ['2026-03-14', 20, state(1.5, 0.41, 1.5)],
    ],
    males: ['2026-04-12', 0, 1, 0, 6, 14, 11],
    note: 'Left to the wasps so far: holed covers rise each year.',
  }),
  tell(4, {
    plant: P.apple2,
    opened: '2024-06-01',
    target: 'apple-scab',
    leaves: [
      ['2024-06-18', 'disease', 25, 14],
      ['2025-06-20', 'disease', 25, 6],
    ],
    seen: [
      [
        '2025-05-28',
        { 'velvet-spots': 'yes', trail: 'no', blister: 'no', where: 'leaf-surface', lift: 'nothing' },
      ],
      ['2026-05-18', { where: 'leaf-surface' }],
    ],
    sprayed: [
      ['2026-04-30', 'sulfur', 4, 3500],
      ['2026-05-20', 'sulfur', 4, 4000],
    ],
  }),
  tell(5, {
    plant: P.kumquat,
    opened: '2026-05-22',
    target: 'citrus-leaf-miner',
    leaves: [['2026-05-22', 'mined', 20, 0.35]],
    spotted: [['2026-05-20', 'first-mines']],
    seen: [
      ['2026-05-22', { trail: 'yes', 'rolled-edge': 'yes', sticky: 'no', where: 'inside', larva: 'inside' }],
    ],
  }),
  tell(6, {
    plant: P.box,
    opened: '2025-09-02',
    target: 'boxwood-leaf-miner',
    seen: [
      ['2025-09-02', { blister: 'yes', 'yellow-speckle': 'yes', where: 'inside', larva: 'inside' }],
      ['2026-05-10', { where: 'inside' }],
    ],
  }),
  tell(7, {
    plant: P.rose,
    opened: '2025-06-30',
    target: 'rose-black-spot',
    leaves: [['2025-07-02', 'disease', 20, 9]],
    seen: [
      [
        '2025-06-30',
        { 'fringed-spots': 'yes', 'yellow-speckle': 'yes', 'white-bloom': 'no', where: 'leaf-surface' },
      ],
      ['2026-05-20', { where: 'leaf-surface' }],
    ],
  }),
  tell(8, {
    plant: P.camellia,
    opened: '2025-11-15',
    target: 'brown-soft-scale',
    seen: [
      [
        '2025-11-15',
        {
          sticky: 'yes',
          'black-film': 'yes',
          ants: 'no',
          lift: 'whole',
          shape: 'flat-oval',
          'cotton-sac': 'no',
          press: 'fluid',
        },
        3,
      ],
    ],
    states: [
      ['2025-11-16', 12, state(6, 0.02)],
      ['2026-04-26', 12, state(2.6, 0.05)],
    ],
    sprayed: [['2026-04-28', 'soap', 4, 900]],
  }),
  tell(9, {
    plant: P.pear,
    opened: '2025-02-20',
    target: 'bark-pores',
    outcome: 'ruled-out',
    outcomeOn: '2025-02-22',
    seen: [
      ['2025-02-22', { lift: 'nothing', press: 'dry', crust: 'yes', 'red-halo': 'no', sticky: 'no' }, 10],
    ],
    note: 'Suspected San Jose scale. Nothing lifted: pores of the bark.',
  }),
  tell(10, {
    plant: 8,
    opened: '2026-03-20',
    target: 'oystershell-scale',
    seen: [
      [
        '2026-03-20',
        { sticky: 'no', crust: 'yes', shape: 'oyster', 'turn-over': 'eggs', lift: 'cover-only' },
        10,
      ],
    ],
    states: [['2026-03-22', 10, state(1.1, 0.1, 0.8)]],
  }),
];
