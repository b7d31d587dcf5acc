import type { TapeSignal } from '#core/emergence';
import { daysBetween, type CivilDate } from '#core/calendar';
import { deviceDue } from '#core/decide';
import type { Device } from '#core/records';
import type { WatchPicture } from '#engine';
import { useRemoveTape, useRemoveTrap } from '../../api/queries.ts';
import { useTakeOut } from '../../parts/use-take-out.ts';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { significant } from '../../show/units.ts';

export const SIGNAL_WORDS: Readonly<Record<TapeSignal, string>> = {
  over: 'Two looks in a row caught nothing: this hatch is over.',
  'no-tapes': 'No tapes this season yet.',
  'none-yet': 'None caught yet: the hatch has not begun, or the tape sits where none walk.',
  first: 'The first crawlers: the hatch has begun.',
  rising: 'Rising: the hatch is under way and its end is not yet known.',
  level: 'About level: within the scatter of such counts, neither rising nor past its peak.',
  'past-the-peak': 'Past the peak: fewer hatch from week to week.',
};

/** Longer than this on the twig, and what happened within is blurred. */
const LONG_DAYS = 10;

interface Reading {
  readonly id: string;
  readonly label: string;
  readonly putOn: CivilDate;
  readonly takenOff: CivilDate;
  readonly count: number;
}

/** Since when it hangs, and by when it is to be read. */
export function dueWordsOf(device: Device, { tapes, traps }: WatchPicture, today: CivilDate): string {
  const { since, due } = deviceDue(device, device.kind === 'tape' ? tapes : traps);
  const late = daysBetween(due, today);
  const by =
    late > 0 ? `was due ${showDate(due, today)}` : late === 0 ? 'due today' : `due ${showDate(due, today)}`;
  return `${since === device.hungOn ? 'since' : 'read'} ${showDate(since, today)}, ${by}`;
}

/** What hangs here now, with the day each is to be read. */
export function HangingList({ picture }: { picture: WatchPicture }) {
  const today = useToday();
  if (picture.hanging.length === 0) return null;
  return (
    <section aria-label="Hanging here">
      <h2 className="mb-2">Hanging here</h2>
      <ul className="sheet p-4 flex flex-col gap-1">
        {picture.hanging.map((device) => (
          <li key={device.id}>
            <b className="font-semibold">{device.label}</b>, {dueWordsOf(device, picture, today)}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** This season's tapes and what they say together, and what traps caught. */
export function CatchLists({ picture }: { picture: WatchPicture }) {
  const { tapes, tapeVerdict, traps } = picture;
  const takeOutTape = useTakeOut(useRemoveTape(), 'The tape was taken out.');
  const takeOutTrap = useTakeOut(useRemoveTrap(), 'The reading was taken out.');
  return (
    <>
      <section aria-label="Tapes this season">
        <h2 className="mb-2">Tapes this season</h2>
        <div className="sheet p-4">
          <p className="font-semibold">{SIGNAL_WORDS[tapeVerdict.signal]}</p>
          <Readings
            what="crawlers"
            readings={tapes.map(({ crawlers, ...tape }) => ({ ...tape, count: crawlers }))}
            onTakeOut={(id) => takeOutTape(tapes.find((tape) => tape.id === id)!)}
          />
        </div>
      </section>
      {traps.length > 0 && (
        <section aria-label="Traps">
          <h2 className="mb-2">Traps: {[...new Set(traps.map(({ catches }) => catches))].join(', ')}</h2>
          <div className="sheet p-4">
            <Readings
              what="caught"
              readings={traps.map(({ caught, ...trap }) => ({ ...trap, count: caught }))}
              onTakeOut={(id) => takeOutTrap(traps.find((trap) => trap.id === id)!)}
            />
          </div>
        </section>
      )}
    </>
  );
}

function Readings({
  what,
  readings,
  onTakeOut,
}: {
  what: string;
  readings: readonly Reading[];
  onTakeOut: (id: string) => void;
}) {
  if (readings.length === 0) return null;
  const gaps = missingSpans(readings);
  const uneven = readings.some((reading) => daysBetween(reading.putOn, reading.takenOff) !== 7);
  const blurred = readings.some((reading) => daysBetween(reading.putOn, reading.takenOff) > LONG_DAYS);
  return (
    <>
      <div
        className="overflow-x-auto -mx-2 mt-2"
        tabIndex={0}
        role="group"
        aria-label={`Readings of ${what}, scrolls sideways`}
      >
        <table className="table table-sm [&_td]:px-2 [&_th]:px-2">
          <thead>
            <tr>
              <th>taken off</th>
              <th>which</th>
              <th className="text-right">days</th>
              <th className="text-right">{what}</th>
              {uneven && <th className="text-right">a week</th>}
              <th>
                <span className="sr-only">take out</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {readings.map((reading) => {
              const days = daysBetween(reading.putOn, reading.takenOff);
              return (
                <tr key={reading.id}>
                  <td>{showDate(reading.takenOff)}</td>
                  <td>{reading.label}</td>
                  <td className="text-right">{days}</td>
                  <td className="text-right font-semibold">{reading.count}</td>
                  {uneven && (
                    <td className="text-right soft">{significant((7 * reading.count) / days, 1)}</td>
                  )}
                  <td className="text-right">
                    <button
                      type="button"
                      className="link-husk whitespace-nowrap"
                      onClick={() => onTakeOut(reading.id)}
                    >
                      take out<span className="sr-only"> the tape of {showDate(reading.takenOff)}</span>
                    </button>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {gaps.map((gap) => (
        <p key={gap} className="soft text-sm">
          {gap}
        </p>
      ))}
      {blurred && (
        <p className="soft text-sm">
          Left more than {LONG_DAYS} days: the catch a week is a mean, and a peak within it does not show.
        </p>
      )}
    </>
  );
}

/**
 * Spans in which nothing hung, by label: nothing is known of them, which is not the same as nothing
 * caught.
 */
function missingSpans(readings: readonly Reading[]): string[] {
  return readings.flatMap((reading, i) => {
    const before = readings.slice(0, i).findLast(({ label }) => label === reading.label);
    return before && daysBetween(before.takenOff, reading.putOn) > 1
      ? [
          `${reading.label}: nothing hung from ${showDate(before.takenOff)} to ${showDate(reading.putOn)}; what walked then is not known.`,
        ]
      : [];
  });
}
