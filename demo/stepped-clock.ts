import { addDays, type CivilDate } from '#core/calendar';
import { Problem } from '#answers';
import type { Clock } from '#server/clock';
import type { Store } from '#server/store/store';

const KEY = 'garden-day';

/** A clock that stands still until it is stepped, and keeps its day with the records. */
export function steppedClock(store: Store, openingDay: CivilDate, lastDay: CivilDate): Required<Clock> {
  const today = () => store.meta(KEY) ?? openingDay;
  return {
    today,
    step(days) {
      const to = addDays(today(), days);
      if (to > lastDay) throw new Problem(409, `The made-up weather ends on ${lastDay}.`);
      store.putMeta(KEY, to);
    },
  };
}
