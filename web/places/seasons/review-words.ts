import type { ReviewChoice, YearReview } from '#core/records';
import type { ReviewAnswer, ReviewedWatch, SeasonWork, TrackRecord } from '#engine';
import { howMany, inSentence, materialById } from '#knowledge';
import { showFullDate } from '../../show/dates.ts';
import { levelWords, showMeasureOf } from '../../show/measures.ts';
import { seriesLines } from '../../show/series-words.ts';
import { showShareRange, significant, type Show } from '../../show/units.ts';
import { changeWords, holedWords } from './change-words.ts';
import { growthWords } from './learnt-words.ts';

export const CHOICE_WORDS: Readonly<Record<ReviewChoice, string>> = {
  'carry-on': 'Carry on as this year',
  change: 'Do it differently',
  leave: 'Leave it alone and look',
  close: 'Close it: it is over',
};

/** What was chosen for a watch; nothing for one that nobody decided yet. */
export type Choices = ReadonlyMap<string, ReviewChoice>;

/** What a watch did in the year, line by line. */
export function watchLines({ cell, before, changes, growth }: ReviewedWatch): string[] {
  const counted = cell?.count
    ? `Counted on ${showFullDate(cell.count.on)}: ${showMeasureOf(cell.count.protocol, cell.count.measure)}${cell.count.level ? `; level ${cell.count.level.level} of 5, ${levelWords(cell.count.level)}` : ''}.`
    : 'Not counted this year, so nothing can be said of it.';
  const earlier = before?.count
    ? [`The year before: ${showMeasureOf(before.count.protocol, before.count.measure)}.`]
    : [];
  const moved = changes.flatMap((change) =>
    change.kind === 'level'
      ? [changeWords(change.change)]
      : change.kind === 'holed'
        ? [holedWords(change.by)]
        : change.kind === 'not-compared'
          ? [changeWords({ kind: 'not-comparable', why: change.why })]
          : [],
  );
  const done = cell && cell.sprays + cell.handwork > 0 ? [doneWords(cell)] : ['Nothing was done to it.'];
  return [
    counted,
    ...earlier,
    ...moved,
    ...done,
    ...(cell?.count?.holedShare ? [`Covers holed by wasps: ${showShareRange(cell.count.holedShare)}.`] : []),
    ...(growth ? [`Left alone it makes ${growthWords(growth)} in a usual year here.`] : []),
  ];
}

const doneWords = ({ sprays, handwork }: NonNullable<ReviewedWatch['cell']>): string =>
  `Done: ${[...(sprays > 0 ? [howMany(sprays, 'spray')] : []), ...(handwork > 0 ? [`by hand ${howMany(handwork, 'time')}`] : [])].join(', ')}.`;

/** What the work of a year came to beside the year before. */
export function workLines(work: SeasonWork | null, before: SeasonWork | null, show: Show): string[] {
  if (!work) return ['Nothing was done.'];
  const hours = ({ sprayHours, handMinutes }: SeasonWork) => significant(sprayHours + handMinutes / 60, 1);
  const beside = (words: string) => (before ? ` (the year before ${words})` : '');
  return [
    `${howMany(work.sprays, 'tank')} sprayed${beside(String(before?.sprays ?? 0))}, ${show.volume(work.sprayMl)}${beside(before ? show.volume(before.sprayMl) : '')}.`,
    `About ${hours(work)} hours of work${beside(before ? hours(before) : '')}; spraying by rule of thumb.`,
    ...(work.cost === null
      ? []
      : [
          `Materials for ${work.cost.toFixed(2)}${beside(before?.cost == null ? 'not known' : before.cost.toFixed(2))}.`,
        ]),
  ];
}

/** What the app got right and wrong here, with counts. */
export function recordLines({
  names,
  dates,
  ranges,
}: Pick<ReviewAnswer, 'names' | 'dates' | 'ranges'>): string[] {
  return [
    trackLine(names, 'first names held', 'No name was given that could be judged.'),
    trackLine(
      dates,
      'first hatches came within the days foretold (eight in ten should)',
      'No hatch was seen on tapes against what was foretold.',
    ),
    trackLine(
      ranges,
      'counts lay within the range foretold (eight in ten should)',
      'No count could be foretold from one before it.',
    ),
  ];
}

const trackLine = ({ held, of: all }: TrackRecord, what: string, none: string): string =>
  all === 0 ? none : `${held} of ${all} ${what}.`;

export function programmeLines(programmes: ReviewAnswer['programmes']): string[] {
  if (programmes.length === 0) return ['No programme is laid out yet.'];
  return programmes.map(
    ({ series, plantName, targetName, isOver }) =>
      `${plantName || 'The whole garden'}${targetName ? `, ${inSentence(targetName)}` : ''}: ${series.name}${isOver ? ' (over)' : `. ${seriesLines(series).join('; ')}`}`,
  );
}

export function shoppingLines(shopping: ReviewAnswer['shopping'], amount: (ml: number) => string): string[] {
  if (shopping.length === 0) return ['Nothing to buy by what is planned.'];
  return shopping.map(({ materialId, forWhat, amount: needed, left }) => {
    const much = needed ? `: ${amount(needed[0])} to ${amount(needed[1])}` : '';
    return `${materialById(materialId).name}${much}, for ${forWhat.map(inSentence).join(', ')}${left !== null ? `; ${amount(left)} on the shelf` : ''}.`;
  });
}

/** The sheet as plain text, as it is kept with its season. */
export function reviewText(
  answer: ReviewAnswer,
  choices: Choices,
  note: string,
  show: Show,
  gardenName: string,
): string {
  const part = (title: string, lines: readonly string[]) => [title.toUpperCase(), ...lines, ''];
  return [
    `The year ${answer.season.name}, ${gardenName}`,
    '',
    ...answer.watches.flatMap((watch) =>
      part(`${watch.plantName}, ${inSentence(watch.targetName)}`, [
        ...watchLines(watch),
        ...(choices.has(watch.watchId)
          ? [`Decided: ${inSentence(CHOICE_WORDS[choices.get(watch.watchId)!])}.`]
          : []),
      ]),
    ),
    ...part('The work', workLines(answer.work, answer.workBefore, show)),
    ...part('What was foretold, and what came', recordLines(answer)),
    ...part('Programmes of next year', programmeLines(answer.programmes)),
    ...part(
      'To buy',
      shoppingLines(answer.shopping, (ml) => show.pour(ml)),
    ),
    ...(note.trim() ? part('Note', [note.trim()]) : []),
  ].join('\n');
}

/** The last kept review of a season. */
export const keptFor = (reviews: readonly YearReview[], season: string): YearReview | null =>
  reviews.findLast((review) => review.season === season) ?? null;
