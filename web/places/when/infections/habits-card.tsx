import { Link } from 'react-router';
import type { Diary } from './diary-words.ts';

const TIME_WORDS = {
  'leaf-fall': 'at leaf fall',
  winter: 'in winter',
  'before-swell': 'before buds swell',
  spring: 'in spring',
} as const;

/** What takes the disease's living before anything is sprayed. */
export function HabitsCard({ diary, watchId }: { diary: Diary; watchId: string }) {
  const { habits } = diary.disease;
  if (habits.length === 0) return null;
  return (
    <section aria-label="Habits first" className="sheet p-4 text-[0.93rem]">
      <h2 className="mb-1">Habits first</h2>
      <ul className="flex flex-col gap-1.5">
        {habits.map(({ id, name, says, time }) => (
          <li key={id}>
            <b className="font-semibold">{name}</b> <span className="soft">{TIME_WORDS[time]}.</span>{' '}
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
