import { Link } from 'react-router';
import type { CivilDate } from '#core/calendar';
import { showShortDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import type { Diary, Untold } from './diary-words.ts';

const TIME_WORDS = {
  'leaf-fall': 'at leaf fall',
  winter: 'in winter',
  'before-swell': 'before buds swell',
  spring: 'in spring',
} as const;

/** What takes the disease's living before anything is sprayed, and in which days. */
export function HabitsCard({ diary, watchId }: { diary: Diary | Untold; watchId: string }) {
  const { habits } = diary.disease;
  const today = useToday();
  if (habits.length === 0) return null;
  return (
    <section aria-label="Habits first" className="sheet p-4 text-[0.93rem]">
      <h2 className="mb-1">Habits first</h2>
      <ul className="flex flex-col gap-1.5">
        {habits.map(({ id, name, says, time }) => (
          <li key={id}>
            <b className="font-semibold">{name},</b>{' '}
            <span className="soft">{daysOfHabit(diary, id, today) ?? TIME_WORDS[time]}.</span>{' '}
            <span className="soft">{says}</span>
          </li>
        ))}
      </ul>
      <Link className="link-husk inline-block mt-2 min-h-6" to={`/look/${watchId}/hand`}>
        Log work done
      </Link>
    </section>
  );
}

/** "1 Nov to 16 Dec": the next days for a habit that nobody has done yet. */
function daysOfHabit({ habits }: Diary | Untold, id: string, today: CivilDate): string | null {
  const next = habits.find(({ ids, to }) => to >= today && ids.some((code) => code === id));
  if (!next) return null;
  return `${showShortDate(next.from)} to ${showShortDate(next.to)}`;
}
