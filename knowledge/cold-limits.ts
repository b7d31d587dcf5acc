import type { Figure } from '#core/figures';

const ofThumb = (leastC: number): Figure => ({ value: leastC, grade: 'C', sourceIds: ['practice'] });

/**
 * The coldest night a kind of plant bears in a pot, °C: less than in the ground, since roots in a pot are as cold
 * as the air. Rules of thumb that differ between growers and varieties by some degrees; the plant's own figure
 * stands above them.
 */
export const COLD_LIMITS: Readonly<Record<string, Figure>> = {
  lemon: ofThumb(3),
  orange: ofThumb(2),
  calamondin: ofThumb(2),
  kumquat: ofThumb(0),
  'citrus-other': ofThumb(4),
  passionfruit: ofThumb(5),
  hibiscus: ofThumb(7),
  gardenia: ofThumb(4),
  oleander: ofThumb(-2),
  olive: ofThumb(-4),
  fig: ofThumb(-5),
  pomegranate: ofThumb(-5),
  'bay-laurel': ofThumb(-4),
  pittosporum: ofThumb(-3),
  camellia: ofThumb(-4),
};

/** What a kind of which nothing is said is kept above, until its owner says otherwise, °C. */
export const UNSAID_LIMIT = ofThumb(2);

export const coldLimitOf = (hostId: string): Figure => COLD_LIMITS[hostId] ?? UNSAID_LIMIT;
