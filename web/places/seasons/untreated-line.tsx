import type { WatchSeasons } from '#engine';
import { effectWords } from '../../show/effect-words.ts';
import { showFullDate } from '../../show/dates.ts';

/** What treating did beside a plant of the same trouble that was left alone, if there is one. */
export function UntreatedLine({ untreated }: Pick<WatchSeasons, 'untreated'>) {
  if (!untreated) return null;
  return (
    <p className="mt-3">
      <b className="font-semibold">Beside a plant left alone.</b>{' '}
      {untreated.efficacy === null
        ? 'A count of none makes the comparison impossible.'
        : `${untreated.plantName} was never treated. Beside it, between ${showFullDate(untreated.from)} and ${showFullDate(untreated.to)}, treating ${effectWords(untreated.efficacy)}.`}
      <span className="soft">
        {' '}
        One plant against one is not proof: they may differ in more than the spray (Henderson & Tilton 1955).
      </span>
    </p>
  );
}
