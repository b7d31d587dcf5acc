import type { CivilDate } from '#core/calendar';
import type { Ending, Series } from '#core/records';
import { type Position, planAt } from './position.ts';
import type { SeriesFacts } from './series-facts.ts';

/** The end of a step's turns: when, and what brought it. */
export interface StepEnd {
  readonly on: CivilDate;
  readonly by: Ending;
}

/** The first ending of a step that has come, or is expected; null while none can be told. */
export function stepEnd(series: Series, facts: SeriesFacts, position: Position): StepEnd | null {
  const plan = planAt(series, position);
  return (
    plan?.until
      .flatMap((by): StepEnd[] => {
        const on = endsOn(by, series, facts, position);
        return on === null ? [] : [{ on, by }];
      })
      .toSorted((a, b) => (a.on < b.on ? -1 : 1))[0] ?? null
  );
}

function endsOn(by: Ending, series: Series, facts: SeriesFacts, position: Position): CivilDate | null {
  // What was seen before the step's first turn does not end it.
  const since = position.firstOn ?? position.treatedOn ?? series.startedOn;
  switch (by.kind) {
    case 'date':
      return by.on;
    case 'looks-clear':
      return clearRun(facts.looks, by.looks, since);
    case 'tapes-empty':
      return clearRun(facts.tapes, by.looks, since);
    default:
      return facts.comes(by, since)?.on ?? null;
  }
}

/** The day of the last of so many looks in a row that found nothing, each on a day of its own. */
function clearRun(looks: SeriesFacts['looks'], inARow: number, since: CivilDate): CivilDate | null {
  let clear: CivilDate[] = [];
  for (const look of looks) {
    if (look.on <= since) continue;
    clear = look.clear ? [...clear.filter((on) => on !== look.on), look.on] : [];
    if (clear.length >= inARow) return look.on;
  }
  return null;
}
