import { Link } from 'react-router';
import { gotThrough } from '#core/infection';
import { showDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { BlightAdvice, BySchool, OverTheFence, Resists } from './cover-advice.tsx';
import { chanceWords, type Diary } from './diary-words.ts';

/** The next wet time: is a cover worth it, by when, in which hours, with what; and after one that got through. */
export function AheadCard({
  diary,
  watchId,
  outOfReach,
}: {
  diary: Diary;
  watchId: string;
  outOfReach: boolean;
}) {
  const { ahead, school, hasForecast, spells, resists } = diary;
  const today = useToday();
  const through = spells.findLast(gotThrough);
  const isBlight = diary.disease.targetId === 'fire-blight';
  return (
    <section aria-label="Next" className="sheet p-4">
      <h2 className="mb-1">Next</h2>
      {!hasForecast ? (
        <p>
          No forecast, so what is to come is not known.{' '}
          <Link className="link-husk" to="/when/stations">
            Type one in
          </Link>
          .
        </p>
      ) : ahead === null ? (
        <p>No wet time in the forecast that would infect.</p>
      ) : (
        <>
          <p>
            <b className="font-semibold">{showDate(ahead.on, today)}:</b> {chanceWords(ahead.chance)} that it
            infects what is bare; {bareWords(ahead.bare)} will be.
          </p>
          {isBlight ? <BlightAdvice /> : <Worth diary={diary} watchId={watchId} outOfReach={outOfReach} />}
        </>
      )}
      {resists && <Resists />}
      {through && school !== 'habits-only' && (
        <p className="soft text-sm mt-2">
          What got through on {showDate(through.from.date)} is in the leaf: nothing that only covers takes it
          back. Look on its days; do not spray for comfort.
        </p>
      )}
    </section>
  );
}

/** "all of it", "about 6 in 10". */
function bareWords(share: number): string {
  const tenths = Math.round(share * 10);
  return tenths === 10 ? 'all of it' : `about ${tenths} in 10`;
}

function Worth({ diary, watchId, outOfReach }: { diary: Diary; watchId: string; outOfReach: boolean }) {
  const { ahead, school, renewOn } = diary;
  const today = useToday();
  if (!ahead) return null;
  if (outOfReach) return <OverTheFence />;
  if (school !== 'by-forecast') return <BySchool school={school} renewOn={renewOn} />;
  if (!ahead.isWorthIt)
    return <p className="mt-1">Not worth a cover: little is bare, or it is little likely to infect.</p>;
  if (ahead.coverBy < today)
    return (
      <p className="mt-1">
        Worth a cover, but it would not dry before: look on the day its spots would show.
      </p>
    );
  return (
    <>
      <p className="mt-1">
        Worth a cover that is dry by {showDate(ahead.coverBy, today)}
        {ahead.product ? ` (${ahead.product.name})` : ''}.
      </p>
      {ahead.product === null ? (
        <p className="soft text-sm mt-1">Nothing on the shelf covers against it.</p>
      ) : ahead.hours.length > 0 ? (
        <p className="text-sm mt-1">
          Good hours:{' '}
          {ahead.hours
            .map(({ date, fromHour, toHour }) => `${showDate(date)}, ${fromHour}–${toHour} h`)
            .join('; ')}
          .
        </p>
      ) : (
        <p className="soft text-sm mt-1">No good hours for it before then.</p>
      )}
      {ahead.heldBy.length > 0 && (
        <p className="mt-1">
          <b className="font-semibold">Not today:</b> {ahead.heldBy.join(' ')}
        </p>
      )}
      <Link className="btn btn-sm btn-primary mt-2" to={`/mix?watch=${watchId}`}>
        Mix
      </Link>
    </>
  );
}
