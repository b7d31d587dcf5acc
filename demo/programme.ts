import { blankSeries, blankStep, type Series } from '#core/records';
import { demoId, plantId, watchId } from './ids.ts';
import { P } from './plants.ts';

const ROSE_WATCH = 7;
const id = (number: number) => demoId(10, number);

/** What the gardener of Fallow Bank has planned. */
export const SERIES: readonly Series[] = [
  blankSeries({
    id: id(1),
    watchId: watchId(ROSE_WATCH),
    name: 'Renew the cover while it is wet',
    templateId: 'cover-leaves',
    startedOn: '2026-05-31',
    steps: [
      blankStep({
        action: 'spray',
        materials: ['bicarbonate'],
        every: { leastDays: 7, mostDays: 10, afterRainMm: 25 },
        times: null,
        until: [
          { kind: 'looks-clear', looks: 2 },
          { kind: 'stage', stage: 'leaf-fall' },
        ],
      }),
    ],
  }),
  ...[P.quince, P.vine].map((plant, i) =>
    blankSeries({
      id: id(2 + i),
      plantId: plantId(plant),
      name: 'Winter sprays',
      winter: true,
      startedOn: '2026-05-20',
    }),
  ),
  blankSeries({
    id: id(4),
    plantId: plantId(P.apple1),
    name: 'Clear its leaves each autumn',
    templateId: 'clear-each-autumn',
    startedOn: '2026-05-20',
    steps: [
      blankStep({
        action: 'hand',
        hand: 'clear',
        trigger: { kind: 'yearly', on: '11-10', forDays: 45 },
        times: null,
      }),
    ],
  }),
  blankSeries({
    id: id(5),
    name: 'Buy tape and a hand lens',
    startedOn: '2026-05-20',
    steps: [
      blankStep({
        action: 'errand',
        says: 'Buy tape and a hand lens',
        trigger: { kind: 'date', on: '2026-06-12', forDays: 3 },
      }),
    ],
  }),
];
