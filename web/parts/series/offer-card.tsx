import { useState } from 'react';
import type { CivilDate } from '#core/calendar';
import { inSentence } from '#knowledge';
import type { SeriesOffer, SettledStep } from '#engine';
import { seriesLines, settledTitle, stepDays, WAITS_WORDS } from '../../show/series-words.ts';
import { useToday } from '../../show/use-show.ts';
import { GradeMark } from '../grade-mark.tsx';
import { SeriesEditor } from './series-editor.tsx';
import { useSeries } from './use-series.ts';

/** A usual series with its dates, to be taken as it is or changed first. */
export function OfferCard({ offer }: { offer: SeriesOffer }) {
  const { series, says, followed, answer } = offer;
  const today = useToday();
  const { begin } = useSeries();
  const [changing, setChanging] = useState(false);
  const ahead = answer.steps.filter(({ state }) => state !== 'done');
  return (
    <li className="p-4 flex flex-col gap-2">
      <p>
        <b className="font-semibold">{series.name}</b>{' '}
        {followed === true && <span className="tag tag-open">your school</span>}
        {followed === false && <span className="tag">another school</span>}
      </p>
      <p className="soft text-sm">{says}</p>
      <ol className="text-sm list-decimal pl-5">
        {seriesLines(series).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      {ahead.length > 0 && <Dates steps={ahead} today={today} />}
      {changing ? (
        <SeriesEditor
          series={series}
          keepWord="Plan it so"
          onCancel={() => setChanging(false)}
          onKeep={(changed) => {
            setChanging(false);
            void begin(changed);
          }}
        />
      ) : (
        <div className="flex flex-wrap gap-2 items-center">
          <button type="button" className="btn btn-sm btn-primary" onClick={() => void begin(series)}>
            Plan it<span className="sr-only"> {series.name}</span>
          </button>
          <button type="button" className="btn btn-sm" onClick={() => setChanging(true)}>
            Change it first<span className="sr-only"> {series.name}</span>
          </button>
          <GradeMark grade="C" />
        </div>
      )}
    </li>
  );
}

/** The days as they would come; what is done is named once for turns alike. */
function Dates({ steps, today }: { steps: readonly SettledStep[]; today: CivilDate }) {
  const words = steps.map((step, i) => {
    if (step.state === 'waits') return `waits for ${WAITS_WORDS[step.plan.trigger.kind]}`;
    const title = settledTitle(step);
    const isSame = i > 0 && settledTitle(steps[i - 1]!) === title;
    return isSame ? stepDays(step, today) : `${inSentence(title)} ${stepDays(step, today)}`;
  });
  return (
    <p className="text-sm">
      <b className="font-semibold">Next:</b> {words.join(', then ')}.
    </p>
  );
}
