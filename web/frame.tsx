import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, Suspense, useEffect } from 'react';
import { Navigate, Outlet, useLocation } from 'react-router';
import type { CivilDate } from '#core/calendar';
import { isEarlierMoment } from './api/at-moment.ts';
import { useDoor } from './api/door.ts';
import { useGarden } from './api/queries.ts';
import { forgetGarden } from './outbox/forget-garden.ts';
import { WaitingBadge } from './outbox/waiting-badge.tsx';
import { DamagedPage, LoginPage } from './pages.ts';
import { besides } from './parts/besides.ts';
import { Opening } from './parts/opening.tsx';
import { Answered } from './parts/page.tsx';
import { SeasonBand } from './parts/season-band.tsx';
import { ClosedHeader, FootNav, ShellHeader } from './parts/shell-header.tsx';
import { StandingLine } from './parts/standing-line.tsx';
import { TroubleBoundary } from './parts/trouble-boundary.tsx';
import { showFullDate } from './show/dates.ts';

const Differences = besides(() =>
  import('./parts/differences.tsx').then((m) => ({ default: m.Differences })),
);
const Shortcuts = besides(() => import('./parts/shortcuts.tsx').then((m) => ({ default: m.Shortcuts })));

/** What stands around every page, and whether there is one to be seen. Without a garden there is only Setup. */
export function Frame() {
  const door = useDoor();
  if (door.isPending) return <ClosedHeader />;
  if (door.data?.locked && !door.data.letIn) return <Locked />;
  if (door.data?.damaged) return <Damaged />;
  return <LetIn />;
}

function Locked() {
  const client = useQueryClient();
  // Who is outside keeps no answers about the garden; what was entered here and not yet sent stays.
  useEffect(() => {
    client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'door' });
    void forgetGarden();
  }, [client]);
  return (
    <Closed>
      <LoginPage />
    </Closed>
  );
}

function Damaged() {
  const client = useQueryClient();
  // What was answered of the damaged records may be of any state.
  useEffect(() => {
    client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] === 'garden' });
  }, [client]);
  return (
    <Closed>
      <DamagedPage />
    </Closed>
  );
}

/** The one page there is while the garden is not shown. */
function Closed({ children }: { children: ReactNode }) {
  return (
    <>
      <ClosedHeader />
      <main id="main" className="px-4 md:px-7 py-5 max-w-[1400px]">
        <Opening>{children}</Opening>
      </main>
    </>
  );
}

/** What is shown is an earlier moment. */
function EarlierMoment({ today }: { today: CivilDate | undefined }) {
  if (!isEarlierMoment) return null;
  return (
    <p role="status" className="bg-(--honey-pale) text-(--honey-deep) px-4 md:px-7 py-2">
      <b>The garden as it stood{today && ` on ${showFullDate(today)}`}.</b> Look at everything; nothing can be
      changed here.{' '}
      <a className="underline" href="/setup/backups">
        Back to the garden of today
      </a>
    </p>
  );
}

function LetIn() {
  const garden = useGarden();
  const { pathname } = useLocation();
  return (
    <>
      <a
        href="#main"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-base-100 focus:p-3"
      >
        Skip to the page
      </a>
      <EarlierMoment today={garden.data?.today} />
      <ShellHeader />
      {garden.data?.garden && (
        <TroubleBoundary place={pathname}>
          <SeasonBand />
        </TroubleBoundary>
      )}
      <StandingLine />
      <WaitingBadge />
      <Suspense>
        <Differences />
      </Suspense>
      <main id="main" className="px-4 md:px-7 py-5 pb-24 md:pb-10 max-w-[1400px]">
        <Answered question={garden}>
          {({ garden: kept }) => (
            <TroubleBoundary place={pathname}>
              <Opening>
                {kept || pathname.startsWith('/setup') ? <Outlet /> : <Navigate to="/setup" replace />}
              </Opening>
            </TroubleBoundary>
          )}
        </Answered>
      </main>
      <FootNav />
      <Suspense>
        <Shortcuts />
      </Suspense>
    </>
  );
}
