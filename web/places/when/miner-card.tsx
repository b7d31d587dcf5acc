import { howMany } from '#knowledge';
import { Link } from 'react-router';
import { daysBetween } from '#core/calendar';
import type { ClockAnswer, WatchPicture } from '#engine';
import { showDate, showDateRange } from '../../show/dates.ts';
import { showShare } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { projectionWords } from './projection-words.ts';

/** What a leaf miner's clock is: soft growth for citrus, fallen leaves for those that winter in them. */
export function MinerCard({ picture, clock }: { picture: WatchPicture; clock: ClockAnswer }) {
  const show = useShow();
  const { miner, plant, watch } = picture;
  const { flush, minedShare, leavesDown, budSwell } = miner;
  const onCitrus = watch.targetId === 'citrus-leaf-miner';
  if (!onCitrus && !leavesDown) return null;
  return (
    <section aria-label="The miner's moment" className="sheet p-4 text-[0.93rem] flex flex-col gap-2">
      <h2>{onCitrus ? flushTitle(flush, clock.today) : 'Clear the fallen leaves'}</h2>
      {onCitrus &&
        (flush ? (
          <p>
            Soft since {showDate(flush.since)}, hard by{' '}
            {showDateRange(flush.hardBy, flush.hardEarly, flush.hardLate)} by rule of thumb (grade C). Only
            tender leaves are mined: cover newest growth, both sides, and again while it is soft.
          </p>
        ) : (
          <p>
            No flush is logged as soft.{' '}
            <Link className="link-husk" to={`/garden/${plant.id}`}>
              Log when one begins
            </Link>
            , from about 1 cm leaves.
          </p>
        ))}
      {onCitrus && (
        <p>
          {miner.young
            ? 'A young tree: mines cost it growth.'
            : 'A grown tree carries mines; it is left alone below a third of the flush.'}
          {minedShare !== null && ` Last count: ${showShare(minedShare)} of leaves mined.`} Old mined leaves
          still work: leave them on.
        </p>
      )}
      {clock.round && (
        <p>
          A round from egg to moth takes {show.heat(clock.round.roundCd)} above{' '}
          {show.temperature(clock.model.lowerC)}: an egg laid today is a moth by{' '}
          {projectionWords(clock.round.eggToday)}. {roundsWords(clock.round.roundsPassed)}
        </p>
      )}
      {leavesDown && budSwell && (
        <p>
          Its pupae winter in them: from {showDate(leavesDown)} until buds swell, about {showDate(budSwell)}.
        </p>
      )}
    </section>
  );
}

function flushTitle(flush: WatchPicture['miner']['flush'], today: string): string {
  if (!flush) return 'The clock is the flush';
  const days = daysBetween(today, flush.hardBy);
  return days > 0
    ? `Cover the flush for about ${howMany(days, 'more day')}`
    : 'The flush should be hardening';
}

function roundsWords(passed: number): string {
  if (passed === 0) return 'No round has passed since the first mines.';
  return passed === 1
    ? 'One round has passed since the first mines.'
    : `${passed} rounds have passed since the first mines.`;
}
