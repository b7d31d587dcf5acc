import type { Clue, Explanation } from '#core/failure';
import type { LookId } from '#knowledge';

interface ExplanationWords {
  /** As the end of "Most likely …". */
  readonly because: string;
  /** As a heading. */
  readonly name: string;
  readonly nextTime: string;
}

export const EXPLANATION_WORDS: Readonly<Record<Explanation, ExplanationWords>> = {
  'wrong-stage': {
    name: 'Wrong moment',
    because: 'it was done when few of them could be reached',
    nextTime:
      'Time it by tapes: spray when the soft young (crawlers and settled first stage) are out, not by the calendar.',
  },
  'too-little-wetted': {
    name: 'Too little wetted',
    because: 'the spray missed where they sit',
    nextTime: 'Wet undersides, forks and the top to the drip, and look at ten spots afterwards.',
  },
  'came-back': {
    name: 'Came back from a source',
    because: 'new ones walked or blew over from a plant that was not treated',
    nextTime: 'Clear or treat the source plant first, then this one.',
  },
  'old-covers': {
    name: 'It did work: these are old covers',
    because: 'it did work, and what was counted are old covers; they stay for years',
    nextTime: 'Turn covers over, or judge by this year’s growth only, before anything is sprayed again.',
  },
  'count-too-small': {
    name: 'Too few counted to show it',
    because: 'the counts were too small to show a change',
    nextTime:
      'Count more, or tag twigs and leave half of them untreated: the same ones before and after tell most.',
  },
  'washed-or-baked': {
    name: 'Washed off or baked',
    because: 'rain or heat took the spray before it worked',
    nextTime: 'Choose a dry mild day: the spray hours under When say which.',
  },
  'too-early': {
    name: 'Too early to tell',
    because: 'it was counted before the work could show',
    nextTime: 'Count again, on new growth, when the time is up.',
  },
  'too-weak': {
    name: 'Mixed too weak',
    because: 'the mix was weaker than the label asks',
    nextTime: 'Let the bench reckon the amount for the sprayer you hold, and measure it.',
  },
  'does-not-reach': {
    name: 'A material that does not reach it',
    because: 'the material does little to this kind of pest',
    nextTime: 'Take one that reaches it: weighing the watch shows which.',
  },
  'helpers-or-ants': {
    name: 'Helpers killed, or ants at work',
    because: 'what would have eaten them was killed, or ants kept it away',
    nextTime: 'Keep ants off with a sticky band over a wrap, and leave out what kills helpers.',
  },
  'wrong-name': {
    name: 'Wrong name',
    because: 'it is another trouble than it is called',
    nextTime: 'Name it again, or send a sample to a laboratory, before anything is sprayed.',
  },
  'same-mode': {
    name: 'Same mode of action again and again',
    because: 'the same mode of action was used so often that those it spares are left',
    nextTime: 'Change the mode of action, or use what nothing grows used to: oil, soap, hands.',
  },
  'as-expected': {
    name: 'It did what such work does',
    because: 'the work took what it usually takes, and the year’s growth made up for it',
    nextTime: 'Two well-timed treatments, or one and work by hand, take more than one.',
  },
};

/** What a record says, as a line under an explanation. */
export const CLUE_WORDS: Readonly<Record<Clue, string>> = {
  'met-few': 'on the days it was done few of them were soft, by the season’s hatch',
  'met-fewer': 'the days were not the best, by the season’s hatch',
  'met-most': 'most were soft on the days it was done, by the book’s hatch',
  'met-most-by-own-hatch': 'most were soft on the days it was done, by your own tapes or sighting',
  'hard-stage-seen': 'you saw eggs or grown ones when you sprayed',
  'soft-stage-seen': 'you saw soft young when you sprayed',
  'missed-some-said': 'you said that some was missed',
  'everything-said': 'you said that everything was wetted',
  'spots-dry': 'many of the spots looked at afterwards were dry',
  'spots-wet': 'most of the spots looked at afterwards were wet',
  'below-label': 'the mix was well below the label’s lowest rate',
  'just-below-label': 'the mix was a little below the label’s lowest rate',
  'label-rate': 'the mix was at the label’s rate',
  'rain-much': 'it rained hard that day or the next',
  'rain-some': 'it rained a little that day or the next',
  'dry-after': 'it stayed dry and mild that day and the next',
  'hot-after': 'it was very hot that day or the next',
  'reaches-little': 'what was used does little to this kind',
  reaches: 'what was used reaches this kind',
  'source-touching': 'an infested plant touches it',
  'source-near': 'a source plant stands near',
  'source-infested': 'it was found infested when last looked at',
  'source-clear': 'the plants beside it were found clear',
  ants: 'ants were seen on it',
  'no-ants': 'no ants were seen',
  'helpers-killed': 'what was used kills most helpers',
  'same-mode-often': 'one mode of action was used four times or more in a row',
  'same-mode-some': 'one mode of action was used three times in a row',
  'modes-changed': 'no mode of action was used again and again',
  'new-growth-clean': 'this year’s growth was clean',
  'new-growth-live': 'they sat on leaves or young twigs',
  'pressed-dry': 'pressed or turned over, they were dry and empty',
  'pressed-alive': 'pressed or turned over, they were alive',
  'not-turned': 'no covers were turned over',
  'counted-soon': 'it was counted before such work can show',
  'counted-late-enough': 'it was counted late enough for such work to show',
  'count-blunt': 'counts like these would miss a halving more often than not',
  'count-sharp': 'counts like these would show a halving',
  'name-unsure': 'by the signs on record the name is doubtful',
  'name-sure': 'the signs on record fit the name',
  'name-by-lab': 'a laboratory or adviser named it',
};

interface LookWords {
  readonly ask: string;
  readonly how: string;
  readonly yes: string;
  readonly no: string;
}

/** Looks that tell reasons apart, asked on the spot. */
export const TELLING_LOOK_WORDS: Readonly<Record<LookId, LookWords>> = {
  'covers-empty': {
    ask: 'Turn twenty covers over with a knife point. Are nearly all empty or dry?',
    how: 'From several twigs. A plump body or coloured dust (eggs) beneath is alive.',
    yes: 'covers turned over were empty',
    no: 'covers turned over were alive',
  },
  'new-growth-clean': {
    ask: 'Look at this year’s growth only. Is it clean?',
    how: 'Leaves and twigs grown since spring, both sides. Old wood keeps old covers for years.',
    yes: 'this year’s growth is clean',
    no: 'this year’s growth carries them',
  },
  'young-of-one-age': {
    ask: 'Are the live ones nearly all young, of one small size?',
    how: 'With a lens. Many of one small size hatched after the work; mothers among them lived through it.',
    yes: 'the live ones are all young, hatched after the work',
    no: 'grown ones are among the live',
  },
  'missed-in-shelter': {
    ask: 'Do the live ones sit mostly on undersides, in forks or at the top?',
    how: 'Compare an outer twig’s upper side with its underside and the inner wood.',
    yes: 'the live ones sit where a spray hardly comes',
    no: 'the live ones sit everywhere alike',
  },
  'source-alive': {
    ask: 'Look at the plants that touch it or stand beside it. Do they carry the same, alive?',
    how: 'Over the fence too, from your own side.',
    yes: 'a plant beside it carries them alive',
    no: 'the plants beside it are clean',
  },
  'spoon-short': {
    ask: 'Measure your spoon or cap with water. Does it hold less than you reckoned?',
    how: 'Use a marked syringe or a kitchen scale: 1 ml of water weighs 1 g. Keep it for sprays only.',
    yes: 'the spoon holds less than reckoned',
    no: 'the spoon holds what was reckoned',
  },
  'ants-about': {
    ask: 'Watch the stem for a minute on a warm day. Do ants run on it?',
    how: 'Ants farm honeydew and fight off what would eat the pest.',
    yes: 'ants run on the stem',
    no: 'no ants on the stem',
  },
  'signs-differ': {
    ask: 'Lift a cover and compare it with the page of this trouble. Is something plainly different?',
    how: 'Shape, colour, whether the cover comes off apart from the body, honeydew or none.',
    yes: 'it looks different from what it is called',
    no: 'it looks as it is called',
  },
};

/** The words of an evidence's code: a clue's, or a look's that was taken. */
export function evidenceWords(code: string): string {
  if (code in CLUE_WORDS) return CLUE_WORDS[code as Clue];
  const [id, said] = code.split(' ') as [LookId, 'yes' | 'no'];
  return TELLING_LOOK_WORDS[id][said];
}

/** Odds in tenths: no more is known. */
export function oddsWords(odds: number): string {
  if (odds < 0.05) return 'hardly';
  if (odds > 0.95) return 'nearly certain';
  return `about ${Math.min(9, Math.max(1, Math.round(odds * 10)))} in 10`;
}
