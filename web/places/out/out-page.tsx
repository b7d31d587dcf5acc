import { Link } from 'react-router';
import { howMany } from '#knowledge';
import { ClockLine } from '../../parts/clock-line.tsx';
import { OfflineLine } from '../../parts/offline-line.tsx';
import { PageHead } from '../../parts/page.tsx';
import { HandSettings } from '../../parts/hand-settings.tsx';
import { type Packed, type PackingStep, usePacking } from '../../outbox/use-packing.ts';
import { showRecentMoment } from '../../show/dates.ts';

/** Before one goes out: what this device takes along, whether it will do, and how it sits in the hand. */
export function OutPage() {
  const { packed, step, problem, pack, stop } = usePacking();
  const label = packed?.label;
  return (
    <>
      <PageHead
        title={label ? 'The garden is packed on this device' : 'Nothing is packed on this device yet'}
        lead="Beyond the reach of your Wi-Fi every place still opens: what you enter is kept here, what is next is worked out here, and all of it goes home when you come back."
      >
        <button
          type="button"
          className="btn btn-primary"
          disabled={step !== null}
          onClick={() => void pack()}
        >
          Going out now
        </button>
        <Link className="btn" to="/look/round">
          To the round
        </Link>
      </PageHead>
      {step && <Progress step={step} stop={stop} />}
      {problem && (
        <p role="alert" className="text-error font-semibold mb-3">
          Not all of it could be packed: {problem} What was packed before is still here.
        </p>
      )}
      <ClockLine />
      <OfflineLine />
      <div className="grid gap-6 lg:grid-cols-2">
        <section aria-label="With you">
          <h2 className="mb-2">With you</h2>
          {packed && <WithYou packed={packed} />}
        </section>
        <section aria-label="In the hand">
          <h2 className="mb-2">In the hand</h2>
          <HandSettings />
        </section>
        <section aria-label="Only at home">
          <h2 className="mb-2">Only at home</h2>
          <p className="sheet p-4">
            Weather files and a second look at their days, finding a town, backups, the home network, a
            calendar’s address, and earlier states of a record need the computer at home. A forecast is as old
            as the pack.
          </p>
        </section>
      </div>
    </>
  );
}

function Progress({ step, stop }: { step: PackingStep; stop: () => void }) {
  return (
    <div role="status" className="sheet p-4 mb-4 flex flex-wrap items-center gap-3">
      <span>
        {step.kind === 'records'
          ? 'Packing the records…'
          : `Packing pictures: ${step.taken} of ${step.total}…`}
      </span>
      <progress
        className="progress progress-primary w-48"
        aria-label="Packed"
        {...(step.kind === 'pictures' ? { value: step.taken, max: Math.max(1, step.total) } : {})}
      />
      <button type="button" className="btn btn-sm" onClick={stop}>
        Stop
      </button>
    </div>
  );
}

function WithYou({ packed: { label, pictures, allBytes, promised } }: { packed: Packed }) {
  if (!label) return <p className="sheet p-4">Press “Going out now” while this device can reach home.</p>;
  return (
    <dl className="sheet p-4 grid grid-cols-[auto_minmax(0,1fr)] gap-x-5 gap-y-2">
      <dt className="soft">Records</dt>
      <dd>
        {showBytes(label.bytes)}, packed {showRecentMoment(label.packedAtMs)}
      </dd>
      <dt className="soft">Pictures</dt>
      <dd>
        {pictures.number === 0
          ? 'none yet'
          : `${howMany(pictures.number, 'small picture')}, ${showBytes(pictures.bytes)}`}
      </dd>
      <dt className="soft">Everything</dt>
      <dd>
        {allBytes === null ? 'this browser does not say how much' : `${showBytes(allBytes)} with the program`}
        ;{' '}
        {promised
          ? 'the browser promised to keep it.'
          : 'the browser may clear it when space runs short: come home with what you entered before long.'}
      </dd>
      <dt className="soft">Its clock</dt>
      <dd>
        {label.stepped
          ? 'The made-up garden has a day of its own.'
          : Math.abs(label.aheadMs) < 60_000
            ? 'agrees with the one at home, to the minute.'
            : `${showSpan(label.aheadMs)} ${label.aheadMs > 0 ? 'behind' : 'ahead of'} the one at home.`}
      </dd>
    </dl>
  );
}

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

function showSpan(ms: number): string {
  const span = Math.abs(ms);
  if (span < 2 * HOUR_MS) return howMany(Math.round(span / MINUTE_MS), 'minute');
  return span < 48 * HOUR_MS
    ? howMany(Math.round(span / HOUR_MS), 'hour')
    : howMany(Math.round(span / (24 * HOUR_MS)), 'day');
}

const showBytes = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
