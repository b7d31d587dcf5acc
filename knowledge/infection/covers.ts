import { efficacyAgainst } from '../efficacy.ts';
import { targetById } from '../targets/index.ts';

/** What a material does as a cover, once it is dry. */
export interface CoverFigure {
  readonly halfLifeDays: number;
  /** Share of infections it keeps off while it is fresh and everything was wetted. */
  readonly keepsOff: number;
}

/**
 * Half of a cover is gone after so many days, besides what rain takes (rules of thumb, grade C): sulfur 5 to 7,
 * captan, mancozeb and copper 7 to 10, bicarbonate 1 to 3. Oil covers nothing once dry.
 */
const HALF_LIFE_DAYS: Readonly<Record<string, number>> = {
  sulfur: 6,
  'lime-sulfur': 6,
  captan: 8.5,
  mancozeb: 8.5,
  chlorothalonil: 8.5,
  copper: 8.5,
  'copper-soap': 7,
  bicarbonate: 2,
  bacillus: 3,
  myclobutanil: 8.5,
  tebuconazole: 8.5,
};
/** On bark and shut buds copper clings for weeks (grade C). */
const ON_BUDS_DAYS = 21;

const KEEPS_OFF = { works: 0.9, 'in part': 0.65, poor: 0, avoid: 0 } as const;

/** How a material covers against a trouble; null where it keeps nothing of it off. */
export function coverOf(materialId: string, targetId: string, onBareWood: boolean): CoverFigure | null {
  const halfLifeDays = HALF_LIFE_DAYS[materialId];
  if (halfLifeDays === undefined) return null;
  const word = efficacyAgainst(targetById(targetId)).find((entry) => entry.materialId === materialId)?.word;
  const keepsOff = word ? KEEPS_OFF[word] : 0;
  if (keepsOff === 0) return null;
  return { halfLifeDays: onBareWood && materialId === 'copper' ? ON_BUDS_DAYS : halfLifeDays, keepsOff };
}

/** Share of a spray's wetting by what was said of it; unsaid, as home sprayers usually do (grade C). */
export const WETTED = { everything: 1, 'missed-some': 0.7, unsaid: 0.85 } as const;
