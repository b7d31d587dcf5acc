import { Link, useParams, useSearchParams } from 'react-router';
import { isScaleGroup } from '#core/identify';
import type { Watch } from '#core/records';
import { CHECKS, diseaseOf, GROUPS, inSentence, PROTOCOL_TEXTS, targetById } from '#knowledge';
import type { SummedSample, WatchAnswer, WatchPicture } from '#engine';
import { useNow, usePutWatch, useRemoveSample, useWatch } from '../../api/queries.ts';
import { useInfections } from '../../api/timing.ts';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { History } from '../../parts/history.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { AndThen } from '../../parts/series/and-then.tsx';
import { SeriesSection } from '../../parts/series/series-section.tsx';
import { useTakeOut } from '../../parts/use-take-out.ts';
import { Reason } from '../../parts/reason.tsx';
import { useChange } from '../../parts/use-change.ts';
import { showDate, showFullDate } from '../../show/dates.ts';
import { showMeasure, unitWords } from '../../show/measures.ts';
import { showShare } from '../../show/units.ts';
import { useToday } from '../../show/use-show.ts';
import { findingOf } from '../when/infections/diary-words.ts';
import { closingWords, dueWords } from '../now/due-words.ts';
import { changeWords } from '../seasons/change-words.ts';
import { PhotoStrip } from './photos/photo-strip.tsx';
import { CatchLists, HangingList } from './catch-lists.tsx';
import { SpurFindings } from './spur-findings.tsx';
import { HandworkList } from './handwork-list.tsx';
import { DecisionPanel } from './decision-panel.tsx';
import { useEndWatch } from './use-end-watch.ts';
import { SprayList } from './spray-list.tsx';
import { SpreadSection } from './spread-section.tsx';
import { judgedFrom } from './judged-from.ts';
import { lifeWords, STATUS_MEANS, STATUS_WORDS } from './status-words.ts';
import { TagSection } from './tag-section.tsx';

/** One watch at a glance: what it is and how sure, how bad against last season, what next and why. */
export function WatchPage() {
  const { watchId = '' } = useParams();
  return <Answered question={useWatch(watchId)}>{(picture) => <WatchView picture={picture} />}</Answered>;
}

function WatchView({ picture }: { picture: WatchAnswer }) {
  const { watch, plant, targetName, status, level, levelBefore, change, changeSince, life } = picture;
  const scale = isScaleGroup(watch.group);
  const today = useToday();
  const [params] = useSearchParams();
  const counted = picture.samples.find(({ id }) => id === params.get('counted'));
  const tooEarlyUntil = judgedFrom(picture, today);
  const hasSeries = useNow().data?.planned.some(({ watchId }) => watchId === watch.id) ?? false;
  const series = <SeriesSection watchId={watch.id} plantId={plant.id} />;
  // What was just sprayed still has questions: they come before older things.
  const asksAboutSprays = picture.sprays.some(
    ({ coverage, stageSeen }) => coverage === null || stageSeen === null,
  );
  return (
    <>
      <PageHead
        title={`${plant.name}, ${inSentence(targetName)}`}
        lead={watch.group ? GROUPS[watch.group].meaning : 'Not enough has been seen to name it.'}
      >
        <Link className="btn" to={`/look/${watch.id}/name`}>
          Look and name
        </Link>
        {watch.targetId === null && (
          <Link className="btn" to={`/look/${watch.id}/sheet`}>
            Sheet for a lab
          </Link>
        )}
        <Link className="btn" to={`/look/${watch.id}/weigh`}>
          Weigh it
        </Link>
        {watch.outcome === 'open' && watch.group !== null && !plant.outOfReach && (
          <Link className="btn" to={`/mix?watch=${watch.id}`}>
            Mix for it
          </Link>
        )}
        {watch.group !== null && (
          <Link className="btn" to={`/look/${watch.id}/handover`}>
            Hand it over
          </Link>
        )}
        {picture.protocols[0] && (
          <Link className="btn btn-primary" to={`/look/${watch.id}/count`}>
            Count {PROTOCOL_TEXTS[picture.protocols[0]].unit[1]}
          </Link>
        )}
        {(scale || watch.group === null || watch.group === 'leaf-miner') && !plant.outOfReach && (
          <Link className="btn" to={`/look/${watch.id}/tape`}>
            {watch.group === 'leaf-miner' ? 'Enter a trap' : 'Enter a tape'}
          </Link>
        )}
      </PageHead>
      <div className="grid gap-6 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_380px]">
        <div className="flex flex-col gap-5 min-w-0">
          {picture.noFallSince && (
            <p className="rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3 flex flex-wrap gap-x-4 gap-y-1">
              Counted since the work of {showDate(picture.noFallSince, today)}: no fall can be shown.
              <Link className="link-husk" to={`/seasons/watch/${watch.id}/why`}>
                Why that may be
              </Link>
            </p>
          )}
          {counted && <DecisionPanel picture={picture} sample={counted} />}
          <section
            aria-label="How bad it is"
            className="sheet p-4 grid gap-4 sm:grid-cols-[120px_minmax(0,1fr)]"
          >
            <BeadScale level={level} before={levelBefore} />
            <div>
              <p className="font-semibold">
                {tooEarlyUntil
                  ? `Too early to judge the last treatment: what was on its way shows until ${showDate(tooEarlyUntil, today)}.`
                  : change && changeSince
                    ? `Since ${showDate(changeSince, today)}: ${inSentence(changeWords(change))}`
                    : picture.protocols.length > 0
                      ? 'Nothing to compare yet: it takes two counts of one kind, a season apart.'
                      : 'Followed by looking.'}
              </p>
              <p className="soft mt-1">
                {plant.outOfReach && life.life === 'unknown'
                  ? 'Over the fence: look across, at the newest growth.'
                  : lifeWords(life, watch.group)}
              </p>
              {(picture.samples.length > 1 || picture.sprays.length + picture.handwork.length > 0) && (
                <p className="mt-1 flex flex-wrap gap-x-4">
                  {picture.samples.length > 0 && (
                    <Link className="link-husk py-1" to={`/seasons/watch/${watch.id}`}>
                      Its path through the seasons
                    </Link>
                  )}
                  {picture.sprays.length + picture.handwork.length > 0 && (
                    <Link className="link-husk py-1" to={`/seasons/watch/${watch.id}/why`}>
                      Did the work do anything?
                    </Link>
                  )}
                </p>
              )}
              <p className="soft mt-1">
                Status: {STATUS_WORDS[status]}
                {STATUS_MEANS[status] && `: ${STATUS_MEANS[status]}`}.
              </p>
            </div>
          </section>
          {watch.outcome === 'open' && !plant.outOfReach && <AndThen about={{ watch: watch.id }} />}
          {watch.outcome === 'open' && hasSeries && series}
          <NextSteps picture={picture} />
          {watch.outcome === 'open' && !hasSeries && series}
          {asksAboutSprays && <SprayList picture={picture} />}
          {watch.outcome === 'open' && diseaseOf(watch.targetId) && <InfectionLine picture={picture} />}
          <SpurFindings picture={picture} />
          <Counts picture={picture} />
          {!asksAboutSprays && <SprayList picture={picture} />}
          {!plant.outOfReach && <HandworkList picture={picture} />}
        </div>
        <div className="flex flex-col gap-5">
          <HangingList picture={picture} />
          {((scale && !plant.outOfReach) || picture.tapes.length + picture.traps.length > 0) && (
            <CatchLists picture={picture} />
          )}
          {picture.protocols.length > 0 && !plant.outOfReach && <TagSection picture={picture} />}
          {watch.outcome === 'open' && <SpreadSection picture={picture} />}
          <PhotoStrip watchId={watch.id} />
          <Seen picture={picture} />
          <Outcome watch={watch} />
          <History kind="watch" id={watch.id} />
        </div>
      </div>
    </>
  );
}

/** What the weather has done to it, in a line; the diary has the rest. */
function InfectionLine({ picture }: { picture: WatchPicture }) {
  const answer = useInfections(picture.watch.id).data;
  const today = useToday();
  if (!answer || answer.kind === 'none') return null;
  return (
    <section aria-label="Infections" className="sheet p-4">
      <p>
        <b className="font-semibold">{findingOf(answer, picture.targetName, today)}.</b>{' '}
        <Link className="link-husk" to={`/when/infections/${picture.watch.id}`}>
          The infection diary
        </Link>
      </p>
    </section>
  );
}

function NextSteps({ picture }: { picture: WatchPicture }) {
  const now = useNow().data;
  const today = useToday();
  const due = now?.due.filter((item) => item.watchId === picture.watch.id) ?? [];
  return (
    <section aria-label="What happens next">
      <h2 className="mb-2">What happens next</h2>
      <div className="sheet divide-y divide-base-300">
        {due.length === 0 && (
          <p className="p-4 soft">
            {picture.watch.outcome === 'open'
              ? 'Nothing is asked on this plant: it is no longer there.'
              : 'The watch has ended: it asks for nothing.'}
          </p>
        )}
        {due.map((item) => {
          const words = dueWords(item, true);
          const closing = closingWords(item, today);
          return (
            <div key={item.id} className="p-4">
              <p>
                <b className="font-semibold">{words.title}</b>{' '}
                <span className={`tag ${closing.tone}`}>{closing.tag}</span>{' '}
                <span className="soft">{closing.line}</span>
              </p>
              <p className="soft">{words.advice}</p>
              <div className="flex flex-wrap gap-x-5 items-start">
                <div className="flex-1 min-w-0 basis-60">
                  <Reason title={words.why} facts={item.facts} ruleId={item.ruleId} eventId={item.eventId} />
                </div>
                <Link to={words.to} className="btn btn-sm btn-primary mt-1">
                  {words.doIt}
                </Link>
              </div>
            </div>
          );
        })}
      </div>
    </section>
  );
}

function Counts({ picture }: { picture: WatchPicture }) {
  const today = useToday();
  const takeOutSample = useTakeOut(useRemoveSample(), 'The count was taken out.');
  const takeOut = ({ summary: _, tagged: __, leftAlone: ___, ...sample }: SummedSample) =>
    takeOutSample(sample);
  const counts = [...picture.samples, ...picture.coverChecks].toSorted((a, b) => (a.on < b.on ? 1 : -1));
  if (counts.length === 0) return null;
  return (
    <section aria-label="Counts">
      <h2 className="mb-2">Counts</h2>
      <div className="sheet overflow-x-auto" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
        <table className="table">
          <thead>
            <tr>
              <th>counted</th>
              <th>how</th>
              <th>found</th>
              <th>level</th>
              <th className="text-right">holed</th>
              <th>
                <span className="sr-only">take out</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {counts.map((sample) => (
              <tr key={sample.id}>
                <td className="whitespace-nowrap">{showDate(sample.on, today)}</td>
                <td className="whitespace-nowrap">
                  {unitWords(sample.protocol, sample.units.length)}
                  {sample.tagged ? ', tagged' : ''}
                </td>
                <td>
                  <b className="font-semibold whitespace-nowrap">{showMeasure(sample.summary.measure)}</b>{' '}
                  <span className="soft text-sm">
                    {PROTOCOL_TEXTS[sample.protocol].measureName.replace(/^% /, '')}
                  </span>
                  {sample.leftAlone && (
                    <span className="soft text-sm block">
                      left alone: {showMeasure(sample.leftAlone.summary.measure)} on{' '}
                      {unitWords(sample.protocol, sample.leftAlone.summary.measure.units)}
                    </span>
                  )}
                </td>
                <td>{sample.summary.level && <BeadScale level={sample.summary.level} compact />}</td>
                <td className="text-right">
                  {sample.summary.holedShare ? showShare(sample.summary.holedShare.value) : ''}
                </td>
                <td className="text-right">
                  <button
                    type="button"
                    className="link-husk whitespace-nowrap"
                    onClick={() => takeOut(sample)}
                  >
                    take out<span className="sr-only"> the count of {showDate(sample.on, today)}</span>
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function Seen({ picture }: { picture: WatchPicture }) {
  const { answers, watch } = picture;
  const answeredChecks = CHECKS.filter((check) => answers[check.id] !== undefined);
  const target = watch.targetId ? targetById(watch.targetId) : null;
  return (
    <section aria-label="What was seen">
      <h2 className="mb-2">What was seen</h2>
      <div className="sheet p-4 text-[0.93rem]">
        {target && (
          <p className="mb-2">
            <i>{target.scientific}</i>. {target.what} Generations: {target.generations}. Winter:{' '}
            {target.winter}.{' '}
            <Link className="link-husk" to={`/look/guide/${target.id}`}>
              In the field guide
            </Link>
          </p>
        )}
        {answeredChecks.length === 0 && <p className="soft">No checks yet.</p>}
        <ul className="flex flex-col gap-1">
          {answeredChecks.map((check) => (
            <li key={check.id}>
              <span className="soft">{check.question}</span>{' '}
              <b className="font-semibold">
                {check.answers.find((answer) => answer.id === answers[check.id])?.label ?? 'Not sure'}
              </b>
            </li>
          ))}
        </ul>
        {watch.note && <p className="mt-2">{watch.note}</p>}
      </div>
    </section>
  );
}

function Outcome({ watch }: { watch: Watch }) {
  const change = useChange(usePutWatch());
  const end = useEndWatch(watch);
  if (watch.outcome !== 'open') {
    return (
      <p className="sheet p-4">
        {watch.outcome === 'closed' ? 'Closed' : 'Ruled out'}
        {watch.outcomeOn ? ` ${showFullDate(watch.outcomeOn)}` : ''}.{' '}
        <button
          type="button"
          className="link-husk"
          onClick={() =>
            change(watch, { ...watch, outcome: 'open', outcomeOn: null }, 'The watch is open again.')
          }
        >
          Open it again
        </button>
      </p>
    );
  }
  return (
    <div className="flex flex-wrap gap-2">
      <button type="button" className="btn btn-sm" onClick={() => end('closed')}>
        Close the watch
      </button>
      <button type="button" className="btn btn-sm" onClick={() => end('ruled-out')}>
        Rule it out
      </button>
    </div>
  );
}
