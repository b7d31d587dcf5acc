import { heatOfDay } from './daily.ts';
import { heatOfHours } from './hourly.ts';
import { checkModel, type DegreeDayModel } from './model.ts';

/**
 * Running sum of degree days, °C·days: element i is the heat of days 0..i together.
 * `minC` and `maxC` hold consecutive days and are equally long. The double methods take the next
 * day's minimum; the last day stands in for its own. A day whose hours are given is summed hour by
 * hour, whatever the method, but for the average, which is asked for to compare with sums made so.
 * @throws RangeError for unequal lengths, a reading that is not a number, a maximum below its
 *   minimum (naming the index), or a model without meaning.
 */
export function accumulateDegreeDays(
  minC: ArrayLike<number>,
  maxC: ArrayLike<number>,
  model: DegreeDayModel,
  hoursC: ArrayLike<readonly number[] | undefined> = [],
): Float64Array {
  checkModel(model);
  if (minC.length !== maxC.length) throw new RangeError('minima and maxima must be equally many');
  const sums = new Float64Array(minC.length);
  let total = 0;
  for (let i = 0; i < minC.length; i++) {
    const low = minC[i]!;
    const high = maxC[i]!;
    if (!(high >= low)) throw new RangeError(`day ${i}: needs a maximum not below its minimum`);
    const hours = model.method === 'average' ? undefined : hoursC[i];
    total += hours
      ? heatOfHours(hours, model)
      : heatOfDay(low, high, i + 1 < minC.length ? minC[i + 1]! : low, model);
    sums[i] = total;
  }
  if (!Number.isFinite(total)) throw new RangeError('every reading must be a finite temperature in °C');
  return sums;
}
