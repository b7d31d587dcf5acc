import type { FactCode, FactKind } from '#core/decide';

/** What a recommendation rests on, as a label before its figure. */
export const FACT_WORDS: Readonly<Record<FactKind, string>> = {
  'adults-first-seen': 'Adults first seen or trapped',
  'adults-last-seen': 'Adults last seen or trapped',
  'trap-hangs-since': 'The trap hangs, or was last emptied',
  'all-stages-seen': 'All stages seen',
  'caught-first': 'First crawlers caught or seen',
  'caught-last': 'Last crawlers caught or seen',
  'last-look': 'Last looked at',
  'soft-until': 'Soft enough until',
  'usual-months': 'Usually met (rule of thumb, grade C)',
  'buds-swell': 'Buds swell',
  'counted-from': 'Counted from',
  'expected-on': 'Expected on',
  'first-crawlers-published-at': 'First crawlers, published at',
  'first-green': 'First green',
  'first-hatch-published-at': 'First hatch, published at',
  'hard-by-by-rule-of-thumb': 'Hard by, by rule of thumb',
  'heat-so-far-of-the-way-there': 'Heat so far, of the way there',
  'last-spray': 'Last spray',
  'last-tapes-crawlers-a-week': 'Last tapes, crawlers a week',
  'leaves-down': 'Leaves down',
  'leaves-mined-last-count': 'Leaves mined, last count',
  'of-this-winters-sprays': "Of this winter's sprays",
  opened: 'Opened',
  'reached-on': 'Reached on',
  'since-then': 'Since then',
  'soft-since': 'Soft since',
  tapes: 'Tapes',
  'the-tapes-say': 'The tapes say',
  treated: 'Treated',
  what: 'What',
  warmth: 'Warmth so far',
  'window-published-as': 'Window, published as',
};

const OWN_WORDS: Readonly<Partial<Record<FactCode, string>>> = {
  'first-males-trapped': 'the first males trapped',
  'matters-most': 'the one that matters most',
  read: 'by a thermometer',
  'guessed-by-usual-months': 'a guess from the usual months: no thermometer',
  'guessed-by-frost-and-heat': 'a guess from what you told of frost and heat: no thermometer (grade C)',
};

/** A fact that is no figure; most codes are the field's own terms. */
export const factCodeWords = (code: FactCode): string => OWN_WORDS[code] ?? code.replaceAll('-', ' ');
