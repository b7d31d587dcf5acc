import type { CivilDate } from '#core/calendar';
import { readTapes, type TapeReading } from '#core/emergence';
import type { EventState, Projection } from '#core/phenology';
import type { ExpectedDay } from './crawler-window.ts';
import type { Fact, WarmthOrigin } from './fact.ts';

/** What a published event rests on today, and whether anybody measured the warmth it goes by. */
export function eventFacts(state: EventState, warmth: WarmthOrigin): Fact[] {
  const { event, shareOfWay, opens } = state;
  const day = expectedDay(opens);
  const soFar: Fact = {
    what: 'heat-so-far-of-the-way-there',
    quantity: { kind: 'share', value: Math.min(1, shareOfWay) },
  };
  const mark: Fact =
    event.kind === 'first'
      ? { what: 'first-hatch-published-at', quantity: { kind: 'heat', cd: event.fromCd } }
      : {
          what: 'window-published-as',
          quantity: { kind: 'heat-range', fromCd: event.fromCd, toCd: event.toCd },
        };
  const when: Fact[] = day
    ? [
        {
          what: opens.kind === 'reached' ? 'reached-on' : 'expected-on',
          quantity:
            opens.kind === 'reached'
              ? { kind: 'date', on: day.median }
              : { kind: 'date', on: day.median, early: day.early, late: day.late },
        },
      ]
    : [];
  const guessed: Fact[] =
    warmth === 'read' ? [] : [{ what: 'warmth', quantity: { kind: 'code', code: warmth } }];
  return [mark, ...(state.phase === 'ahead' ? [soFar] : []), ...when, ...guessed];
}

/** What this season's tapes say. */
export function tapeFacts(tapes: readonly TapeReading[]): Fact[] {
  if (tapes.length === 0) return [{ what: 'tapes', quantity: { kind: 'code', code: 'none-this-season' } }];
  const verdict = readTapes(tapes);
  return [
    { what: 'last-tapes-crawlers-a-week', quantity: { kind: 'counts', values: verdict.perWeek.slice(-3) } },
    { what: 'the-tapes-say', quantity: { kind: 'code', code: verdict.signal } },
  ];
}

export function expectedDay(projection: Projection): ExpectedDay | null {
  if (projection.kind === 'reached')
    return {
      median: projection.on,
      early: projection.range?.[0] ?? projection.on,
      late: projection.range?.[1] ?? projection.on,
    };
  return projection.kind === 'expected' ? projection : null;
}

export function range(day: ExpectedDay): readonly [CivilDate, CivilDate | null] {
  return [day.early, day.late];
}
