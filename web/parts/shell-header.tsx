import {
  CalendarClock,
  CookingPot,
  Eye,
  Leaf,
  ListChecks,
  Settings,
  Timer,
  type LucideIcon,
} from 'lucide-react';
import { NavLink } from 'react-router';
import { useGarden, useStep } from '../api/queries.ts';
import { showWeekday } from '../show/dates.ts';
import { useNotices } from './notices.tsx';

export const PLACES: readonly { path: string; name: string; key: string; icon: LucideIcon }[] = [
  { path: '/now', name: 'Now', key: 'n', icon: ListChecks },
  { path: '/garden', name: 'Garden', key: 'r', icon: Leaf },
  { path: '/look', name: 'Look', key: 'l', icon: Eye },
  { path: '/when', name: 'When', key: 'w', icon: Timer },
  { path: '/mix', name: 'Mix', key: 'm', icon: CookingPot },
  { path: '/seasons', name: 'Seasons', key: 's', icon: CalendarClock },
];

/** The shell before the door is open: the mark alone. */
export function ClosedHeader() {
  return (
    <header className="bg-(--shell) text-(--shell-text)">
      <p className="flex items-center gap-2 px-4 md:px-7 py-2 font-serif text-[1.3rem] font-semibold">
        <Mark /> Juglans
      </p>
    </header>
  );
}

/** The walnut shell on top: the mark, the six places, whose garden and which day. */
export function ShellHeader() {
  return (
    <header className="bg-(--shell) text-(--shell-text)">
      <div className="flex flex-wrap items-end gap-x-6 px-4 md:px-7 pt-2">
        <NavLink
          to="/now"
          className="flex items-center gap-2 pb-2 font-serif text-[1.3rem] font-semibold"
          aria-label="Juglans, to Now"
        >
          <Mark />
          <span className="hidden sm:inline">Juglans</span>
        </NavLink>
        <nav aria-label="Places" className="hidden md:flex gap-0.5">
          {PLACES.map(({ path, name }) => (
            <NavLink
              key={path}
              to={path}
              className={({ isActive }) =>
                `rounded-t-lg px-4 py-2.5 font-medium ${isActive ? 'bg-(--shell-2) text-(--shell-text)' : 'text-(--shell-soft) hover:text-(--shell-text)'}`
              }
            >
              {name}
            </NavLink>
          ))}
        </nav>
        <GardenDay />
        <NavLink
          to="/setup"
          aria-label="Setup"
          className="pb-2.5 text-(--shell-soft) hover:text-(--shell-text)"
        >
          <Settings size={20} />
        </NavLink>
      </div>
    </header>
  );
}

/** The same places at the foot of a phone. */
export function FootNav() {
  return (
    <nav
      aria-label="Places"
      className="md:hidden fixed bottom-0 inset-x-0 z-40 bg-(--shell) text-(--shell-soft) grid grid-cols-6 pb-[env(safe-area-inset-bottom)]"
    >
      {PLACES.map(({ path, name, icon: Icon }) => (
        <NavLink
          key={path}
          to={path}
          className={({ isActive }) =>
            `flex flex-col items-center justify-center min-h-14 text-xs gap-0.5 ${isActive ? 'bg-(--shell-2) text-(--shell-text) font-semibold' : ''}`
          }
        >
          <Icon size={20} aria-hidden /> {name}
        </NavLink>
      ))}
    </nav>
  );
}

function GardenDay() {
  const { data } = useGarden();
  const step = useStep();
  const { say } = useNotices();
  if (!data?.garden) return <div className="ml-auto" />;
  const stepBy = (days: number) =>
    step.mutate(days, {
      onSuccess: ({ today }) => say(`It is ${showWeekday(today)} in the garden now.`),
      onError: (error) => say(error.message),
    });
  return (
    <div className="ml-auto flex flex-wrap justify-end items-end gap-3 pb-2 text-right text-[0.82rem] leading-tight text-(--shell-soft)">
      <div>
        <b className="text-(--shell-text) font-semibold">{data.garden.name}</b>
        <div>
          <span className="whitespace-nowrap">{showWeekday(data.today)}</span>
          {data.demo && <span className="hidden lg:inline"> · made-up garden</span>}
        </div>
      </div>
      {data.canStep && (
        <div className="join" role="group" aria-label="Move the garden's day forward">
          {[
            [1, 'day'],
            [7, 'week'],
          ].map(([days, name]) => (
            <button
              key={name}
              type="button"
              disabled={step.isPending}
              onClick={() => stepBy(Number(days))}
              className="join-item border border-(--shell-rule) px-2 min-h-8 text-(--shell-text) hover:bg-(--shell-2) disabled:opacity-50"
            >
              +1 {name}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}

/** The halves of a walnut. */
function Mark() {
  return (
    <svg
      width="27"
      height="27"
      viewBox="0 0 26 26"
      aria-hidden="true"
      fill="none"
      stroke="#d3b08a"
      strokeLinecap="round"
    >
      <path d="M13 2C6 2 2.5 8 2.5 14S7 24 13 24s10.500-4 10.500-10S20 2 13 2Z" strokeWidth="1.7" />
      <path d="M13 2v22M9 7c-3 2-3 4-1 6s1 5-1 6M17 7c3 2 3 4 1 6s-1 5 1 6" strokeWidth="1.4" />
    </svg>
  );
}
