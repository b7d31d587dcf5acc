import type { Doubt, Gap } from '#core/weather';
import type { StationCheck } from '#server/answers/station-check';
import type { StationSummary } from '#answers';
import { newId } from '../../api/new-id.ts';
import { usePutFix, useRemoveFix, useStationCheck } from '../../api/weather.ts';
import { useTakeOut } from '../../parts/use-take-out.ts';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { showFullDate } from '../../show/dates.ts';
import { useShow } from '../../show/use-show.ts';
import { doubtWords } from './doubt-words.ts';
import { ForStation } from './for-station.tsx';

const SHOWN_GAPS = 20;

/** A second look at a station's readings: what is doubtful, what was decided, what is missing. */
export function CheckPage() {
  return <ForStation>{(station) => <SecondLook station={station} />}</ForStation>;
}

function SecondLook({ station: { id, name } }: { station: StationSummary }) {
  return (
    <>
      <PageHead
        title={`A second look at ${name}`}
        lead="Readings stay as they came. What you decide here is laid over them, and can be taken back."
      />
      <Answered question={useStationCheck(id)}>{(check) => <Check stationId={id} check={check} />}</Answered>
    </>
  );
}

function Check({ stationId, check }: { stationId: string; check: StationCheck }) {
  return (
    <div className="grid gap-6 lg:grid-cols-2">
      <Doubts stationId={stationId} doubts={check.doubts} />
      <Fixes check={check} />
      <Gaps title="Bridged on a straight line" gaps={check.bridged} none="No short gap had to be bridged." />
      <Gaps title="Too long to bridge" gaps={check.open} none="No gap is too long to bridge." />
    </div>
  );
}

function Doubts({ stationId, doubts }: { stationId: string; doubts: readonly Doubt[] }) {
  const show = useShow();
  const put = usePutFix();
  const remove = useRemoveFix();
  const { say } = useNotices();
  const decide = (doubt: Doubt, kind: 'leave-out' | 'fahrenheit') => {
    const fix = {
      id: newId(),
      stationId,
      from: doubt.from,
      to: doubt.to,
      kind,
      why: doubtWords(doubt, show).slice(0, 200),
    };
    put.mutate(fix, {
      onSuccess: () => say(kind === 'leave-out' ? 'Left out.' : 'Turned from °F.', () => remove.mutate(fix)),
    });
  };
  return (
    <section aria-label="Doubtful days">
      <h2 className="mb-2">
        {doubts.length === 0
          ? 'No day looks doubtful'
          : `${doubts.length} ${doubts.length === 1 ? 'run of days deserves' : 'runs of days deserve'} a second look`}
      </h2>
      <ul className="sheet divide-y divide-base-300 empty:hidden">
        {doubts.map((doubt) => (
          <li key={`${doubt.kind} ${doubt.from}`} className="p-4 flex flex-col gap-2">
            <span>{doubtWords(doubt, show)}.</span>
            <span className="flex flex-wrap gap-2">
              {doubt.kind === 'fahrenheit' && (
                <button
                  type="button"
                  className="btn btn-sm btn-primary"
                  onClick={() => decide(doubt, 'fahrenheit')}
                >
                  It was °F: turn it
                </button>
              )}
              <button type="button" className="btn btn-sm" onClick={() => decide(doubt, 'leave-out')}>
                Leave {doubt.from === doubt.to ? 'it' : 'them'} out
              </button>
            </span>
          </li>
        ))}
      </ul>
      <p className="soft text-sm mt-2">
        Days that are right stay as they are: leave them here. What counts as odd is a rule of thumb (grade
        C).
      </p>
    </section>
  );
}

function Fixes({ check }: { check: StationCheck }) {
  const takeBack = useTakeOut(useRemoveFix(), 'Taken back: the days stand as they came.');
  return (
    <section aria-label="Decided">
      <h2 className="mb-2">{check.fixes.length === 0 ? 'Nothing was decided' : 'Decided'}</h2>
      <ul className="sheet divide-y divide-base-300 empty:hidden">
        {check.fixes.map((fix) => (
          <li key={fix.id} className="p-4 flex flex-wrap gap-3 justify-between items-center">
            <span>
              <b className="font-semibold">{fix.kind === 'leave-out' ? 'Left out' : 'Turned from °F'}</b>
              <span className="soft block text-sm">{fix.why}</span>
            </span>
            <button type="button" className="btn btn-sm" onClick={() => takeBack(fix)}>
              Take back
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Gaps({ title, gaps, none }: { title: string; gaps: readonly Gap[]; none: string }) {
  return (
    <section aria-label={title}>
      <h2 className="mb-2">{title}</h2>
      {gaps.length === 0 ? (
        <p className="soft">{none}</p>
      ) : (
        <ul className="sheet p-4 text-sm flex flex-col gap-1">
          {gaps
            .slice(-SHOWN_GAPS)
            .reverse()
            .map((gap) => (
              <li key={gap.from}>
                {gap.from === gap.to
                  ? showFullDate(gap.from)
                  : `${showFullDate(gap.from)} to ${showFullDate(gap.to)}`}
              </li>
            ))}
          {gaps.length > SHOWN_GAPS && <li className="soft">and {gaps.length - SHOWN_GAPS} earlier</li>}
        </ul>
      )}
    </section>
  );
}
