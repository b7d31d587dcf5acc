import { yearOf } from '#core/calendar';
import type { DiarySpell } from './infection-diary.ts';

/** How often what the diary said held, where somebody looked on the days. */
export interface DiaryRecord {
  /** Said to have got through: how many showed spots. */
  readonly through: { readonly looked: number; readonly spotted: number };
  /** Said to be covered or no infection: how many stayed clean. */
  readonly held: { readonly looked: number; readonly clean: number };
  /** Years in which somebody looked, in order. */
  readonly years: readonly number[];
}

export function diaryRecord(spells: readonly DiarySpell[]): DiaryRecord {
  const looked = spells.filter(({ seen }) => seen.kind === 'spots' || seen.kind === 'none');
  const through = looked.filter(({ standing }) => standing === 'through');
  const held = looked.filter(({ standing }) => standing === 'covered' || standing === 'reached-back');
  // One look tells of all the times whose spots it might have met.
  const looks = (list: readonly DiarySpell[], kinds: readonly DiarySpell['seen']['kind'][]) =>
    new Set(list.flatMap(({ seen }) => ('on' in seen && kinds.includes(seen.kind) ? [seen.on] : []))).size;
  return {
    through: { looked: looks(through, ['spots', 'none']), spotted: looks(through, ['spots']) },
    held: { looked: looks(held, ['spots', 'none']), clean: looks(held, ['none']) },
    years: [...new Set([...through, ...held].map(({ from }) => yearOf(from.date)))].sort((a, b) => a - b),
  };
}
