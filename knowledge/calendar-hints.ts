import type { Grade } from '#core/figures';

/**
 * When a trouble's crawlers are usually met where no sum of heat is published: by the calendar of the
 * place named, to be settled by tapes.
 */
export interface CalendarHint {
  readonly targetId: string;
  readonly says: string;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

const hint = (targetId: string, says: string): CalendarHint => ({
  targetId,
  says,
  grade: 'C',
  sourceIds: ['practice'],
});

/** Rules of thumb, northern seasons; shift by half a year in the south. */
export const CALENDAR_HINTS: readonly CalendarHint[] = [
  hint('tuliptree-scale', 'Crawlers from late August into September.'),
  hint('oak-lecanium', 'Crawlers from mid-May to early June in warm south-eastern places, later northward.'),
  hint('indian-wax-scale', 'Crawlers in late spring and early summer, once a year.'),
  hint('florida-wax-scale', 'Crawlers in spring, then two or three more rounds.'),
  hint('white-prunicola-scale', 'Crawlers in spring, then two or three more rounds about two months apart.'),
  hint(
    'crapemyrtle-bark-scale',
    'Crawlers peak from late April into May where winters are mild, spread out, and again in late summer.',
  ),
  hint('walnut-scale', 'Crawlers in late spring and again in late summer.'),
  hint('azalea-bark-scale', 'Crawlers in early summer, in warm places again in autumn.'),
  ...[
    'citrus-snow-scale',
    'black-scale',
    'cottony-cushion-scale',
    'tea-scale',
    'oleander-scale',
    'brown-soft-scale',
  ].map((id) =>
    hint(id, 'Rounds overlap: crawlers may be met in any warm month, so only looking and tapes tell.'),
  ),
  hint('tentiform-leaf-miner', 'Moths fly as buds open, then twice more; count mines a leaf for each round.'),
  hint(
    'horse-chestnut-leaf-miner',
    'Moths fly as leaves unfold, then twice more; cleared leaves in autumn do most.',
  ),
  hint('lilac-leaf-miner', 'Adults in late spring and again in summer; go by the first mines.'),
  hint('azalea-leaf-miner', 'Several rounds from spring on; go by the first mines.'),
  hint('apple-pygmy-miner', 'Two rounds, late spring and late summer; go by the first mines.'),
];

export function calendarHint(targetId: string): CalendarHint | undefined {
  return CALENDAR_HINTS.find((entry) => entry.targetId === targetId);
}
