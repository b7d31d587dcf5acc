import { type CivilDate, daysBetween } from '#core/calendar';
import { type InfectionEvent, infectionEvents, scabSeason, sliceHours, SPORES_OVER } from '#core/infection';
import type { Disease } from '#knowledge';
import type { DiseaseSpan } from './disease-spans.ts';
import type { LeafWeather } from './leaf-weather.ts';
import { spotsOf, type SpotsSeen } from './spots-seen.ts';

/** A wet time with the spores there were for it. */
export interface SeasonEvent {
  readonly event: InfectionEvent;
  readonly sporesRipe: number | null;
}

/** One season of a disease: its days, and everything wet in them. */
export interface Season {
  readonly span: DiseaseSpan;
  readonly events: readonly SeasonEvent[];
}

/** What decides whether spots on the tree itself carry a season on. */
export interface Carrying {
  readonly leafFalls: readonly CivilDate[];
  coveredOn(hour: number): number;
  lookedAt(event: InfectionEvent): SpotsSeen;
}

const HOURS = 24;
/** A cover from here on kept an infection off (rule of thumb, grade C). */
export const COVERED_FROM = 0.6;

/** A season's wet times; where its own spores run out, gone on with by spots that got through, until leaf fall. */
export function seasonOf(
  disease: Disease,
  weather: LeafWeather,
  span: DiseaseSpan,
  fewSpores: boolean,
  carrying: Carrying,
): Season {
  const season = { span, events: eventsIn(disease, weather, span, fewSpores) };
  if (!disease.sporesByHeat) return season;
  const from = spreadFrom(weather, disease, season.events, carrying);
  return from ? goingRound(disease, weather, season, from, carrying.leafFalls) : season;
}

/** Everything wet in a span, counted from the frame's beginning. */
function eventsIn(
  disease: Disease,
  weather: LeafWeather,
  span: DiseaseSpan,
  fewSpores: boolean,
): SeasonEvent[] {
  const first = Math.max(0, daysBetween(weather.from, span.from));
  const last = Math.min(weather.hours.days - 1, daysBetween(weather.from, span.to));
  if (last < first) return [];
  const ripe = disease.sporesByHeat ? ripening(weather, first, last) : null;
  // Heat from before anybody measured is missing from the sum: then it is not told.
  const isRipeTold = span.from >= weather.from;
  return infectionEvents(disease.rule, sliceHours(weather.hours, first, last), { fewSpores })
    .map((event) => ({ ...event, from: event.from + first * HOURS, to: event.to + first * HOURS }))
    .map((event) => ({ event, frameDay: Math.floor(event.from / HOURS) }))
    .filter(({ frameDay }) => !ripe || ripe.beforeOver(frameDay))
    .map(({ event, frameDay }) => ({
      event,
      sporesRipe: isRipeTold ? (ripe?.share(frameDay) ?? null) : null,
    }));
}

/** Ripe spores by day, from green tip on. */
function ripening({ meansC, rainMm }: LeafWeather, first: number, last: number) {
  const days = Array.from({ length: last - first + 1 }, (_, i) => ({
    meanC: meansC[first + i]!,
    rainMm: rainMm[first + i]!,
  }));
  const shares = scabSeason(days);
  return {
    share: (frameDay: number) => shares[frameDay - first] ?? null,
    beforeOver: (frameDay: number) => (shares[frameDay - first - 1] ?? 0) < SPORES_OVER,
  };
}

/**
 * The day from which spots on the tree itself send out spores: the first that got through, unless somebody looked
 * on its days and found none. Null where nothing got through.
 */
function spreadFrom(
  weather: LeafWeather,
  disease: Disease,
  events: readonly SeasonEvent[],
  { coveredOn, lookedAt }: Carrying,
): CivilDate | null {
  const first = events.find(
    ({ event }) =>
      event.infects.middle &&
      Math.floor(event.from / HOURS) < weather.forecastFrom &&
      coveredOn(event.from) < COVERED_FROM &&
      lookedAt(event).kind !== 'none',
  );
  return first ? (spotsOf(weather, disease, first.event)?.from ?? null) : null;
}

/** A season whose own spores are out, gone on with by spots on the tree until its leaves fall. */
function goingRound(
  disease: Disease,
  weather: LeafWeather,
  { span, events }: Season,
  from: CivilDate,
  leafFalls: readonly CivilDate[],
): Season {
  const leafFall = leafFalls.find((on) => on > span.from);
  if (leafFall === undefined || leafFall <= span.to) return { span, events };
  const longer = { ...span, to: leafFall };
  const lastOfSpring = events.at(-1)?.event.to ?? -1;
  const later = eventsIn({ ...disease, sporesByHeat: false }, weather, { ...longer, from }, false).filter(
    ({ event }) => event.from > lastOfSpring,
  );
  return { span: longer, events: [...events, ...later] };
}
