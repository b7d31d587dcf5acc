import type { Habit } from './disease.ts';

/** Habits by what they take away; each disease names those that matter to it. */
export const HABITS = {
  leaves: {
    id: 'leaves',
    name: 'Clear or shred the fallen leaves',
    says: 'All of them off the ground, or shredded small with a mower: the spores of spring come from them.',
    time: 'leaf-fall',
    hand: 'clear',
  },
  urea: {
    id: 'urea',
    name: '5 % urea on leaves that stay on the ground',
    says: '50 g to a litre of water, over the leaves at leaf fall: what cannot be raked rots before spring.',
    time: 'leaf-fall',
    hand: 'urea',
  },
  mummies: {
    id: 'mummies',
    name: 'Take out dried fruit and dead tips',
    says: 'Every mummy on the tree and under it, and tips cut to clean wood.',
    time: 'winter',
    hand: 'prune',
  },
  canes: {
    id: 'canes',
    name: 'Cut out spotted shoots',
    says: 'Canes and twigs with spots or cankers, before buds swell; bin them.',
    time: 'before-swell',
    hand: 'prune',
  },
  crown: {
    id: 'crown',
    name: 'Open the crown',
    says: 'Light and wind dry leaves hours sooner: fewer wet times are long enough.',
    time: 'winter',
    hand: 'prune',
  },
  shelter: {
    id: 'shelter',
    name: 'Keep the rain off from swell to full leaf',
    says: 'A roof of film over a small tree keeps its buds dry; off again once leaves are grown.',
    time: 'before-swell',
    hand: 'shelter',
  },
  water: {
    id: 'water',
    name: 'Water at the base, in the morning',
    says: 'Leaves that are wetted in the evening are wet till morning.',
    time: 'spring',
    hand: null,
  },
  strip: {
    id: 'strip',
    name: 'Take off the first spotted leaves',
    says: 'Early, on a dry day, into a bag: each spot sends out the next ones.',
    time: 'spring',
    hand: 'strip',
  },
} as const satisfies Readonly<Record<string, Habit>>;

export type HabitId = keyof typeof HABITS;
