import type { Fact, Quantity } from '#core/decide';
import { EVENTS, howMany, ruleById } from '#knowledge';
import { showDate, showDateRange } from '../show/dates.ts';
import { showShare, significant, type Show } from '../show/units.ts';
import { useShow } from '../show/use-show.ts';
import { FACT_WORDS, factCodeWords } from './fact-words.ts';
import { GradeMark } from './grade-mark.tsx';
import { Sources } from './sources.tsx';

export interface ReasonBodyProps {
  readonly facts: readonly Fact[];
  readonly ruleId: string;
  readonly eventId: string | null;
}

/** Facts, rule, grade and source of a recommendation, and what would change it. */
export function ReasonBody({ facts, ruleId, eventId }: ReasonBodyProps) {
  const show = useShow();
  const rule = ruleById(ruleId);
  const event = EVENTS.find((entry) => entry.id === eventId);
  return (
    <div className="mt-2 mb-1 rounded-lg bg-base-200 p-3 text-[0.93rem]">
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {facts.map((fact) => (
          <div key={fact.what} className="contents">
            <dt className="soft">{FACT_WORDS[fact.what]}</dt>
            <dd className="font-semibold">{showQuantity(fact.quantity, show)}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-2">{rule.says}</p>
      <p className="mt-2">
        <b>What would change this:</b> {rule.wouldChange}
      </p>
      <p className="mt-2 text-sm">
        <GradeMark grade={rule.grade} /> <Sources ids={event ? [...event.sourceIds] : rule.sourceIds} />
      </p>
      {event && (
        <p className="mt-1 text-sm soft">
          As printed: {event.published}. {event.note}
        </p>
      )}
    </div>
  );
}

function showQuantity(quantity: Quantity, show: Show): string {
  switch (quantity.kind) {
    case 'heat':
      return show.heat(quantity.cd);
    case 'heat-range':
      return show.heatRange(quantity.fromCd, quantity.toCd);
    case 'date':
      return quantity.early
        ? showDateRange(quantity.on, quantity.early, quantity.late ?? null)
        : showDate(quantity.on);
    case 'days-between':
      return `${showDate(quantity.from)} to ${showDate(quantity.to)}`;
    case 'counts':
      return quantity.values.map((value) => significant(value, 0)).join(', ');
    case 'share':
      return showShare(quantity.value);
    case 'days':
      return howMany(quantity.value, 'day');
    case 'rain':
      return show.rain(quantity.mm);
    case 'code':
      return factCodeWords(quantity.code);
  }
}
