import type { LearnedWetness } from '#core/infection';
import { SOURCES } from '#knowledge';
import { useShow } from '../../../show/use-show.ts';
import type { Diary, Untold } from './diary-words.ts';

/** What the figures are worth and where they are from. */
export function RestsOn({ diary, learned }: { diary: Diary | Untold; learned?: LearnedWetness }) {
  const { disease, span } = diary;
  const told = SOURCES.filter(({ id }) => disease.sourceIds.includes(id));
  return (
    <details className="mt-4 text-[0.93rem]">
      <summary className="link-husk min-h-6">What this rests on</summary>
      <p className="mt-2">
        {disease.note} Grade {disease.grade}.
        {span && span.basis !== 'logged' && (
          <>
            {' '}
            Its season is reckoned{' '}
            {span.basis === 'calendar' ? 'by the calendar' : 'from warmth and usual years'}: log the stage on
            the plant's page to set it right.
          </>
        )}
      </p>
      {learned && <Wetness learned={learned} />}
      <ul className="soft mt-1 list-disc pl-5">
        {told.map(({ id, citation }) => (
          <li key={id}>{citation}</li>
        ))}
      </ul>
    </details>
  );
}

function Wetness({ learned: { cases, dewOffsetC } }: { learned: LearnedWetness }) {
  const show = useShow();
  // A difference of temperatures: its zero is the same in both units.
  const apart = show.temperatureNumber(dewOffsetC) - show.temperatureNumber(0);
  return (
    <p className="soft mt-1">
      Wetness: by a leaf sensor or humid air where a logger tells hours (90 % and more, Sentelhas et al.
      2008); else three guesses from each day's rain, which can err by hours (grade C). Here they weigh short{' '}
      {Math.round(cases.short * 100)} %, usual {Math.round(cases.middle * 100)} %, long{' '}
      {Math.round(cases.long * 100)} %; dew point {apart.toFixed(1)} {show.temperatureUnit} below the night's
      low. Cover: half gone after {show.rain(25)} and after its own days (grade C).
    </p>
  );
}
