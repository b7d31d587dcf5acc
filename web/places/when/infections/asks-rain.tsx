import { Link } from 'react-router';
import type { UnreadDays } from '#engine';
import { showDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';

/** Says that the last days' rain was not read, and how they stand until it is. */
export function AsksRain({ unread }: { unread: UnreadDays | null }) {
  const today = useToday();
  if (!unread) return null;
  return (
    <p className="mb-3 text-[0.93rem]">
      Nobody read the rain since {showDate(unread.since, today)}:{' '}
      {unread.foretold > 0
        ? 'those days stand as they had been forecast, and no surer than possible.'
        : 'what those days did is not known.'}{' '}
      <Link className="link-husk" to="/when/stations">
        Read it now
      </Link>
    </p>
  );
}
