import { addDays } from '#core/calendar';
import type { BandBar, BandWhat } from '#engine';

/** Bars of the season band that say the same of several plants, as one. */
export interface BandGroup {
  readonly id: string;
  readonly bars: readonly BandBar[];
  readonly from: BandBar['from'];
  readonly to: BandBar['to'];
  readonly state: BandBar['state'];
}

/** Bars of a kind no farther apart than this are one. */
const APART_DAYS = 10;

/** Groups bars that say the same and lie together, in the order of their first days. */
export function groupBars(bars: readonly BandBar[]): BandGroup[] {
  const groups: BandGroup[] = [];
  for (const bar of bars.toSorted((a, b) => (a.from < b.from ? -1 : 1))) {
    const at = groups.findIndex(
      (group) => sameAs(group.bars[0]!, bar) && bar.from <= addDays(group.to, APART_DAYS),
    );
    if (at < 0) groups.push({ id: bar.id, bars: [bar], from: bar.from, to: bar.to, state: bar.state });
    else {
      const group = groups[at]!;
      groups[at] = { ...group, bars: [...group.bars, bar], to: bar.to > group.to ? bar.to : group.to };
    }
  }
  return groups;
}

const sameAs = (a: BandBar, b: BandBar): boolean => a.state === b.state && saysOf(a.what) === saysOf(b.what);

function saysOf(what: BandWhat): string {
  switch (what.kind) {
    case 'window':
      return `window ${what.targetName} ${what.generation}`;
    case 'winter':
      return `winter ${what.spray}`;
    case 'infected':
      return `infected ${what.targetName} ${what.isSure}`;
    case 'flush':
    case 'sprayed':
      return what.kind;
  }
}
