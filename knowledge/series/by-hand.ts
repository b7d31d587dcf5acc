import { blankStep, type HandworkKind, type StepPlan } from '#core/records';
import { incubationDays } from '../hatch-times.ts';
import { after, beginsWith, each, type SeriesScene, type SeriesTemplate, template } from './template.ts';

const startsBy = (kind: HandworkKind) => (scene: SeriesScene) =>
  beginsWith(scene, 'hand', ({ hand }) => hand === kind) && scene.group !== null;
const justDid = (kind: HandworkKind) => (scene: SeriesScene) => scene.first?.hand === kind;
const again = (hand: HandworkKind, more: Partial<StepPlan>): StepPlan =>
  blankStep({ action: 'hand', hand, ...more });
const look = (least: number, most: number): StepPlan =>
  blankStep({ action: 'look', trigger: after(least, most) });

const OUTDOOR_SUCKERS = new Set(['mite', 'sap-sucker']);

export const HAND_SERIES: readonly SeriesTemplate[] = [
  template({
    id: 'jet-again',
    name: 'Hose them off again after three days, twice',
    says: 'What clung on, or hatched since, is washed off before it breeds; then a look.',
    fits: (scene) => startsBy('jet')(scene) && (scene.first !== null || OUTDOOR_SUCKERS.has(scene.group!)),
    steps: () => [
      again('jet', { every: each(3, 4), times: 3, until: [{ kind: 'looks-clear', looks: 1 }] }),
      look(4, 7),
    ],
  }),
  template({
    id: 'wipe-again',
    name: 'Wipe again each week until nothing is found',
    says: 'A cloth misses the young in the crooks; two looks in a row that find nothing end it.',
    fits: (scene) => justDid('wipe')(scene),
    steps: () => [
      again('wipe', { every: each(7, 10), times: null, until: [{ kind: 'looks-clear', looks: 2 }] }),
    ],
  }),
  template({
    id: 'brush-again',
    name: 'Brush once more after two weeks, then look',
    says: 'Covers hide under covers: the second time reaches what the first laid bare.',
    fits: (scene) => justDid('brush')(scene),
    steps: () => [again('brush', { every: each(14, 21), times: 2 }), look(14, 28)],
  }),
  template({
    id: 'dip-again',
    name: 'Dip again after a week, and look a week on',
    says: 'A minute under water reaches what sits there that day; eggs hatch after it.',
    fits: (scene) => justDid('dip')(scene),
    steps: () => [
      again('dip', { every: each(7, 8), times: 2, until: [{ kind: 'looks-clear', looks: 1 }] }),
      look(7, 10),
    ],
  }),
  template({
    id: 'dip-six-hours',
    name: 'The six-hour dip, once',
    says: 'The other way: six hours under plain cool water in the shade, soil sealed, once; try a shoot first.',
    fits: (scene) => justDid('dip')(scene),
    steps: () => [again('dip', {}), look(3, 5), look(14, 21)],
  }),
  template({
    id: 'band-weekly',
    name: 'Look at the ant band weekly',
    says: 'Leaves, dust and dead ants make bridges within a week; off again at leaf fall, so that nothing winters under it.',
    fits: (scene) =>
      startsBy('band')(scene) &&
      (scene.first !== null || scene.group === 'soft' || scene.group === 'sap-sucker'),
    steps: ({ evergreen }) => [
      again('band', {}),
      blankStep({
        action: 'errand',
        says: 'Clear and renew the ant band; cut what bridges it',
        trigger: after(7, 9),
        every: each(7, 9),
        times: evergreen === false ? null : 26,
        until: evergreen === false ? [{ kind: 'stage', stage: 'leaf-fall' }] : [],
      }),
    ],
  }),
  template({
    id: 'prune-look',
    name: 'Look at the regrowth in four weeks',
    says: 'New shoots tell whether what was left behind has moved on to them.',
    fits: justDid('prune'),
    steps: () => [again('prune', {}), look(21, 35), look(42, 63)],
  }),
  template({
    id: 'pinch-weekly',
    name: 'Pinch weekly while the growth is soft',
    says: 'Only leaves whose larva is still in; hardened leaves are safe.',
    fits: (scene) => justDid('pinch')(scene),
    steps: ({ targetId }) => [
      again('pinch', {
        every: each(7, 8),
        times: targetId === 'citrus-leaf-miner' ? null : 3,
        until: targetId === 'citrus-leaf-miner' ? [{ kind: 'flush-hard' }] : [],
      }),
    ],
  }),
  template({
    id: 'strip-look',
    name: 'Look at the new leaves after one incubation',
    says: 'Sooner nobody can tell: what was on its way has yet to show.',
    fits: (scene) => justDid('strip')(scene),
    steps: ({ targetId }) => {
      const days = incubationDays(targetId, 'fungus')!;
      return [again('strip', {}), look(days, days + 14)];
    },
  }),
  template({
    id: 'clear-again',
    name: 'Clear once more when the last leaves are down',
    says: 'Half of them fall after the first raking; then the new leaves tell in spring.',
    fits: justDid('clear'),
    steps: () => [
      again('clear', { every: each(14, 28), times: 2 }),
      blankStep({ action: 'look', trigger: { kind: 'stage', stage: 'green-tip' } }),
    ],
  }),
  template({
    id: 'hand-then-spray',
    name: 'By hand first, look, then spray what is left',
    says: 'Hand work takes most; the spray a week later meets what it missed, where anything still lives.',
    school: { question: 'first-strike', id: 'hand-first' },
    fits: (scene) =>
      scene.group !== null &&
      scene.group !== 'fungus' &&
      scene.group !== 'leaf-miner' &&
      scene.first?.action === 'hand',
    steps: ({ first }) => [
      again(first!.hand!, {}),
      look(3, 6),
      blankStep({ action: 'spray', trigger: after(7, 10), until: [{ kind: 'looks-clear', looks: 1 }] }),
      look(14, 28),
    ],
  }),
  template({
    id: 'helpers-wait',
    name: 'Wait for the helpers, and count monthly',
    says: 'Where ladybirds, lacewings or holed covers are seen: count live and holed again every four weeks.',
    school: { question: 'helpers', id: 'wait' },
    fits: ({ group, first }) =>
      first === null &&
      (group === 'soft' || group === 'armored' || group === 'sap-sucker' || group === 'giant'),
    steps: () => [blankStep({ action: 'look', trigger: after(28, 35), every: each(28, 35), times: 4 })],
  }),
];
