import { blankStep } from '#core/records';
import { after, each, type SeriesScene, type SeriesTemplate, template } from './template.ts';

const yearly = ({ southern }: SeriesScene, north: string, south: string, forDays: number) =>
  ({ kind: 'yearly', on: southern ? south : north, forDays }) as const;

/** What is done on a plant with nothing wrong today. */
export const PREVENTIVE_SERIES: readonly SeriesTemplate[] = [
  template({
    id: 'spurs-each-winter',
    name: 'Count its spurs each winter',
    says: 'A hundred spurs over the trees tell in midwinter whether oil is asked for.',
    school: { question: 'dormant', id: 'by-spurs' },
    fits: ({ evergreen, first, group }) => evergreen === false && first === null && group === null,
    steps: (scene) => [
      blankStep({
        action: 'errand',
        says: 'Take five spurs from each tree and count what lives on them',
        trigger: yearly(scene, '01-05', '07-05', 30),
        times: null,
      }),
    ],
  }),
  template({
    id: 'trap-each-spring',
    name: 'Traps up each spring',
    says: 'Before the first males or moths fly; dated, and emptied weekly.',
    fits: ({ first }) => first === null,
    steps: (scene) => [
      blankStep({ action: 'hang-trap', trigger: yearly(scene, '03-20', '09-20', 21), times: null }),
    ],
  }),
  template({
    id: 'clear-each-autumn',
    name: 'Clear its leaves each autumn',
    says: 'Scab, rust and miners winter in them: all of them, before snow or swell.',
    fits: ({ evergreen, first, group }) => evergreen === false && first === null && group === null,
    steps: (scene) => [
      blankStep({ action: 'hand', hand: 'clear', trigger: yearly(scene, '11-10', '05-10', 45), times: null }),
    ],
  }),
  template({
    id: 'in-before-frost',
    name: 'In before the first frost, looked over first',
    says: 'Two weeks before it might freeze: looked over, washed, and brought in clean.',
    fits: ({ potted, first }) => potted && first === null,
    steps: () => [
      blankStep({
        action: 'look',
        says: 'Look it over, leaf by leaf, before it comes in',
        trigger: { kind: 'frost' },
      }),
      blankStep({ action: 'bring-in', trigger: { kind: 'frost' } }),
      blankStep({ action: 'look', says: 'What came in with it shows by now', trigger: after(14, 28) }),
    ],
  }),
  template({
    id: 'look-monthly',
    name: 'Look it over every four weeks',
    says: 'Both leaf sides, twigs, crotches: what is met early is a matter of a cloth.',
    fits: ({ first, group }) => first === null && group === null,
    steps: () => [blankStep({ action: 'look', every: each(28, 35), times: null })],
  }),
];
