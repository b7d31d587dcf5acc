import type { Fact, Quantity } from '#core/decide';
import type { Grade } from '#core/figures';
import { EVENTS, ruleById, SOURCES, howMany } from '#knowledge';
import { showDate, showDateRange } from '../show/dates.ts';
import { showShare, significant, type Show } from '../show/units.ts';
import { useShow } from '../show/use-show.ts';
import { FACT_WORDS, factCodeWords } from './fact-words.ts';

const GRADE_WORDS: Readonly<Record<Grade, string>> = {
  A: 'exact',
  B: 'widely published; numbers differ by author and region',
  C: 'rule of thumb',
};

/** How far a figure can be trusted, spelled out. */
export function GradeMark({ grade }: { grade: Grade }) {
  return (
    <span className="tag" title={GRADE_WORDS[grade]}>
      grade {grade}: {GRADE_WORDS[grade]}
    </span>
  );
}

export function Sources({ ids }: { ids: readonly string[] }) {
  return (
    <span className="soft">
      {SOURCES.filter((source) => ids.includes(source.id))
        .map((source) => source.citation)
        .join(' ')}
    </span>
  );
}

interface ReasonProps {
  readonly title: string;
  readonly facts: readonly Fact[];
  readonly ruleId: string;
  readonly eventId: string | null;
}

/** A recommendation's whole reasoning, one tap away: facts, rule, grade, source, what would change it. */
export function Reason({ title, facts, ruleId, eventId }: ReasonProps) {
  const show = useShow();
  const rule = ruleById(ruleId);
  const event = EVENTS.find((entry) => entry.id === eventId);
  return (
    <details className="group mt-1">
      <summary className="link-husk list-none inline-block py-0.5">{title}</summary>
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
    </details>
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
