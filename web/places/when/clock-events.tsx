import { WIDER_BY } from '#core/phenology';
import type { ClockAnswer } from '#engine';
import { GradeMark } from '../../parts/grade-mark.tsx';
import { Sources } from '../../parts/sources.tsx';
import { showDate } from '../../show/dates.ts';
import { showShare } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { projectionWords, STARTED_BY } from './projection-words.ts';

const TITLES = {
  crawlers: { first: 'First crawlers', window: 'Window to treat' },
  adults: { first: 'Adults of the next round', window: 'Adults fly' },
} as const;

/** Published points and windows, laid on this season. */
export function ClockEvents({ clock }: { clock: ClockAnswer }) {
  const show = useShow();
  if (clock.events.length === 0) return null;
  return (
    <section aria-label="Published points and windows" className="mt-5">
      <h2 className="mb-2">Published points and windows</h2>
      <ul className="sheet divide-y divide-base-300">
        {clock.events.map((state) => (
          <li key={state.event.id} className="p-4">
            <p>
              <b className="font-semibold">
                {TITLES[state.event.stage][state.event.kind]}
                {state.event.generation > 1 ? `, generation ${state.event.generation}` : ''}
              </b>{' '}
              <span
                className={`tag ${state.phase === 'open' ? 'tag-open' : state.phase === 'ahead' ? 'tag-due' : ''}`}
              >
                {state.started === null
                  ? 'waits'
                  : state.event.kind === 'first' && state.phase !== 'ahead'
                    ? 'passed'
                    : state.phase}
              </span>
            </p>
            <p className="soft">
              {state.event.kind === 'first'
                ? show.heat(state.event.fromCd)
                : show.heatRange(state.event.fromCd, state.event.toCd)}
              :{' '}
              {state.started === null
                ? `waits for ${STARTED_BY[state.event.start.kind]}`
                : state.event.kind === 'first'
                  ? projectionWords(state.opens)
                  : `${projectionWords(state.opens)} to ${projectionWords(state.closes)}`}
              {state.started !== null &&
                state.phase === 'ahead' &&
                `; ${showShare(Math.min(1, state.shareOfWay))} of the way`}
            </p>
            <details>
              <summary className="link-husk list-none inline-block text-sm">Source and doubts</summary>
              <p className="text-sm mt-1">
                <GradeMark grade={state.event.grade} /> As printed: {state.event.published}.{' '}
                <Sources ids={state.event.sourceIds} />
              </p>
              <p className="text-sm soft">{state.event.note}</p>
            </details>
          </li>
        ))}
      </ul>
      <p className="soft text-sm mt-2">
        A first point and a window are different things and are never averaged.{' '}
        {clock.carry === 'wider'
          ? `Winters here are milder than where these were found, so each is allowed to be ${showShare(WIDER_BY)} smaller or larger (grade C).`
          : 'Sums counted from a calendar day do not carry to a warm winter climate.'}
      </p>
    </section>
  );
}

/** What plants that were seen to bloom say beside the thermometer. */
export function Opinions({ clock }: { clock: ClockAnswer }) {
  const show = useShow();
  if (clock.opinions.length === 0) return null;
  return (
    <section aria-label="A second opinion" className="mt-5">
      <h2 className="mb-2">A second opinion, from bloom</h2>
      <ul className="sheet divide-y divide-base-300">
        {clock.opinions.map(({ indicator, bloomedOn, heatThenCd, aheadCd, opens }) => (
          <li key={`${indicator.hostId} ${bloomedOn}`} className="p-4">
            <p>
              <b className="font-semibold">
                {indicator.name} bloomed on {showDate(bloomedOn)}
              </b>
              , at {show.heat(heatThenCd)} by the thermometer; published: {show.heat(indicator.bloomCd)}.
            </p>
            <p className="soft">
              {aheadCd >= 0 ? 'It was later' : 'It was earlier'} than the thermometer by{' '}
              {show.heat(Math.abs(aheadCd))}. If the next event keeps its published distance from this bloom:{' '}
              {projectionWords(opens)}.
            </p>
          </li>
        ))}
      </ul>
      <p className="soft text-sm mt-2">
        Order travels better than values. Where bloom and thermometer disagree, hang tapes and let them
        decide.
      </p>
    </section>
  );
}
