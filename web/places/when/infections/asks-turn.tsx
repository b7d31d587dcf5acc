import { Link } from 'react-router';
import { useToday } from '../../../show/use-show.ts';
import { type Diary, TURN_WORDS } from './diary-words.ts';

/** Asks for the turn of the year that would set a season right, where nobody logged it. */
export function AsksTurn({ span, plantId }: { span: Diary['span']; plantId: string }) {
  const today = useToday();
  if (!span?.asks || span.from > today) return null;
  return (
    <p className="mb-3 text-[0.93rem]">
      Nobody logged {TURN_WORDS[span.asks]} this year, so when its season begins is reckoned.{' '}
      <Link className="link-husk" to={`/garden/${plantId}`}>
        Log it
      </Link>
    </p>
  );
}
