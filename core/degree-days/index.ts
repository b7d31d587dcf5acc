export { accumulateDegreeDays } from './accumulate.ts';
export { dailyDegreeDays, type DayTemperatures } from './daily.ts';
export { checkModel, type Cutoff, type DegreeDayModel, type Method } from './model.ts';
export { hourlyDegreeDays, type HourlyModel } from './hourly.ts';
