import type { WatchStatus } from '#core/decide';
import type { LifeFinding } from '#core/identify';

export const STATUS_WORDS: Readonly<Record<WatchStatus, string>> = {
  suspected: 'suspected',
  named: 'named, not counted this season',
  waiting: 'waiting',
  treating: 'being treated',
  clearing: 'clearing',
  closed: 'closed',
  'ruled-out': 'ruled out',
};

export const LIFE_WORDS: Readonly<Record<LifeFinding['because'], string>> = {
  'live-counted': 'Alive: live ones were counted this season.',
  fluid: 'Alive: fluid or a plump body when pressed or turned over.',
  'eggs-beneath': 'Alive: there are eggs beneath the covers, even if the mother is dry.',
  'live-larva': 'Alive: a larva is in the mine.',
  'dry-and-turned':
    'Dead as far as was looked: covers were turned over and nothing lived beneath. Look again at ' +
    'crawler time.',
  'dry-not-turned': 'Not known: dry covers can shelter eggs. Turn ten or more over and say how many.',
  'moist-after-oil': 'Not known: bodies stay moist for weeks after an oil spray. Judge by new growth.',
  'not-checked': 'Not known this season: press a few, turn some over.',
};
