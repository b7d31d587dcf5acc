import type { NoPlan, PlanHatch, PlanWay } from '#engine';
import { howMany } from '#knowledge';
import type { Doubted, LeftSummary, LifeStage, Look } from '#core/season-model';

const COUNT_WORDS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six'];
export const countWord = (count: number): string => COUNT_WORDS[count] ?? String(count);

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh'];
export const ordinal = (place: number): string => ORDINALS[place] ?? `${place + 1}th`;

/** "19 (9–34)". */
export const rangeWords = ({ median, low, high }: LeftSummary): string =>
  high - low < 1
    ? String(Math.round(median))
    : `${Math.round(median)} (${Math.round(low)}–${Math.round(high)})`;

/** "19 of 100 (9–34)". */
export const leftWords = ({ median, low, high }: LeftSummary): string =>
  `${Math.round(median)} of 100 (${Math.round(low)}–${Math.round(high)})`;

export const STAGE_NAMES: Readonly<Record<LifeStage, string>> = {
  crawler: 'crawlers',
  settled: 'settled young',
  second: 'second stage',
  grown: 'out of reach',
};
export const MINER_STAGE_NAMES: Readonly<Record<LifeStage, string>> = {
  crawler: 'eggs',
  settled: 'young larvae',
  second: 'old larvae',
  grown: 'left the leaf',
};

/** What a plan's cuts are called together. */
export function cutsWords(ways: readonly Pick<PlanWay, 'means'>[]): string {
  const sprays = ways.filter(({ means }) => means.by !== 'hand').length,
    hands = ways.length - sprays;
  const parts = [
    sprays > 0 && howManyWords(sprays, 'spray', 'sprays'),
    hands > 0 && howManyWords(hands, 'time of hand work', 'times of hand work'),
  ].filter((part): part is string => part !== false);
  const [first = 'Nothing', second] = parts;
  return second ? `${first} and ${second.toLowerCase()}` : first;
}

const howManyWords = (count: number, one: string, many: string) =>
  `${countWord(count)} ${count === 1 ? one : many}`;

export const NO_PLAN: Readonly<Record<NoPlan, { readonly title: string; readonly says: string }>> = {
  closed: { title: 'This watch is closed', says: 'Reopen it if the trouble is back.' },
  'not-named': {
    title: 'Name it first',
    says: 'When its young are out, and what reaches them, depends on the kind.',
  },
  'not-modelled': {
    title: 'This kind is not planned by its hatch',
    says:
      'The plan knows scale and leaf miners, whose young are open to sprays for a time. Leaf fungi go by wet ' +
      'spells, and aphids, mites and their kin breed all season: look weekly and act on what you count.',
  },
  'no-hatch': {
    title: 'Nothing says yet when it hatches',
    says:
      'No sum of heat, no usual months and no tapes are known for it here. Hang tapes, or note the first ' +
      'crawlers you see, and it can be planned.',
  },
};

export const BASIS_WORDS: Readonly<Record<PlanHatch['basis'], string>> = {
  published: 'a published sum of heat on your thermometer',
  'own-seasons': 'the hatches your own tapes caught in other years',
  months: 'the usual months, which are weeks wide',
  flush: 'the flush you logged',
  seen: 'the day you first caught or saw crawlers',
};

/** What the hatch rests on, in a line. */
export function hatchWords({ basis, tapes }: PlanHatch): string {
  const seen =
    tapes.count === 0
      ? 'no tape of this season yet'
      : tapes.caught === 0
        ? `${howMany(tapes.count, 'tape')} of this season, all empty`
        : `${howMany(tapes.count, 'tape')} of this season with ${howMany(tapes.caught, 'crawler')}`;
  return `Its hatch goes by ${BASIS_WORDS[basis]}${basis === 'flush' ? '' : `, and ${seen}`}.`;
}

/** A look, as what would narrow the range. */
export const LOOK_WORDS: Readonly<Record<Look, string>> = {
  tapes: 'Three tapes read weekly, until the catch has fallen,',
  'tagged-spots': 'Ten spots tagged and looked at right after the spray',
  'covers-turned': 'Thirty covers turned over, two to four weeks after it,',
};

export const MINER_LOOK_WORDS: Readonly<Record<Look, string>> = {
  tapes: 'Three moth traps emptied weekly, until few fly,',
  'tagged-spots': 'Ten spots tagged and looked at right after the spray',
  'covers-turned': 'Thirty mines held to the light two weeks after it',
};

/** What is doubted, and the cheapest look that would settle more of it. */
export const DOUBT_WORDS: Readonly<Record<Doubted, { readonly name: string; readonly look: string }>> = {
  weather: {
    name: 'the weather to come',
    look: 'Nothing to look at: it settles by itself as the days pass. Come back in a week.',
  },
  'hatch-first': {
    name: 'when it begins to hatch',
    look: 'Hang tapes now: the first crawlers on them settle the begin to within a week.',
  },
  'hatch-span': {
    name: 'how long the hatch lasts',
    look: 'Three more tapes, read weekly until the catch has fallen, narrow it most.',
  },
  'soft-time': {
    name: 'how long the young stay soft',
    look: 'With a lens, look weekly whether a cover can be lifted off what settled first.',
  },
  kill: {
    name: 'how much the spray kills of what it wets',
    look: 'Turn thirty covers over, two to four weeks after a spray, and count the living.',
  },
  coverage: {
    name: 'how much of the plant is wetted',
    look: 'Tag ten spots (undersides, forks, the top) and look at them right after spraying.',
  },
  residue: {
    name: 'how long the deposit works',
    look: 'Read the label, and empty a rain gauge: 25 mm (an inch) take half of it.',
  },
  holed: {
    name: 'how many the wasps take',
    look: 'Count holes among fifty covers.',
  },
  source: {
    name: 'how many come over from the source plant',
    look: 'Hang a tape on the source plant, and one on the side that faces it.',
  },
  growth: {
    name: 'how fast they multiply',
    look: 'Count the same twigs at the same time next year.',
  },
};
