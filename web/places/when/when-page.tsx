import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { addDays } from '#core/calendar';
import { DAYS, nextWindow } from '#core/decide';
import { howMany } from '#knowledge';
import type { ClockAnswer, ListedWatch, ModelChoice, WatchPicture } from '#engine';
import { useWatch, useWatches } from '../../api/queries.ts';
import { useClock } from '../../api/timing.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { showDate, showFullDate } from '../../show/dates.ts';
import { SIGNAL_WORDS } from '../look/catch-lists.tsx';
import { ClockEvents, Opinions } from './clock-events.tsx';
import { ClockParticulars, DateSource } from './clock-side.tsx';
import { ClockStartForm, Seen } from './clock-start-form.tsx';
import { ClockTable } from './clock-table.tsx';
import { FuturesSection } from './futures-section.tsx';
import { GardenHatchSection } from './garden-hatch-section.tsx';
import { MinerCard } from './miner-card.tsx';
import { WatchPicker } from './watch-picker.tsx';
import { WhenNav } from './when-nav.tsx';
import { nextEvent, projectionWords, STARTED_BY, upcoming } from './projection-words.ts';

const ClockChart = lazy(() => import('./clock-chart.tsx').then((m) => ({ default: m.ClockChart })));

/** When is the moment? The degree-day clock of one watch. */
export function WhenPage() {
  return <Answered question={useWatches()}>{(watches) => <When watches={watches} />}</Answered>;
}

function When({ watches }: { watches: readonly ListedWatch[] }) {
  const { watchId } = useParams();
  const open = watches.filter(({ watch }) => watch.outcome === 'open');
  const timed = open.filter((listed) => listed.timed);
  const picture =
    open.find(({ watch }) => watch.id === watchId) ??
    (watchId ? undefined : (timed.find(({ plant }) => !plant.outOfReach) ?? open[0]));
  if (!picture) {
    return (
      <>
        <WhenNav />
        <EmptyState
          title={
            watchId
              ? 'There is no open watch at this address.'
              : 'No watch is open, so there is nothing to time.'
          }
        >
          <Link className="link-husk" to="/look/new">
            Note something
          </Link>
          , or see the{' '}
          <Link className="link-husk" to="/when/stations">
            stations
          </Link>
          .
        </EmptyState>
      </>
    );
  }
  return (
    <>
      <WatchPicker open={open} shownId={picture.watch.id} pathOf={(id) => `/when/${id}`} />
      <ClockOf key={picture.watch.id} watchId={picture.watch.id} />
    </>
  );
}

function ClockOf({ watchId }: { watchId: string }) {
  return <Answered question={useWatch(watchId)}>{(picture) => <Clock picture={picture} />}</Answered>;
}

function Clock({ picture }: { picture: WatchPicture }) {
  const [choice, setChoice] = useState<ModelChoice>({});
  return (
    <Answered question={useClock(picture.watch.id, choice)}>
      {(clock) => (
        <div className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_310px]">
          <div className="min-w-0">
            <PageHead title={clockTitle(picture, clock)} lead={clockLead(picture, clock)} />
            <Gaps clock={clock} />
            <div className="sheet p-4" hidden={clock.measured.length === 0}>
              <Suspense fallback={<div className="h-[380px] soft">Drawing…</div>}>
                <ClockChart clock={clock} />
              </Suspense>
              <details className="mt-2">
                <summary className="link-husk list-none inline-block">As a table</summary>
                <ClockTable clock={clock} />
              </details>
            </div>
            <ClockEvents clock={clock} />
            <Opinions clock={clock} />
            {picture.watch.targetId && <GardenHatchSection watchId={picture.watch.id} />}
          </div>
          <aside className="flex flex-col gap-4">
            {picture.watch.group === 'leaf-miner' && <MinerCard picture={picture} clock={clock} />}
            <DateSource clock={clock} />
            {upcoming(clock) && (
              <FuturesSection
                key={upcoming(clock)!.event.id}
                watchId={picture.watch.id}
                state={upcoming(clock)!}
              />
            )}
            <ClockParticulars clock={clock} choice={choice} onChoice={setChoice} />
            <ClockStartForm picture={picture} />
            <Seen picture={picture} />
            <div className="sheet p-4 text-[0.93rem]">
              <h2 className="mb-1">What the tapes say</h2>
              {SIGNAL_WORDS[picture.tapeVerdict.signal]} {tapeAdvice(picture)}{' '}
              <Link className="link-husk" to={`/look/${picture.watch.id}/tape`}>
                Enter a tape
              </Link>
            </div>
          </aside>
        </div>
      )}
    </Answered>
  );
}

const MINER_LEADS: Readonly<Record<string, string>> = {
  'citrus-leaf-miner':
    'The moths of the next round lay in whatever is soft then. Grown citrus can carry it; on a young ' +
    'tree cover the flush while it is soft, both leaf sides.',
};

/** What a tape's word means for the kind of scale: how long its crawlers stay soft decides. */
function tapeAdvice({ tapeVerdict, watch }: WatchPicture): string {
  const caught = tapeVerdict.signal !== 'no-tapes' && tapeVerdict.signal !== 'none-yet';
  if (!caught) return '';
  if (watch.group === 'armored')
    return 'Armored scale covers itself within days: act at the first catch or the first fall, not later.';
  return watch.group === 'soft' || watch.group === 'felt'
    ? 'Its young stay soft for weeks: two falling readings can be waited for.'
    : '';
}

function clockTitle(picture: WatchPicture, clock: ClockAnswer): string {
  const name = picture.targetName;
  if (!picture.watch.targetId) return 'Name it first: the clock depends on the species';
  const told = windowTitle(name, clock);
  if (told) return told;
  const state = nextEvent(clock);
  if (clock.measured.length === 0) return `${name}: its clock needs a thermometer`;
  if (clock.events.length === 0 && clock.carry === 'refused')
    return `${name}: ${clock.hasColdSeason ? 'winters here are too mild for published sums' : 'no cold season here, so generations run on'}`;
  if (clock.events.length === 0) return `${name} has no published sum of heat: tapes and looking tell`;
  if (!state) return `${name}: this season's published windows are over`;
  const stage = state.event.stage === 'crawlers' ? 'crawlers' : 'adults';
  if (state.started === null) return `${name}: its clock waits for ${STARTED_BY[state.event.start.kind]}`;
  if (state.phase === 'open') return `${name}: the window is open until ${projectionWords(state.closes)}`;
  return state.event.kind === 'first'
    ? `${name}: ${stage === 'adults' ? 'next moths' : 'first crawlers'} expected ${projectionWords(state.opens)}`
    : `${name}: the window opens ${projectionWords(state.opens)}`;
}

/** What was caught, or the usual months where nothing is published, in a sentence; null where a sum tells. */
function windowTitle(name: string, { windows, usual, events, measured }: ClockAnswer): string | null {
  const window = nextWindow(windows);
  if (window?.basis === 'seen' && window.closes)
    return `${name}: crawlers are out, reach them until about ${showDate(window.closes.median)}, at least ${showDate(window.closes.early)}`;
  if (window?.waitsForTapes) return `${name}: the sum is passed, and your tapes caught none yet`;
  const [span] = usual;
  if (!span || (measured.length > 0 && events.length > 0)) return null;
  return `${name}: usually ${showDate(span.from)} to ${showFullDate(span.to)}`;
}

/** What to do so that a clock that waits can start. */
function startLead({ events }: ClockAnswer): string {
  const kind = events[0]?.event.start.kind ?? 'first-males';
  if (kind === 'first-mines')
    return (
      'Its rounds count from the first mines of the flush: note them under “What you see”, and the dates ' +
      'follow.'
    );
  if (kind === 'first-males')
    return (
      'Its published sums count from the first males in a trap. Hang one, enter what it catches, and the ' +
      'dates follow; meanwhile tapes tell.'
    );
  return `Its count begins with ${STARTED_BY[kind]}; meanwhile tapes tell.`;
}

const BY_CALENDAR = 'By the usual months alone, a rule of thumb that is weeks wide (grade C).';

function clockLead(picture: WatchPicture, clock: ClockAnswer): string {
  const window = nextWindow(clock.windows);
  if (window?.basis === 'seen')
    return `A tape caught them, or you saw them: that rules over any sum. ${SIGNAL_WORDS[picture.tapeVerdict.signal]}`;
  const [span] = clock.usual;
  if (span && (clock.measured.length === 0 || clock.events.length === 0))
    return `${BY_CALENDAR} ${picture.watch.group === 'leaf-miner' ? 'Look for adults and first mines from' : 'Hang tapes from'} ${showFullDate(addDays(span.from, -DAYS.tapesBeforeHatch))}; what they catch settles it.`;
  if (clock.measured.length === 0) return 'Until readings come in, go by looking and by tapes.';
  if (clock.events.length === 0 && clock.carry === 'refused')
    return (
      'Published sums of heat were found outdoors after cold winters and do not carry to this place. All ' +
      'stages may be there at once: go by tapes and by looking.'
    );
  if (clock.events.length === 0) return 'Put up tapes, and act on what they catch.';
  const first = clock.events.find(({ event, opens }) => event.kind === 'first' && opens.kind === 'reached');
  if (clock.started === null) return startLead(clock);
  const sum =
    first?.opens.kind === 'reached'
      ? clock.guessedDays * 2 > clock.measured.length
        ? `By a guess of the warmth first hatch was about ${showDate(first.opens.on)}: no thermometer says so. `
        : `The published sum for first hatch was passed on ${showDate(first.opens.on)}. `
      : '';
  if (picture.watch.group === 'leaf-miner')
    return (
      MINER_LEADS[picture.watch.targetId!] ??
      'Larvae inside the leaf are out of reach of contact sprays: the moment is when adults fly and lay.'
    );
  return `${sum}${SIGNAL_WORDS[picture.tapeVerdict.signal]}`;
}

function Gaps({ clock }: { clock: ClockAnswer }) {
  const [gap] = clock.refused;
  if (clock.measured.length === 0)
    return (
      <p role="alert" className="sheet p-3 mb-3">
        This plant's place has no readings this season.{' '}
        <Link className="link-husk" to="/when/stations">
          Bring some in
        </Link>
        .
      </p>
    );
  if (gap)
    return (
      <p role="alert" className="sheet p-3 mb-3">
        No readings from {showDate(gap.from)} to {showDate(gap.to)}
        {clock.guessedDays > 0
          ? `: ${clock.guessedDays} of ${howMany(clock.measured.length, 'day')} so far ${clock.guessedDays === 1 ? 'is' : 'are'} guessed from what this place is usually like, and the dates are as much wider.`
          : ': too long to fill, so the sum stops there.'}{' '}
        <Link className="link-husk" to="/when/stations">
          Bring them in
        </Link>
        .
      </p>
    );
  const filled = clock.filled
    .map(({ from, to }) => (from === to ? showDate(from) : `${showDate(from)} to ${showDate(to)}`))
    .join(', ');
  if (!filled && clock.stoodInDays === 0 && clock.borrowedFrom === null) return null;
  return (
    <p className="soft text-sm mb-2">
      {filled && `Filled on a straight line: ${filled}. `}
      {clock.borrowedFrom !== null &&
        `This place has no thermometer: it follows that of ${clock.borrowedFrom}, with a wider range. `}
      {clock.stoodInDays > 0 &&
        `${howMany(clock.stoodInDays, 'day is', 'days are')} from a station that stands in.`}
    </p>
  );
}
