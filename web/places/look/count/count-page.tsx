import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { daysBetween } from '#core/calendar';
import type { Sample, Tag } from '#core/records';
import { emptyUnit, type Protocol, PROTOCOL_SHAPES, PROTOCOLS, type Unit } from '#core/sampling';
import { COVER_SPOTS, inSentence, PROTOCOL_TEXTS } from '#knowledge';
import type { WatchPicture } from '#engine';
import { useGuesses, useWatch } from '../../../api/queries.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../../outbox/use-outbox.ts';
import { useNotices } from '../../../parts/notices.tsx';
import { DayField } from '../../../parts/day-field.tsx';
import { FormProblem } from '../../../parts/form-problem.tsx';
import { Answered, EmptyState } from '../../../parts/page.tsx';
import { feel } from '../../../parts/hand-ways.ts';
import { HoldButton } from '../../../parts/hold-button.tsx';
import { RemarkField } from '../../../parts/remark-field.tsx';
import { isForFocused } from '../../../parts/has-focus.ts';
import { keysAreOff } from '../../../parts/shortcuts.tsx';
import { markPage } from '../../../parts/still-here.ts';
import { useScreenAwake } from '../../../parts/use-screen-awake.ts';
import { showDate } from '../../../show/dates.ts';
import { unitWords } from '../../../show/measures.ts';
import { capital } from '../../../show/sentence.ts';
import { useToday } from '../../../show/use-show.ts';
import { judgedFrom } from '../judged-from.ts';
import { useStopDone } from '../round/use-round.ts';
import { type CountDraft, isUntouched, nextUnit, totalOf, undoLast, useCountDraft } from './count-draft.ts';
import { Pad } from './pad.tsx';
import { ProtocolChoice } from './protocol-choice.tsx';
import { countedUnits, spotOf } from './counted-units.ts';
import { SoFar } from './so-far.tsx';
import { UnitStrip } from './unit-strip.tsx';

/** Counting unit by unit, with one thumb or from the keys. */
export function CountPage() {
  const { watchId = '' } = useParams();
  const [params] = useSearchParams();
  return (
    <Answered question={useWatch(watchId)}>
      {(picture) => {
        const asked = PROTOCOLS.find((protocol) => protocol === params.get('protocol'));
        const protocol = asked ?? picture.protocols[0];
        if (!protocol)
          return (
            <EmptyState title="There is nothing to count here.">
              <Link className="link-husk" to={`/look/${watchId}`}>
                Back to the watch
              </Link>
            </EmptyState>
          );
        const usual = picture.protocols[0];
        const tags = picture.tags.filter((tag) => (tag.protocol ?? usual) === protocol);
        const tagged = params.has('tagged') && tags.length > 0;
        return (
          <Count
            key={`${watchId}${protocol}${tagged}`}
            picture={picture}
            protocol={protocol}
            tags={tagged ? tags : null}
          />
        );
      }}
    </Answered>
  );
}

interface CountProps {
  readonly picture: WatchPicture;
  readonly protocol: Protocol;
  /** The tagged units to go through, one by one; null when units are picked afresh. */
  readonly tags: readonly Tag[] | null;
}

function Count({ picture, protocol, tags }: CountProps) {
  const { watch, plant, targetName } = picture;
  const [params] = useSearchParams();
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const stopDone = useStopDone(params.get('round'));
  useScreenAwake();
  const { draft, setDraft, clear, resumed } = useCountDraft(watch.id, protocol, tags !== null);
  const [asking, setAsking] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [on, setOn] = useState(today);
  const text = PROTOCOL_TEXTS[protocol];
  const wanted =
    tags?.length ?? (protocol === 'cover' ? COVER_SPOTS.length : usualNumber(protocol, plant.count));
  const untouched = isUntouched(draft);
  // The unit in hand counts once something is on it, or once the person says there is nothing.
  const done = untouched ? draft.units.slice(0, -1) : draft.units;
  // The last one takes as many as it has, until the person goes on from it.
  const isLimited = tags !== null || protocol === 'cover';
  const full = isLimited && draft.units.length > wanted;
  const keys = { enabled: () => !keysAreOff() && !asking, preventDefault: true };
  const tapped = (change: (draft: CountDraft) => CountDraft) => {
    setDraft(change);
    feel(totalOf(change(draft)) < totalOf(draft) ? 'back' : 'more');
  };
  useHotkeys('backspace', () => tapped(undoLast), keys);
  useHotkeys(
    'enter',
    () => {
      if (!full) setDraft(nextUnit);
    },
    { ...keys, ignoreEventWhen: isForFocused },
  );

  const finish = async (units: readonly Unit[]) => {
    const stillHere = markPage();
    setBusy(true);
    setProblem(null);
    const sample: Sample = {
      id: draft.id,
      watchId: watch.id,
      on,
      protocol,
      note: draft.note,
      roundId: params.get('round'),
      sprayId: protocol === 'cover' ? params.get('spray') : null,
      units: countedUnits(units, protocol, plant.count, tags),
    };
    const label = `${unitWords(protocol, units.length)}, ${plant.name}`;
    try {
      const sent = await keepRecord(putEntry('samples', sample, label));
      clear();
      const anyFound = units.some(({ counts }) => counts[PROTOCOL_SHAPES[protocol].measure.item]! > 0);
      const next = await stopDone(
        {
          plantId: plant.id,
          watchId: watch.id,
          outcome: anyFound ? 'counted' : 'nothing',
          reason: null,
          note: '',
        },
        label,
      );
      say(
        sent === 'sent'
          ? `${unitWords(protocol, units.length)} were kept.`
          : `${unitWords(protocol, units.length)} are kept on this device and wait to be sent.`,
        () => void keepRecord(takeOutEntry('samples', sample, label)),
      );
      if (stillHere())
        await navigate(next ?? `/look/${watch.id}${protocol === 'cover' ? '' : `?counted=${sample.id}`}`);
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(false);
    }
  };
  const number = draft.units.length;
  const tooEarlyUntil = judgedFrom(picture, today);
  return (
    <div className="mx-auto max-w-xl -mt-2">
      <h1 className="text-[1.35rem]!">
        {plant.name}, {inSentence(targetName)}
      </h1>
      <ProtocolChoice picture={picture} protocol={protocol} tagged={tags !== null} />
      <p className="soft text-sm">{text.how}</p>
      {tooEarlyUntil && (
        <p role="status" className="text-sm font-semibold">
          Too early to judge the last treatment: what was on its way shows until{' '}
          {showDate(tooEarlyUntil, today)}. Count then to see whether it worked.
        </p>
      )}
      {protocol === 'disease' && <EyeHint />}
      {resumed && done.length > 0 && (
        <p className="mt-2 rounded-lg bg-(--honey-pale) text-(--honey-deep) px-3 py-1.5 text-sm">
          Going on with a count kept on this device.
        </p>
      )}
      <UnitStrip protocol={protocol} units={full ? done : draft.units} wanted={wanted} />
      <SoFar
        protocol={protocol}
        group={watch.group}
        units={countedUnits(done, protocol, plant.count, tags)}
        tags={tags}
        lead={
          full
            ? `All ${unitWords(protocol, wanted)} done.`
            : `${capital(text.unit[0])} ${number > wanted ? `${number}, ${wanted} usual` : `${number} of ${wanted}`}${unitLabel(tags, protocol, plant.count, number - 1)}.`
        }
      />
      {!full && (
        <Pad draft={draft} protocol={protocol} targetId={watch.targetId} onChange={tapped} asleep={asking} />
      )}
      {draft.units.length === 1 && untouched && text.nothingIsAnAnswer && !tags && (
        <button
          type="button"
          className="btn btn-outline w-full h-14 text-base mt-3"
          disabled={busy}
          onClick={() => void finish(Array.from({ length: wanted }, () => emptyUnit(protocol)))}
        >
          Looked at {unitWords(protocol, wanted)}: nothing on any
        </button>
      )}
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 mt-3">
        <HoldButton
          className={`btn h-auto ${full ? 'btn-primary min-h-14 text-base w-full' : 'min-h-11'}`}
          disabled={done.length < 2 || busy || (tags !== null && done.length < wanted)}
          onDone={() => void finish(done)}
        >
          Finish with {unitWords(protocol, done.length)}
        </HoldButton>
        <button type="button" className="link-husk min-h-11" onClick={() => tapped(undoLast)}>
          Take the last one back
        </button>
        {(draft.units.length > 1 || !untouched) &&
          (asking ? (
            <span className="flex gap-2">
              <button
                type="button"
                className="btn btn-sm btn-error"
                onClick={() => {
                  clear();
                  setAsking(false);
                }}
              >
                Give up the count
              </button>
              <button type="button" className="btn btn-sm" onClick={() => setAsking(false)}>
                Keep it
              </button>
            </span>
          ) : (
            <button type="button" className="link-husk min-h-11" onClick={() => setAsking(true)}>
              Give it up
            </button>
          ))}
      </div>
      <details className="mt-3" open={draft.note !== ''}>
        <summary className="link-husk list-none inline-block min-h-11 pt-2">Add a remark</summary>
        <RemarkField value={draft.note} onChange={(note) => setDraft((so) => ({ ...so, note }))} />
      </details>
      {!params.has('round') && (
        <details className="mt-3" open={on !== today}>
          <summary className="link-husk list-none inline-block min-h-11 pt-2">
            {on === today ? 'Counted on another day?' : `Counted on ${showDate(on, today)}`}
          </summary>
          <div className="max-w-52">
            <DayField label="Counted on" value={on} min={watch.openedOn} max={today} onChange={setOn} />
          </div>
        </details>
      )}
      <FormProblem problem={problem} />
    </div>
  );
}

/** An eye untrained for this long drifts (rule of thumb, grade C). */
const EYE_STAYS_DAYS = 60;

function EyeHint() {
  const today = useToday();
  const guesses = useGuesses().data;
  if (!guesses) return null;
  const last = guesses
    .map(({ on }) => on)
    .sort()
    .at(-1);
  if (last && daysBetween(last, today) <= EYE_STAYS_DAYS) return null;
  return (
    <p className="mt-2 rounded-lg bg-(--honey-pale) text-(--honey-deep) px-3 py-1.5 text-sm">
      Your eye {last ? `was last trained ${showDate(last, today)}` : 'has not been trained here'}:{' '}
      <Link className="underline font-semibold" to="/look/eye">
        ten drawn leaves
      </Link>{' '}
      take two minutes and make this count worth more.
    </p>
  );
}

function usualNumber(protocol: Protocol, plants: number): number {
  const { usual, perTree } = PROTOCOL_TEXTS[protocol];
  return perTree === null ? usual : Math.min(100, perTree * plants);
}

function unitLabel(tags: readonly Tag[] | null, protocol: Protocol, plants: number, index: number): string {
  const tag = tags?.[index];
  if (tag) return `: tag ${tag.label}${tag.untouched ? ', left alone' : ''}`;
  const spot = spotOf(protocol, plants, index);
  if (spot) return `: tree ${spot.tree}, number ${spot.onTree} on it`;
  return protocol === 'cover' ? `: ${COVER_SPOTS[index] ?? ''}` : '';
}
