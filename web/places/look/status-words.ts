import type { WatchStatus } from '#core/decide';
import { isScaleGroup, type LifeFinding, type TargetGroup } from '#core/identify';

export const STATUS_WORDS: Readonly<Record<WatchStatus, string>> = {
  suspected: 'suspected',
  named: 'named, not counted this season',
  waiting: 'waiting',
  treating: 'being treated',
  clearing: 'clearing',
  recovering: 'recovering',
  closed: 'closed',
  'ruled-out': 'ruled out',
};

const LIFE_WORDS: Readonly<Record<LifeFinding['because'], string>> = {
  'live-counted': 'Alive: live ones were counted this season.',
  'crawlers-walk': 'Alive: crawlers were caught or seen since it was last looked over.',
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

/** Of what is no scale nothing can be pressed: how to see that it goes on. */
const UNCHECKED: Readonly<Partial<Record<TargetGroup, string>>> = {
  fungus: 'Not counted this season: look whether leaves that opened since have spots.',
  'leaf-miner': 'Not known this season: hold mined leaves to the light and look for the larva.',
  mite: 'Not known this season: tap a branch over white paper and see what walks.',
};

/** Whether it lives, and how that is known or can be found out. */
export function lifeWords({ because }: LifeFinding, group: TargetGroup | null): string {
  if (because !== 'not-checked' || group === null || isScaleGroup(group)) return LIFE_WORDS[because];
  return UNCHECKED[group] ?? 'Not counted this season: look at the newest growth.';
}

/** What a status says, where one word does not. */
export const STATUS_MEANS: Readonly<Partial<Record<WatchStatus, string>>> = {
  clearing: 'fewer than at the count before, beyond what chance does',
  recovering: 'the last count after treating found nothing alive on what it looked at',
};
