import { useState } from 'react';
import { type Sample, sampleRecord } from '#core/records';
import { ownFields } from '#core/meeting';
import { inSentence } from '#knowledge';
import type { CountedTwice } from '#engine';
import { keepRecord, putEntry, takeOutEntry } from '../../../outbox/use-outbox.ts';
import { useNotices } from '../../../parts/notices.tsx';
import { showMeasureOf, unitWords } from '../../../show/measures.ts';

/** Stops counted twice on one round: both counts stand, and the gardener says what they are. */
export function CountedTwiceList({ stops }: { stops: readonly CountedTwice[] }) {
  if (stops.length === 0) return null;
  return (
    <section aria-label="Counted twice" className="mb-4 max-w-3xl">
      <h2 className="mb-2">Counted twice: what are they?</h2>
      <ul className="flex flex-col gap-3">
        {stops.map((stop) => (
          <li key={`${stop.watchId}${stop.samples[0]!.protocol}${String(stop.samples[0]!.tagged)}`}>
            <Question stop={stop} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function Question({ stop: { name, targetName, samples, canBeOne } }: { stop: CountedTwice }) {
  const { say } = useNotices();
  const [busy, setBusy] = useState(false);
  const records = samples.map((sample) => ownFields<Sample>(sample, sampleRecord));
  const [first, ...others] = records as [Sample, ...Sample[]];
  const label = `count of ${name}`;
  const back = async () => {
    for (const one of records) await keepRecord(putEntry('samples', one, label));
  };
  const settle = async (work: () => Promise<void>, told: string) => {
    setBusy(true);
    try {
      await work();
      say(told, () => void back().catch((error: Error) => say(error.message)));
    } catch (error) {
      say((error as Error).message);
    } finally {
      setBusy(false);
    }
  };
  const takeOut = (one: Sample) => keepRecord(takeOutEntry('samples', one, label));
  const asOne = async () => {
    const whole = { ...first, units: records.flatMap(({ units }) => units) };
    await keepRecord(putEntry('samples', whole, label, first));
    for (const one of others) await takeOut(one);
  };
  const asTwo = async () => {
    for (const one of others) await keepRecord(putEntry('samples', { ...one, roundId: null }, label, one));
  };
  const both = samples
    .map(
      ({ protocol, units, summary }) =>
        `${unitWords(protocol, units.length)}: ${showMeasureOf(protocol, summary.measure)}`,
    )
    .join('; ');
  return (
    <div className="sheet p-4 border-warning!">
      <p>
        <b className="font-semibold">
          {name}, {inSentence(targetName)}
        </b>{' '}
        <span className="block">{both}. Both are kept.</span>
      </p>
      <div className="flex flex-wrap gap-2 mt-2">
        {canBeOne && (
          <button
            type="button"
            className="btn"
            disabled={busy}
            onClick={() => void settle(asOne, 'They are one count now.')}
          >
            One look, shared: put them together
          </button>
        )}
        <button
          type="button"
          className="btn"
          disabled={busy}
          onClick={() => void settle(asTwo, 'They stay two counts; the later one is no part of this round.')}
        >
          Two looks: leave them apart
        </button>
        {records.map((one, i) => (
          <button
            key={one.id}
            type="button"
            className="link-husk min-h-11"
            disabled={busy}
            onClick={() => void settle(async () => void (await takeOut(one)), 'That count was taken out.')}
          >
            {i === 0 ? 'Take the first out' : i === 1 ? 'Take the second out' : `Take number ${i + 1} out`}
          </button>
        ))}
      </div>
    </div>
  );
}
