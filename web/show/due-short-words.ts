import type { DueKind } from '#core/decide';

/** What is due, in a word or two. */
export const DUE_WORDS: Readonly<Record<DueKind, string>> = {
  'name-it': 'name it',
  'count-first': 'count',
  'hang-tapes': 'put up tapes',
  'change-tape': 'change tapes',
  'read-trap': 'empty the trap',
  'treat-now': 'spray',
  'treat-soon': 'get ready',
  'second-pass': 'second pass',
  'hatch-passing': 'hatch passing',
  'window-disputed': 'let tapes decide',
  'look-alive': 'look again',
  'adults-soon': 'watch for adults',
  'adults-now': 'adults fly',
  'check-after-treatment': 'did it work?',
  'all-stages': 'treat what is there',
  'hang-trap': 'hang a trap',
  'cover-flush': 'cover the flush',
  'clear-leaves': 'clear leaves',
  'dormant-spray': 'winter spray',
  'wait-for-tapes': 'wait for tapes',
  'growth-regulator': 'growth regulator',
  'say-leaves': 'look at its buds',
  'next-look': 'look',
};
