import { blankStep, type StepPlan } from '#core/records';
import type { HabitTime } from '../infection/disease.ts';
import { diseaseOf } from '../infection/diseases.ts';
import { after, each, type SeriesScene, type SeriesTemplate, template } from './template.ts';

const isFor =
  (...targetIds: readonly string[]) =>
  ({ targetId, first }: SeriesScene) =>
    first === null && targetId !== null && targetIds.includes(targetId);
const look = (least: number, most: number): StepPlan =>
  blankStep({ action: 'look', trigger: after(least, most) });
const yearly = ({ southern }: SeriesScene, north: string, south: string, forDays: number) =>
  ({ kind: 'yearly', on: southern ? south : north, forDays }) as const;

/** When each kind of habit begins, as a series waits for it. */
const STAGE_OF: Readonly<Record<HabitTime, 'leaf-fall' | 'bud-swell' | 'green-tip'>> = {
  'leaf-fall': 'leaf-fall',
  winter: 'leaf-fall',
  'before-swell': 'bud-swell',
  spring: 'green-tip',
};

/** Seasons of leaf fungi: habits first, and what is put on by the calendar where nothing tells the weather. */
export const FUNGUS_SERIES: readonly SeriesTemplate[] = [
  template({
    id: 'fungus-habits',
    name: 'A year of habits against it',
    says: 'What it winters on is taken away in its time, and looked after in spring. Nothing is sprayed.',
    school: { question: 'leaf-fungi', id: 'habits-only' },
    fits: ({ targetId, first, evergreen }) =>
      first === null &&
      evergreen === false &&
      // Its own school says what is done and left.
      targetId !== 'fig-rust' &&
      (diseaseOf(targetId)?.habits.some(({ hand }) => hand !== null) ?? false),
    steps: ({ targetId }) => [
      ...diseaseOf(targetId)!.habits.flatMap(({ hand, says, time }) =>
        hand === null
          ? []
          : [blankStep({ action: 'hand', hand, says, trigger: { kind: 'stage', stage: STAGE_OF[time] } })],
      ),
      blankStep({ action: 'look', trigger: { kind: 'stage', stage: 'green-tip' } }),
      look(28, 42),
    ],
  }),
  template({
    id: 'curl-copper',
    name: 'Copper at leaf fall and again before buds swell',
    says: 'On bare wood, all of it wetted; the second counts most. Nothing helps once leaves pucker.',
    fits: isFor('peach-leaf-curl'),
    steps: () => [
      blankStep({ action: 'spray', materials: ['copper'], trigger: { kind: 'stage', stage: 'leaf-fall' } }),
      blankStep({ action: 'spray', materials: ['copper'], trigger: { kind: 'stage', stage: 'bud-swell' } }),
      blankStep({ action: 'look', trigger: { kind: 'stage', stage: 'green-tip' } }),
      look(28, 42),
    ],
  }),
  template({
    id: 'blossom-covers',
    name: 'Cover from pink bud to petal fall',
    says: 'Twice while blossom opens; mummies out in winter do more. Never on open bloom what harms bees.',
    fits: isFor('brown-rot'),
    steps: () => [
      blankStep({ action: 'hand', hand: 'prune', trigger: { kind: 'stage', stage: 'leaf-fall' } }),
      blankStep({
        action: 'spray',
        materials: ['captan'],
        trigger: { kind: 'stage', stage: 'green-tip' },
        every: each(7, 10),
        times: 2,
      }),
      look(14, 21),
    ],
  }),
  template({
    id: 'citrus-after-bloom',
    name: 'Copper from petal fall',
    says: 'Young fruit and flush are open for weeks: at petal fall, and again three weeks on.',
    fits: isFor('melanose', 'citrus-scab'),
    steps: () => [
      blankStep({ action: 'spray', materials: ['copper'], trigger: { kind: 'petal-fall' } }),
      blankStep({ action: 'spray', materials: ['copper'], trigger: after(18, 24) }),
      look(21, 35),
    ],
  }),
  template({
    id: 'rains-early-and-late',
    name: 'Early and late in the rains, leaves cleared between',
    says: 'Oil or copper on the undersides; spots show months later, so next year tells.',
    fits: isFor('greasy-spot'),
    steps: (scene) => [
      blankStep({
        action: 'spray',
        materials: ['mineral-oil'],
        trigger: yearly(scene, '06-05', '12-05', 21),
        times: null,
      }),
    ],
  }),
  template({
    id: 'autumn-and-late-winter-copper',
    name: 'Copper before the autumn rains and in late winter',
    says: 'It infects through the wet cool months; spots show weeks to months later.',
    fits: isFor('olive-peacock-spot'),
    steps: (scene) => [
      blankStep({
        action: 'spray',
        materials: ['copper'],
        trigger: yearly(scene, '09-20', '03-20', 30),
        times: null,
      }),
    ],
  }),
];
