import type { CARE_KINDS, GrowthStage } from '#core/records';

export const STAGE_WORDS: Readonly<Record<GrowthStage, string>> = {
  'bud-swell': 'buds swelling',
  'green-tip': 'green tip',
  'bloom-start': 'first flowers open',
  'bloom-end': 'bloom over',
  'petal-fall': 'petals fallen',
  'flush-start': 'new flush begins',
  'flush-hard': 'flush hardened',
  'leaf-fall': 'nine in ten leaves fallen',
  'seen-bare': 'seen bare',
  'seen-in-leaf': 'seen in leaf',
};

export const CARE_WORDS: Readonly<Record<(typeof CARE_KINDS)[number], string>> = {
  feeding: 'fed',
  watering: 'watered',
  shading: 'shaded',
  repotting: 'repotted',
  pruning: 'pruned',
  'looked-over': 'looked over, nothing found',
  washed: 'washed or wiped',
  bought: 'bought',
  other: 'other care',
};
