import { type ComponentType, lazy } from 'react';

/** A page whose part of the program comes when it is first gone to. */
const later = <Name extends string>(name: Name, load: () => Promise<Record<Name, ComponentType>>) =>
  lazy(() => load().then((part) => ({ default: part[name] })));

const WhenPage = later('WhenPage', () => import('./places/when/when-page.tsx'));
const PlanPage = later('PlanPage', () => import('./places/when/plan/plan-page.tsx'));
const InfectionsPage = later('InfectionsPage', () => import('./places/when/infections/infections-page.tsx'));

/** Every address, and what stands there. */
export const PAGES: readonly (readonly [path: string, Page: ComponentType])[] = [
  ['now', later('NowPage', () => import('./places/now/now-page.tsx'))],
  ['garden', later('GardenPage', () => import('./places/garden/garden-page.tsx'))],
  ['garden/plan', later('GroundPage', () => import('./places/garden/ground/plan-page.tsx'))],
  ['garden/moving', later('MovingPage', () => import('./places/garden/moving/moving-page.tsx'))],
  ['garden/new', later('NewPlantPage', () => import('./places/garden/plant-page.tsx'))],
  ['garden/:plantId', later('PlantPage', () => import('./places/garden/plant-page.tsx'))],
  [
    'garden/:plantId/photo/:photoId',
    later('PlantPhotoPage', () => import('./places/look/photos/photo-page.tsx')),
  ],
  ['look', later('LookPage', () => import('./places/look/look-page.tsx'))],
  ['look/new', later('NewWatchPage', () => import('./places/look/naming/new-watch-page.tsx'))],
  ['look/guide', later('GuidePage', () => import('./places/look/guide/guide-page.tsx'))],
  ['look/guide/plants', later('GuidePlantsPage', () => import('./places/look/guide/lists-page.tsx'))],
  ['look/guide/signs', later('GuideSignsPage', () => import('./places/look/guide/lists-page.tsx'))],
  ['look/guide/season', later('GuideSeasonPage', () => import('./places/look/guide/season-page.tsx'))],
  ['look/guide/pocket', later('GuidePocketPage', () => import('./places/look/guide/pocket-page.tsx'))],
  ['look/guide/host/:hostId', later('HostPage', () => import('./places/look/guide/host-and-sign-pages.tsx'))],
  [
    'look/guide/sign/:checkId',
    later('SignPage', () => import('./places/look/guide/host-and-sign-pages.tsx')),
  ],
  [
    'look/guide/apart/:firstId/:secondId',
    later('ToldApartPage', () => import('./places/look/guide/told-apart-page.tsx')),
  ],
  ['look/guide/:targetId', later('TargetPage', () => import('./places/look/guide/target-page.tsx'))],
  ['look/eye', later('EyePage', () => import('./places/look/eye/eye-page.tsx'))],
  ['look/round', later('RoundPage', () => import('./places/look/round/round-page.tsx'))],
  ['look/round/stop', later('StopPage', () => import('./places/look/round/stop-page.tsx'))],
  [
    'look/round/:roundId',
    later('RoundSummaryPage', () => import('./places/look/round/round-summary-page.tsx')),
  ],
  ['look/:watchId', later('WatchPage', () => import('./places/look/watch-page.tsx'))],
  ['look/:watchId/name', later('NamePage', () => import('./places/look/naming/name-page.tsx'))],
  ['look/:watchId/sheet', later('LabSheetPage', () => import('./places/look/naming/lab-sheet-page.tsx'))],
  ['look/:watchId/count', later('CountPage', () => import('./places/look/count/count-page.tsx'))],
  ['look/:watchId/tape', later('CatchPage', () => import('./places/look/catch-page.tsx'))],
  ['look/:watchId/photo/:photoId', later('PhotoPage', () => import('./places/look/photos/photo-page.tsx'))],
  ['look/:watchId/before', later('BeforePage', () => import('./places/look/proof/proof-page.tsx'))],
  ['look/:watchId/handover', later('HandoverPage', () => import('./places/look/handover/handover-page.tsx'))],
  ['look/:watchId/after', later('AfterPage', () => import('./places/look/proof/proof-page.tsx'))],
  [
    'look/:watchId/pair/:beforeId/:afterId',
    later('PairPage', () => import('./places/look/photos/pair-page.tsx')),
  ],
  ['look/:watchId/photo/:photoId/area', later('AreaPage', () => import('./places/look/area/area-page.tsx'))],
  ['look/:watchId/hand', later('HandPage', () => import('./places/look/hand-page.tsx'))],
  ['look/:watchId/spray/:sprayId', later('SprayPage', () => import('./places/look/spray-page.tsx'))],
  ['look/:watchId/weigh', later('WeighPage', () => import('./places/look/weigh-page.tsx'))],
  ['when', WhenPage],
  ['when/stations', later('StationsPage', () => import('./places/when/stations-page.tsx'))],
  ['when/stations/:stationId/import', later('ImportPage', () => import('./places/when/import-page.tsx'))],
  ['when/stations/:stationId/check', later('CheckPage', () => import('./places/when/check-page.tsx'))],
  ['when/hours', later('HoursPage', () => import('./places/when/hours-page.tsx'))],
  ['when/dormant', later('DormantPage', () => import('./places/when/dormant-page.tsx'))],
  ['when/programme', later('ProgrammePage', () => import('./places/when/programme-page.tsx'))],
  ['when/plan', PlanPage],
  ['when/plan/:watchId', PlanPage],
  ['when/plan/:watchId/back', later('BackPage', () => import('./places/when/plan/back-page.tsx'))],
  ['when/infections', InfectionsPage],
  ['when/infections/:watchId', InfectionsPage],
  ['when/practise', later('PractisePage', () => import('./places/when/practise/practise-page.tsx'))],
  ['when/practise/:lesson', later('LessonPage', () => import('./places/when/practise/lesson-page.tsx'))],
  ['when/day', later('DayPage', () => import('./places/when/day-page.tsx'))],
  ['when/normals', later('NormalsPage', () => import('./places/when/normals-page.tsx'))],
  ['when/stations/:stationId/reading', later('ReadingPage', () => import('./places/when/reading-page.tsx'))],
  [
    'when/stations/:stationId/forecast',
    later('ForecastPage', () => import('./places/when/forecast-page.tsx')),
  ],
  ['when/calendar', later('CalendarPage', () => import('./places/when/calendar-page.tsx'))],
  ['when/:watchId', WhenPage],
  ['now/day', later('DayPage', () => import('./places/now/day-page.tsx'))],
  ['now/hour', later('HourPage', () => import('./places/now/hour-page.tsx'))],
  ['mix/shopping', later('ShoppingPage', () => import('./places/mix/shopping-page.tsx'))],
  ['mix/recipes', later('RecipesPage', () => import('./places/mix/recipes-page.tsx'))],
  ['mix/meet', later('MeetPage', () => import('./places/mix/meet-page.tsx'))],
  ['mix', later('MixPage', () => import('./places/mix/mix-page.tsx'))],
  ['mix/shelf', later('ShelfPage', () => import('./places/mix/shelf-page.tsx'))],
  ['mix/shelf/:productId', later('ProductPage', () => import('./places/mix/product-page.tsx'))],
  ['seasons/names', later('NamesPage', () => import('./places/seasons/names-page.tsx'))],
  ['seasons/book', later('BookPage', () => import('./places/seasons/book-page.tsx'))],
  ['seasons', later('SeasonsPage', () => import('./places/seasons/seasons-page.tsx'))],
  ['seasons/watch/:watchId', later('PathPage', () => import('./places/seasons/path-page.tsx'))],
  ['seasons/review', later('ReviewPage', () => import('./places/seasons/review-page.tsx'))],
  ['seasons/exports', later('ExportsPage', () => import('./places/seasons/exports-page.tsx'))],
  ['seasons/watch/:watchId/why', later('WhyPage', () => import('./places/seasons/why-page.tsx'))],
  ['start/plant', later('PlantStepPage', () => import('./places/start/plant-step.tsx'))],
  ['out', later('OutPage', () => import('./places/out/out-page.tsx'))],
  ['setup', later('SetupPage', () => import('./places/setup/setup-page.tsx'))],
  ['setup/network', later('NetworkPage', () => import('./places/setup/network-page.tsx'))],
  ['setup/backups', later('BackupsPage', () => import('./places/setup/backups-page.tsx'))],
];

/** What is shown to who is not let in, and while the records are damaged: at no address of their own. */
export const LoginPage = later('LoginPage', () => import('./places/setup/login-page.tsx'));
export const DamagedPage = later('DamagedPage', () => import('./places/setup/damaged-page.tsx'));
