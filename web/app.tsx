import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import type { CivilDate } from '#core/calendar';
import { isEarlierMoment } from './api/at-moment.ts';
import { useDoor } from './api/door.ts';
import { useGarden } from './api/queries.ts';
import { forgetGarden } from './outbox/forget-garden.ts';
import { WaitingBadge } from './outbox/waiting-badge.tsx';
import { Differences } from './parts/differences.tsx';
import { NoticesProvider } from './parts/notices.tsx';
import { Answered, PageHead } from './parts/page.tsx';
import { SeasonBand } from './parts/season-band.tsx';
import { StandingLine } from './parts/standing-line.tsx';
import { ClosedHeader, FootNav, ShellHeader } from './parts/shell-header.tsx';
import { Shortcuts } from './parts/shortcuts.tsx';
import { TroubleBoundary } from './parts/trouble-boundary.tsx';
import { NowPage } from './places/now/now-page.tsx';
import { showFullDate } from './show/dates.ts';

const GardenPage = lazy(() =>
  import('./places/garden/garden-page.tsx').then((m) => ({ default: m.GardenPage })),
);
const GroundPage = lazy(() =>
  import('./places/garden/ground/plan-page.tsx').then((m) => ({ default: m.GroundPage })),
);
const MovingPage = lazy(() =>
  import('./places/garden/moving/moving-page.tsx').then((m) => ({ default: m.MovingPage })),
);
const PlantPage = lazy(() =>
  import('./places/garden/plant-page.tsx').then((m) => ({ default: m.PlantPage })),
);
const NewPlantPage = lazy(() =>
  import('./places/garden/plant-page.tsx').then((m) => ({ default: m.NewPlantPage })),
);
const LookPage = lazy(() => import('./places/look/look-page.tsx').then((m) => ({ default: m.LookPage })));
const NewWatchPage = lazy(() =>
  import('./places/look/naming/new-watch-page.tsx').then((m) => ({ default: m.NewWatchPage })),
);
const WatchPage = lazy(() => import('./places/look/watch-page.tsx').then((m) => ({ default: m.WatchPage })));
const LabSheetPage = lazy(() =>
  import('./places/look/naming/lab-sheet-page.tsx').then((m) => ({ default: m.LabSheetPage })),
);
const ToldApartPage = lazy(() =>
  import('./places/look/guide/told-apart-page.tsx').then((m) => ({ default: m.ToldApartPage })),
);
const NamesPage = lazy(() =>
  import('./places/seasons/names-page.tsx').then((m) => ({ default: m.NamesPage })),
);
const NamePage = lazy(() =>
  import('./places/look/naming/name-page.tsx').then((m) => ({ default: m.NamePage })),
);
const EyePage = lazy(() => import('./places/look/eye/eye-page.tsx').then((m) => ({ default: m.EyePage })));
const CountPage = lazy(() =>
  import('./places/look/count/count-page.tsx').then((m) => ({ default: m.CountPage })),
);
const RoundPage = lazy(() =>
  import('./places/look/round/round-page.tsx').then((m) => ({ default: m.RoundPage })),
);
const StopPage = lazy(() =>
  import('./places/look/round/stop-page.tsx').then((m) => ({ default: m.StopPage })),
);
const RoundSummaryPage = lazy(() =>
  import('./places/look/round/round-summary-page.tsx').then((m) => ({ default: m.RoundSummaryPage })),
);
const CatchPage = lazy(() => import('./places/look/catch-page.tsx').then((m) => ({ default: m.CatchPage })));
const AreaPage = lazy(() =>
  import('./places/look/area/area-page.tsx').then((m) => ({ default: m.AreaPage })),
);
const BeforePage = lazy(() =>
  import('./places/look/proof/proof-page.tsx').then((m) => ({ default: m.BeforePage })),
);
const AfterPage = lazy(() =>
  import('./places/look/proof/proof-page.tsx').then((m) => ({ default: m.AfterPage })),
);
const PairPage = lazy(() =>
  import('./places/look/photos/pair-page.tsx').then((m) => ({ default: m.PairPage })),
);
const HandoverPage = lazy(() =>
  import('./places/look/handover/handover-page.tsx').then((m) => ({ default: m.HandoverPage })),
);
const PhotoPage = lazy(() =>
  import('./places/look/photos/photo-page.tsx').then((m) => ({ default: m.PhotoPage })),
);
const PlantPhotoPage = lazy(() =>
  import('./places/look/photos/photo-page.tsx').then((m) => ({ default: m.PlantPhotoPage })),
);
const GuidePage = lazy(() =>
  import('./places/look/guide/guide-page.tsx').then((m) => ({ default: m.GuidePage })),
);
const TargetPage = lazy(() =>
  import('./places/look/guide/target-page.tsx').then((m) => ({ default: m.TargetPage })),
);
const HostPage = lazy(() =>
  import('./places/look/guide/host-and-sign-pages.tsx').then((m) => ({ default: m.HostPage })),
);
const SignPage = lazy(() =>
  import('./places/look/guide/host-and-sign-pages.tsx').then((m) => ({ default: m.SignPage })),
);
const GuidePlantsPage = lazy(() =>
  import('./places/look/guide/lists-page.tsx').then((m) => ({ default: m.GuidePlantsPage })),
);
const GuideSignsPage = lazy(() =>
  import('./places/look/guide/lists-page.tsx').then((m) => ({ default: m.GuideSignsPage })),
);
const GuideSeasonPage = lazy(() =>
  import('./places/look/guide/season-page.tsx').then((m) => ({ default: m.GuideSeasonPage })),
);
const GuidePocketPage = lazy(() =>
  import('./places/look/guide/pocket-page.tsx').then((m) => ({ default: m.GuidePocketPage })),
);
const WhenPage = lazy(() => import('./places/when/when-page.tsx').then((m) => ({ default: m.WhenPage })));
const StationsPage = lazy(() =>
  import('./places/when/stations-page.tsx').then((m) => ({ default: m.StationsPage })),
);
const CalendarPage = lazy(() =>
  import('./places/when/calendar-page.tsx').then((m) => ({ default: m.CalendarPage })),
);
const ReadingPage = lazy(() =>
  import('./places/when/reading-page.tsx').then((m) => ({ default: m.ReadingPage })),
);
const ForecastPage = lazy(() =>
  import('./places/when/forecast-page.tsx').then((m) => ({ default: m.ForecastPage })),
);
const CheckPage = lazy(() => import('./places/when/check-page.tsx').then((m) => ({ default: m.CheckPage })));
const HoursPage = lazy(() => import('./places/when/hours-page.tsx').then((m) => ({ default: m.HoursPage })));
const DormantPage = lazy(() =>
  import('./places/when/dormant-page.tsx').then((m) => ({ default: m.DormantPage })),
);
const ProgrammePage = lazy(() =>
  import('./places/when/programme-page.tsx').then((m) => ({ default: m.ProgrammePage })),
);
const PlanPage = lazy(() =>
  import('./places/when/plan/plan-page.tsx').then((m) => ({ default: m.PlanPage })),
);
const BackPage = lazy(() =>
  import('./places/when/plan/back-page.tsx').then((m) => ({ default: m.BackPage })),
);
const PractisePage = lazy(() =>
  import('./places/when/practise/practise-page.tsx').then((m) => ({ default: m.PractisePage })),
);
const LessonPage = lazy(() =>
  import('./places/when/practise/lesson-page.tsx').then((m) => ({ default: m.LessonPage })),
);
const InfectionsPage = lazy(() =>
  import('./places/when/infections/infections-page.tsx').then((m) => ({ default: m.InfectionsPage })),
);
const DayPage = lazy(() => import('./places/when/day-page.tsx').then((m) => ({ default: m.DayPage })));
const NormalsPage = lazy(() =>
  import('./places/when/normals-page.tsx').then((m) => ({ default: m.NormalsPage })),
);
const WorkingDayPage = lazy(() => import('./places/now/day-page.tsx').then((m) => ({ default: m.DayPage })));
const HourPage = lazy(() => import('./places/now/hour-page.tsx').then((m) => ({ default: m.HourPage })));
const BookPage = lazy(() => import('./places/seasons/book-page.tsx').then((m) => ({ default: m.BookPage })));
const HandPage = lazy(() => import('./places/look/hand-page.tsx').then((m) => ({ default: m.HandPage })));
const WeighPage = lazy(() => import('./places/look/weigh-page.tsx').then((m) => ({ default: m.WeighPage })));
const MeetPage = lazy(() => import('./places/mix/meet-page.tsx').then((m) => ({ default: m.MeetPage })));
const ImportPage = lazy(() =>
  import('./places/when/import-page.tsx').then((m) => ({ default: m.ImportPage })),
);
const MixPage = lazy(() => import('./places/mix/mix-page.tsx').then((m) => ({ default: m.MixPage })));
const SprayPage = lazy(() => import('./places/look/spray-page.tsx').then((m) => ({ default: m.SprayPage })));
const ShoppingPage = lazy(() =>
  import('./places/mix/shopping-page.tsx').then((m) => ({ default: m.ShoppingPage })),
);
const RecipesPage = lazy(() =>
  import('./places/mix/recipes-page.tsx').then((m) => ({ default: m.RecipesPage })),
);
const ShelfPage = lazy(() => import('./places/mix/shelf-page.tsx').then((m) => ({ default: m.ShelfPage })));
const ProductPage = lazy(() =>
  import('./places/mix/product-page.tsx').then((m) => ({ default: m.ProductPage })),
);
const PathPage = lazy(() => import('./places/seasons/path-page.tsx').then((m) => ({ default: m.PathPage })));
const WhyPage = lazy(() => import('./places/seasons/why-page.tsx').then((m) => ({ default: m.WhyPage })));
const ReviewPage = lazy(() =>
  import('./places/seasons/review-page.tsx').then((m) => ({ default: m.ReviewPage })),
);
const ExportsPage = lazy(() =>
  import('./places/seasons/exports-page.tsx').then((m) => ({ default: m.ExportsPage })),
);
const SeasonsPage = lazy(() =>
  import('./places/seasons/seasons-page.tsx').then((m) => ({ default: m.SeasonsPage })),
);
const NetworkPage = lazy(() =>
  import('./places/setup/network-page.tsx').then((m) => ({ default: m.NetworkPage })),
);
const BackupsPage = lazy(() =>
  import('./places/setup/backups-page.tsx').then((m) => ({ default: m.BackupsPage })),
);
const DamagedPage = lazy(() =>
  import('./places/setup/damaged-page.tsx').then((m) => ({ default: m.DamagedPage })),
);
const LoginPage = lazy(() => import('./places/setup/login-page.tsx').then((m) => ({ default: m.LoginPage })));
const OutPage = lazy(() => import('./places/out/out-page.tsx').then((m) => ({ default: m.OutPage })));
const PlantStepPage = lazy(() =>
  import('./places/start/plant-step.tsx').then((m) => ({ default: m.PlantStepPage })),
);
const SetupPage = lazy(() => import('./places/setup/setup-page.tsx').then((m) => ({ default: m.SetupPage })));

/** Every address of the app. Without a garden there is only Setup. */
export function App() {
  return (
    <NoticesProvider>
      <Routes>
        <Route element={<Frame />}>
          <Route index element={<Navigate to="/now" replace />} />
          <Route path="now" element={<NowPage />} />
          <Route path="garden" element={<GardenPage />} />
          <Route path="garden/plan" element={<GroundPage />} />
          <Route path="garden/moving" element={<MovingPage />} />
          <Route path="garden/new" element={<NewPlantPage />} />
          <Route path="garden/:plantId" element={<PlantPage />} />
          <Route path="look" element={<LookPage />} />
          <Route path="look/new" element={<NewWatchPage />} />
          <Route path="look/guide" element={<GuidePage />} />
          <Route path="garden/:plantId/photo/:photoId" element={<PlantPhotoPage />} />
          <Route path="look/guide/plants" element={<GuidePlantsPage />} />
          <Route path="look/guide/signs" element={<GuideSignsPage />} />
          <Route path="look/guide/season" element={<GuideSeasonPage />} />
          <Route path="look/guide/pocket" element={<GuidePocketPage />} />
          <Route path="look/guide/host/:hostId" element={<HostPage />} />
          <Route path="look/guide/sign/:checkId" element={<SignPage />} />
          <Route path="look/guide/apart/:firstId/:secondId" element={<ToldApartPage />} />
          <Route path="look/guide/:targetId" element={<TargetPage />} />
          <Route path="look/eye" element={<EyePage />} />
          <Route path="look/round" element={<RoundPage />} />
          <Route path="look/round/stop" element={<StopPage />} />
          <Route path="look/round/:roundId" element={<RoundSummaryPage />} />
          <Route path="look/:watchId" element={<WatchPage />} />
          <Route path="look/:watchId/name" element={<NamePage />} />
          <Route path="look/:watchId/sheet" element={<LabSheetPage />} />
          <Route path="look/:watchId/count" element={<CountPage />} />
          <Route path="look/:watchId/tape" element={<CatchPage />} />
          <Route path="look/:watchId/photo/:photoId" element={<PhotoPage />} />
          <Route path="look/:watchId/before" element={<BeforePage />} />
          <Route path="look/:watchId/handover" element={<HandoverPage />} />
          <Route path="look/:watchId/after" element={<AfterPage />} />
          <Route path="look/:watchId/pair/:beforeId/:afterId" element={<PairPage />} />
          <Route path="look/:watchId/photo/:photoId/area" element={<AreaPage />} />
          <Route path="when" element={<WhenPage />} />
          <Route path="when/stations" element={<StationsPage />} />
          <Route path="when/stations/:stationId/import" element={<ImportPage />} />
          <Route path="when/stations/:stationId/check" element={<CheckPage />} />
          <Route path="when/hours" element={<HoursPage />} />
          <Route path="when/dormant" element={<DormantPage />} />
          <Route path="when/programme" element={<ProgrammePage />} />
          <Route path="when/plan" element={<PlanPage />} />
          <Route path="when/plan/:watchId" element={<PlanPage />} />
          <Route path="when/plan/:watchId/back" element={<BackPage />} />
          <Route path="when/infections" element={<InfectionsPage />} />
          <Route path="when/infections/:watchId" element={<InfectionsPage />} />
          <Route path="when/practise" element={<PractisePage />} />
          <Route path="when/practise/:lesson" element={<LessonPage />} />
          <Route path="when/day" element={<DayPage />} />
          <Route path="now/day" element={<WorkingDayPage />} />
          <Route path="now/hour" element={<HourPage />} />
          <Route path="seasons/names" element={<NamesPage />} />
          <Route path="seasons/book" element={<BookPage />} />
          <Route path="look/:watchId/hand" element={<HandPage />} />
          <Route path="look/:watchId/spray/:sprayId" element={<SprayPage />} />
          <Route path="mix/shopping" element={<ShoppingPage />} />
          <Route path="mix/recipes" element={<RecipesPage />} />
          <Route path="look/:watchId/weigh" element={<WeighPage />} />
          <Route path="mix/meet" element={<MeetPage />} />
          <Route path="when/normals" element={<NormalsPage />} />
          <Route path="when/stations/:stationId/reading" element={<ReadingPage />} />
          <Route path="when/stations/:stationId/forecast" element={<ForecastPage />} />
          <Route path="when/calendar" element={<CalendarPage />} />
          <Route path="when/:watchId" element={<WhenPage />} />
          <Route path="mix" element={<MixPage />} />
          <Route path="mix/shelf" element={<ShelfPage />} />
          <Route path="mix/shelf/:productId" element={<ProductPage />} />
          <Route path="seasons" element={<SeasonsPage />} />
          <Route path="seasons/watch/:watchId" element={<PathPage />} />
          <Route path="seasons/review" element={<ReviewPage />} />
          <Route path="seasons/exports" element={<ExportsPage />} />
          <Route path="seasons/watch/:watchId/why" element={<WhyPage />} />
          <Route path="start/plant" element={<PlantStepPage />} />
          <Route path="out" element={<OutPage />} />
          <Route path="setup" element={<SetupPage />} />
          <Route path="setup/network" element={<NetworkPage />} />
          <Route path="setup/backups" element={<BackupsPage />} />
          <Route path="*" element={<PageHead title="There is nothing at this address" />} />
        </Route>
      </Routes>
    </NoticesProvider>
  );
}

function Frame() {
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

/** Says so while a page's own part of the program is on its way. */
function Opening({ children }: { children: ReactNode }) {
  return (
    <Suspense
      fallback={
        <p className="soft" role="status">
          Opening…
        </p>
      }
    >
      {children}
    </Suspense>
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
      <Differences />
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
      <Shortcuts />
    </>
  );
}
