import { keptWith } from '#core/caches';
import { type CivilDate, daysBetween } from '#core/calendar';
import { nextWindow, weigh, type Weighed, type WeighFacts } from '#core/decide';
import { isScaleGroup } from '#core/identify';
import { loggedBloom } from '#core/plan';
import { placeOn } from '#core/weather';
import { evergreenOf, HAND_SPRAYER_REACH_M, hostById, oilTopC, schoolsFor, WEIGH_RULES } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { dormantAnswer } from './dormant-answer.ts';
import { leavesOf } from './leaf-state.ts';
import { isLateSeason } from './use-facts.ts';
import { type GardenWeather, staysOf } from './season-weather.ts';
import { outdoorSprayDays } from './spray-answer.ts';
import type { WatchPicture } from './watch-picture.ts';

/** What a person sees on the spot and the records do not tell; null where they did not say. */
export interface SeenOnTheSpot {
  readonly helpersSeen: boolean | null;
  readonly antsSeen: boolean | null;
  readonly beesAtHoneydew: boolean | null;
  readonly thirsty: boolean | null;
  readonly cropIsOff: boolean | null;
  readonly bloomSoon: boolean | null;
}

/** Nobody stands before the plant. */
export const NOT_LOOKED: SeenOnTheSpot = {
  helpersSeen: null,
  antsSeen: null,
  beesAtHoneydew: null,
  thirsty: null,
  cropIsOff: null,
  bloomSoon: null,
};

export interface WeighAnswer {
  readonly facts: WeighFacts;
  readonly weighed: Weighed;
}

/** A window this many days ahead is "soon". */
const SOON_DAYS = 21;

export function weighAnswer(day: GardenDay, picture: WatchPicture, seen: SeenOnTheSpot): WeighAnswer {
  const facts = factsToWeigh(day, picture, seen);
  return { facts, weighed: weigh(WEIGH_RULES, facts, schoolsFor(day.garden, picture.plant)) };
}

function factsToWeigh(day: GardenDay, picture: WatchPicture, seen: SeenOnTheSpot): WeighFacts {
  const { plant, watch, life, level, answers, samples, miner, sightings } = picture;
  const host = hostById(plant.hostId);
  const weather = day.ofPlant(plant);
  const log = day.books.plantBook(plant.id).growth;
  const leafState = leavesOf(day, plant).value;
  const bloom = loggedBloom(log, day.start, day.today);
  const kinds = new Map(day.books.state.places.map((place) => [place.id, place.kind]));
  const latest = samples.at(-1);
  const reach = day.books.state.sprayers.map(({ reachM }) => reachM);
  return {
    group: watch.group,
    targetId: watch.targetId,
    life: life.life,
    eggsBeneath: life.because === 'eggs-beneath',
    // A count that found none is older than the crawlers caught since.
    level: life.because === 'crawlers-walk' && level?.level === 0 ? null : (level?.level ?? null),
    minedShare: miner.minedShare,
    holedShare: latest?.units.some(({ counts }) => counts.holed !== undefined)
      ? shareHoled(latest.units)
      : null,
    helpersSeen: seen.helpersSeen,
    antsSeen: seen.antsSeen ?? (answers.ants === 'yes' ? true : answers.ants === 'no' ? false : null),
    young: plant.age === 'young',
    vigour: plant.vigour,
    edible: plant.edible,
    evergreen: evergreenOf(plant) === true,
    heightM: plant.heightM,
    volumeM3: plant.heightM * plant.spreadM * (plant.lengthM ?? plant.spreadM),
    plants: plant.lengthM === null ? plant.count : 1,
    reachM: reach.length > 0 ? Math.max(...reach) : HAND_SPRAYER_REACH_M,
    hostOil: host.oil,
    sheltered: kinds.get(placeOn(staysOf(day.books.plantBook(plant.id)), day.today)) !== 'outdoors',
    shade: plant.light !== 'sun',
    wateredOverhead: plant.watering === 'overhead',
    sourceOpen:
      watch.sourcePlantId !== null && day.books.plantBook(watch.sourcePlantId).plant.retiredOn === null,
    leafState,
    winter: winterFor(day, plant.id),
    window: windowOf(picture, day.today),
    allStagesSeen: sightings.some(({ what, on }) => what === 'all-stages' && on >= day.start),
    softFlush: miner.flush !== null,
    bloom:
      bloom.kind === 'unknown'
        ? seen.bloomSoon
          ? 'soon'
          : 'unknown'
        : seen.bloomSoon && bloom.kind !== 'open'
          ? 'soon'
          : bloom.kind,
    beesVisitBloom: host.beesVisitBloom,
    beesAtHoneydew: seen.beesAtHoneydew,
    hot:
      weather.forecast.length === 0
        ? null
        : weather.forecast.slice(0, 3).some(({ maxC }) => maxC > oilTopC(schoolsFor(day.garden, plant))),
    fitHoursToday: fitHours(day),
    thirsty: seen.thirsty,
    cropIsOff: seen.cropIsOff,
    lateSeason: isLateSeason(day.garden, day.today, leafState),
  };
}

/** What the winter page holds for a plant today. */
function winterFor(day: GardenDay, plantId: string): WeighFacts['winter'] {
  const plan = dormantAnswer(day).plants.find((entry) => entry.plantId === plantId)?.plan;
  if (plan?.kind !== 'steps') return 'none';
  const states = new Set(plan.steps.filter(({ what }) => what !== 'spur-sample').map(({ state }) => state));
  return states.has('due') ? 'now' : states.has('ask') ? 'ask' : states.has('coming') ? 'ahead' : 'none';
}

const fitToday = keptWith<GardenWeather, 'oil', boolean | null>();

/** Whether today has an hour for oil on leaves, the strictest common spray; kept with the day's weather. */
function fitHours(day: GardenDay): boolean | null {
  return fitToday(day.weather, 'oil', () => {
    const [today] = outdoorSprayDays(day);
    return today ? today.hours.some(({ verdict }) => verdict === 'go') : null;
  });
}

function shareHoled(units: readonly { readonly counts: Readonly<Record<string, number>> }[]): number | null {
  const sum = (item: string) => units.reduce((total, { counts }) => total + (counts[item] ?? 0), 0);
  const all = sum('live') + sum('dead') + sum('holed');
  return all === 0 ? null : sum('holed') / all;
}

/** Where its windows stand: crawlers of a scale, or the flights of a miner's adults. */
function windowOf({ windows, events, watch }: WatchPicture, today: CivilDate): WeighFacts['window'] {
  if (!isScaleGroup(watch.group)) return flightOf(events, today);
  if (windows.length === 0) return 'none';
  const next = nextWindow(windows);
  if (!next) return 'over';
  const waits = next.waitsForTapes || next.disputedBy !== null || next.basis === 'calendar';
  if (next.phase === 'open' && !waits) return 'open';
  return next.phase === 'open' || daysBetween(today, next.opens.median) <= SOON_DAYS ? 'soon' : 'later';
}

function flightOf(events: WatchPicture['events'], today: CivilDate): WeighFacts['window'] {
  const flights = events.filter(({ event }) => event.kind === 'window');
  if (flights.length === 0) return 'none';
  if (flights.some(({ phase }) => phase === 'open')) return 'open';
  const next = flights.find(({ phase }) => phase === 'ahead');
  if (!next) return 'over';
  if (next.opens.kind !== 'expected') return 'later';
  return daysBetween(today, next.opens.median) <= SOON_DAYS ? 'soon' : 'later';
}
