import type { DueKind } from '#core/decide';

/** What a due item is called; `about` is the plant and its trouble, `plant` the plant alone. */
export const DUE_TITLES: Readonly<Record<DueKind, (about: string, plant: string) => string>> = {
  'name-it': (_, plant) => `Name what you see: ${plant}`,
  'count-first': (about) => `Count ${about}`,
  'hang-tapes': (about) => `Put up tapes: ${about}`,
  'change-tape': (about) => `Change the tapes: ${about}`,
  'read-trap': (about) => `Empty the trap: ${about}`,
  'treat-now': (about) => `Spray ${about}`,
  'treat-soon': (about) => `Get ready: ${about}`,
  'second-pass': (about) => `Second pass: ${about}`,
  'hatch-passing': (about) => `The hatch is passing: ${about}`,
  'window-disputed': (about) => `Let the tape decide: ${about}`,
  'look-alive': (about) => `Look again: ${about}`,
  'adults-soon': (about) => `Watch for adults: ${about}`,
  'adults-now': (about) => `Adults fly: ${about}`,
  'all-stages': (about) => `Treat what is there: ${about}`,
  'hang-trap': (about) => `Hang a trap for males: ${about}`,
  'cover-flush': (about) => `Cover the soft flush: ${about}`,
  'clear-leaves': (about) => `Clear fallen leaves: ${about}`,
  'dormant-spray': (about) => `Winter spray: ${about}`,
  'say-leaves': (about) => `Look at its buds: ${about}`,
  'next-look': (about) => `Next look: ${about}`,
  'wait-for-tapes': (about) => `Wait for the tapes: ${about}`,
  'growth-regulator': (about) => `Growth regulator before leaves: ${about}`,
  'check-after-treatment': (about) => `Did it work? ${about}`,
};
