import type { DormantPlace, DormantSpray } from '#core/plan';

export const SPRAY_WORDS: Readonly<Record<DormantSpray, string>> = {
  oil: 'Dormant oil',
  copper: 'Fixed copper',
  'oil-and-copper': 'Oil with fixed copper',
  'spur-sample': 'Spur sample, 100 spurs if there are as many',
};
export const PLACE_WORDS: Readonly<Record<DormantPlace, string>> = {
  'leaf-fall': 'at leaf fall',
  midwinter: 'in midwinter',
  'before-swell': 'before buds swell',
  delayed: 'delayed dormant, from swell to first green',
  monthly: 'once in the month',
  'cool-season': 'at leaf rates in the cool season, growth hardened and not begun',
  'green-tip': 'from silver to green tip',
};
