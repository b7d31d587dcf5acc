export { coverLeft, type SinceSprayed } from './cover-left.ts';
export { type DaySpan, daysToSpots } from './days-to-spots.ts';
export { genericWetHours, type GenericFungus } from './generic-wet-hours.ts';
export { grapeMildewIndex } from './grape-mildew-index.ts';
export { scabSporesRipe } from './scab-spores.ts';
export { wetHoursNeeded } from './wet-hours-needed.ts';
export { type LeafHour, type WetSpell, wetSpells } from './wet-spells.ts';
