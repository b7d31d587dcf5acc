import { Link } from 'react-router';
import { WEIGH_RULES } from '#knowledge';
import { showDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { chanceWords, type Diary, gotThrough } from './diary-words.ts';

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
            infects what is bare; about {Math.round(ahead.bare * 10)} in 10 will be.
          </p>
          {isBlight ? (
            <p className="mt-1">
              Report it or ask your adviser: blossom sprays against it are not for home gardens.
            </p>
          ) : (
            <Worth diary={diary} watchId={watchId} outOfReach={outOfReach} />
          )}
        </>
      )}
      {resists && (
        <p className="soft text-sm mt-1">The variety is said to resist it: covers are seldom worth it.</p>
      )}
      {through && school !== 'habits-only' && (
        <p className="soft text-sm mt-2">
          What got through on {showDate(through.from.date)} is in the leaf: nothing that only covers takes it
          back. Look on its days; do not spray for comfort.
        </p>
      )}
    </section>
  );
}

function Worth({ diary, watchId, outOfReach }: { diary: Diary; watchId: string; outOfReach: boolean }) {
  const { ahead, school, renewOn } = diary;
  const today = useToday();
  if (!ahead) return null;
  if (outOfReach)
    return <p className="mt-1 soft">It stands over the fence: it can be watched, not covered.</p>;
  if (school === 'habits-only')
    return <p className="mt-1">By the school you follow nothing is sprayed: habits only.</p>;
  if (school === 'by-calendar')
    return (
      <p className="mt-1">
        By the school you follow a cover is renewed by the calendar
        {renewOn === null
          ? ', in its season.'
          : renewOn <= today
            ? ': it is due now.'
            : `: next on ${showDate(renewOn, today)}.`}
      </p>
    );
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
          <b className="font-semibold">Not today:</b>{' '}
          {WEIGH_RULES.filter(({ id }) => ahead.heldBy.includes(id))
            .map((rule) => rule.says)
            .join(' ')}
        </p>
      )}
      <Link className="btn btn-sm btn-primary mt-2" to={`/mix?watch=${watchId}`}>
        Mix
      </Link>
    </>
  );
}
