import {
  addDays,
  type CivilDate,
  daysBetween,
  type Hemisphere,
  hemisphereOf,
  inOneSeason,
} from '#core/calendar';
import {
  type CrawlerWindow,
  crawlerWindows,
  DAYS,
  deviceDue,
  type MinerFacts,
  type WatchProgress,
  watchStatus,
  type WatchFacts,
  type WatchSchools,
  type WatchStatus,
  type WindowFacts,
} from '#core/decide';
import { readTapes, type TapeVerdict } from '#core/emergence';
import { assessLife, type Answers, isScaleGroup, type LifeFinding } from '#core/identify';
import type { EventState } from '#core/phenology';
import { softFlush } from '#core/plan';
import type {
  Device,
  Handwork,
  Inspection,
  Plant,
  Sighting,
  Tag,
  Tape,
  Trap,
  Watch,
  WatchClock,
} from '#core/records';
import type { LevelRange, Protocol } from '#core/sampling';
import { type Change, compareCounts, type TaggedEffect } from '#core/seasons';
import {
  GROUPS,
  hatchTimes,
  hostById,
  incubationDays,
  LOOK_ANSWER,
  ingredientsOf,
  materialById,
  neemDays,
  onsetDays,
  protocolsFor,
  PUPAE_IN_LITTER,
  schoolFor,
  schoolsFor,
  targetById,
  usualWindows,
} from '#knowledge';
import type { WatchBook } from './garden-books.ts';
import type { GardenDay } from './garden-day.ts';
import type { LoggedSpray } from './garden-state.ts';
import { infectionFacts } from './infection/infection-facts.ts';
import { leavesOf } from './leaf-state.ts';
import { plantWinter } from './plant-winter.ts';
import { mildWinters } from './mild-winters.ts';
import { statesOf } from './watch-clock.ts';
import { seasonCount, type SummedSample, sumUp, taggedEffectOf } from './summed-sample.ts';
import { warmthOf } from './warmth-of.ts';

/** One watch as it stands on one day: everything recorded, and what follows from it. */
export interface WatchPicture {
  readonly watch: Watch;
  readonly plant: Plant;
  readonly hostName: string;
  readonly targetName: string;
  readonly status: WatchStatus;
  readonly life: LifeFinding;
  readonly level: LevelRange | null;
  /** Level at the same time of an earlier season, for the arrow. */
  readonly levelBefore: LevelRange | null;
  readonly change: Change | null;
  /** The day of the count it is against; null without a change. */
  readonly changeSince: CivilDate | null;
  readonly inspections: readonly Inspection[];
  readonly answers: Answers;
  /** Counts of how much there is; cover checks stand apart. */
  readonly samples: readonly SummedSample[];
  readonly coverChecks: readonly SummedSample[];
  /** Ways of counting that make sense here, the usual one first. */
  readonly protocols: readonly Protocol[];
  /** This season's tapes and what they say. */
  readonly tapes: readonly Tape[];
  readonly tapeVerdict: TapeVerdict;
  readonly pastTapes: readonly Tape[];
  readonly traps: readonly Trap[];
  /** Tapes and traps that hang now. */
  readonly hanging: readonly Device[];
  /** Tagged units still there. */
  readonly tags: readonly Tag[];
  /** What the last treatment did, by tags counted before and after it. */
  readonly tagged: TaggedEffect | null;
  readonly sprays: readonly LoggedSpray[];
  readonly handwork: readonly Handwork[];
  readonly events: readonly EventState[];
  /** What was seen that starts a clock or overrides it. */
  readonly sightings: readonly Sighting[];
  /** The start of its clock, where a person chose another than the published. */
  readonly clock: WatchClock | null;
  readonly miner: MinerFacts;
  /** Times in which its crawlers can be reached, what was caught before what is published. */
  readonly windows: readonly CrawlerWindow[];
}

/** Days after an oil spray during which a moist body proves nothing. */
const MOIST_AFTER_OIL_DAYS = 30;
/** What was done longer ago asks for nothing any more. */
const A_YEAR_DAYS = 370;

/** Draws the picture of a watch from what was recorded up to `today`; later records are not yet known. */
export function watchPicture(day: GardenDay, book: WatchBook): WatchPicture {
  const { watch } = book;
  const { plant } = book.plantBook;
  const upTo = <T>(records: readonly T[], dayOf: (record: T) => CivilDate) =>
    records.filter((record) => dayOf(record) <= day.today);
  const inspections = upTo(book.inspections, (r) => r.on);
  const tags = upTo(book.tags, (r) => r.taggedOn);
  const summed = upTo(book.samples, (r) => r.on).map((sample) => sumUp(sample, watch, tags));
  const samples = summed.filter((sample) => sample.protocol !== 'cover');
  const allTapes = upTo(book.tapes, (r) => r.takenOff);
  const tapes = allTapes.filter((tape) => tape.takenOff >= day.start);
  const sprays = upTo(book.sprays, (r) => r.on);
  const handwork = upTo(book.handwork, (r) => r.on);
  const sightings = upTo(book.sightings, (r) => r.on);
  const treatedOn = [...sprays, ...handwork].map(({ on }) => on).sort();
  const latest = samples.at(-1) ?? null;
  const change = latest && lastChange(samples, hemisphereOf(day.garden.latitudeDeg));
  const picture = {
    watch,
    plant,
    inspections,
    samples,
    tapes,
    sprays,
    coverChecks: summed.filter((sample) => sample.protocol === 'cover'),
    protocols: protocolsFor(
      watch.targetId,
      watch.group,
      hostById(plant.hostId).edible && !hostById(plant.hostId).evergreen,
    ),
    traps: upTo(book.traps, (r) => r.takenOff),
    hanging: upTo(book.devices, (r) => r.hungOn).filter(
      ({ takenDownOn }) => takenDownOn === null || takenDownOn > day.today,
    ),
    tags: tags.filter(({ lostOn }) => lostOn === null || lostOn > day.today),
    tagged: taggedEffectOf(samples, tags, treatedOn),
    hostName: hostById(plant.hostId).name,
    targetName: nameOf(watch),
    answers: Object.assign(
      caughtColour(allTapes),
      ...inspections.map((inspection) => keyAnswers(inspection)),
    ) as Answers,
    pastTapes: allTapes.filter((tape) => tape.takenOff < day.start),
    tapeVerdict: readTapes(tapes),
    life: lifeOf(day, inspections, samples, sprays, crawlersOn(tapes, sightings)),
    level: latest?.summary.level ?? null,
    levelBefore: change?.earlier.summary.level ?? null,
    change: change?.change ?? null,
    changeSince: change?.earlier.on ?? null,
    events: watch.outcome === 'open' ? statesOf(day, book) : [],
    handwork,
    clock: book.clock,
    miner: minerFacts(day, book, samples),
    sightings,
  };
  const windows =
    watch.outcome === 'open' && isScaleGroup(watch.group)
      ? crawlerWindows(windowFacts(day, picture), day.today)
      : [];
  return { ...picture, windows, status: statusOf(picture, day.start) };
}

/** What its windows follow from. */
function windowFacts(day: GardenDay, picture: Omit<WatchPicture, 'status' | 'windows'>): WindowFacts {
  const { watch, events, tapes, hanging, sightings } = picture;
  return {
    events,
    tapes,
    tapesHungOn: hanging
      .filter(({ kind, hungOn }) => kind === 'tape' && hungOn >= day.start)
      .map(({ hungOn }) => hungOn),
    crawlersSeenOn: sightings
      .filter(({ what, on }) => what === 'first-crawlers' && on >= day.start)
      .map(({ on }) => on),
    warmth: warmthOf(day, day.ofPlant(picture.plant)),
    hatch: hatchTimes(watch.targetId, watch.group),
    usualWindows: usualSpans(day, picture),
  };
}

/** When its crawlers, or its adults, are usually met where the plant stands: last season to next. */
export function usualSpans(day: GardenDay, { watch, plant }: Pick<WatchPicture, 'watch' | 'plant'>) {
  if (watch.targetId === null) return [];
  return usualWindows(watch.targetId, day.garden.latitudeDeg, day.start, mildWinters(day.ofPlant(plant)));
}

/** What the due rules need to know of it. */
export function factsOf(day: GardenDay, picture: WatchPicture): WatchFacts {
  const seasonStart = day.start;
  const aYearAgo = addDays(day.today, -A_YEAR_DAYS);
  const { watch, plant, life, sprays, samples } = picture;
  return {
    watchId: watch.id,
    openedOn: watch.openedOn,
    named: watch.group !== null,
    group: watch.group,
    countable: isCountable(day, picture),
    life: life.life,
    open: watch.outcome === 'open' && plant.retiredOn === null,
    reachable: !plant.outOfReach,
    seasonStart,
    miner: picture.miner,
    infection: infectionOf(day, watch.id),
    ...sprayHabits(day, picture),
    ...windowFacts(day, picture),
    ...lookedAt(picture),
    incubationDays: incubationDays(watch.targetId, watch.group),
    drench: lastDrench(day, sprays),
    treatedOn: sprays.filter(({ on }) => on >= aYearAgo).map(({ on }) => on),
    workedOn: picture.handwork.filter(({ on }) => on >= aYearAgo).map(({ on }) => on),
    countedOn: samples.map((sample) => sample.on),
    allStagesOn:
      picture.sightings.findLast(({ what, on }) => what === 'all-stages' && on >= seasonStart)?.on ?? null,
    adultsSeenOn: adultsSeenOn(day, picture),
    trapHangs:
      picture.hanging.some(({ kind }) => kind === 'trap') ||
      picture.traps.some(({ takenOff }) => takenOff >= seasonStart),
    trapUnread: trapUnread(picture),
  };
}

function infectionOf(day: GardenDay, watchId: string): WatchFacts['infection'] {
  const book = day.books.watchBook(watchId);
  return book ? infectionFacts(day, book) : null;
}

/** Counts on twigs, bark and spurs are made all year, others on leaves that are out. */
function isCountable(day: GardenDay, { protocols: [usual], plant }: WatchPicture): boolean {
  if (!usual) return false;
  return ON_WOOD.has(usual) || leavesOf(day, plant).value === 'in-leaf';
}

const ON_WOOD: ReadonlySet<Protocol> = new Set(['twig', 'bark', 'spur']);

/** The trap that hangs longest unread. */
function trapUnread({ hanging, traps }: WatchPicture): WatchFacts['trapUnread'] {
  const unread = hanging.filter(({ kind }) => kind === 'trap').map((device) => deviceDue(device, traps));
  return unread.toSorted((a, b) => daysBetween(b.due, a.due))[0] ?? null;
}

/** The last spray that was a drench, and how long it takes to rise. */
function lastDrench(day: GardenDay, sprays: readonly LoggedSpray[]): WatchFacts['drench'] {
  for (const { on, parts } of sprays.toReversed()) {
    const days = parts.map(({ productId }) => onsetDays(day.books.product(productId).materialId));
    if (days.some((onset) => onset > 0)) return { on, onsetDays: Math.max(...days) };
  }
  return null;
}

/** Days of this season on which adults flew: seen, or in a trap that catches such, as of the day it was read. */
function adultsSeenOn(day: GardenDay, { sightings, traps }: WatchPicture): CivilDate[] {
  return [
    ...sightings.filter(({ what }) => what === 'adults-flying' || what === 'first-males').map(({ on }) => on),
    ...traps
      .filter(({ catches, caught }) => catches !== 'wasps' && caught > 0)
      .map(({ takenOff }) => takenOff),
  ]
    .filter((on) => on >= day.start)
    .sort();
}

/** When it was last looked at, and whether that found it clear. */
function lookedAt({
  watch,
  inspections,
  samples,
  tapes,
  traps,
  sightings,
  handwork,
  sprays,
}: WatchPicture): Pick<WatchFacts, 'lookedOn' | 'clearedOn' | 'clear'> {
  const last = samples.at(-1);
  const clear = last !== undefined && last.summary.level?.level === 0;
  const looked = [
    watch.openedOn,
    ...[...inspections, ...samples, ...sightings, ...handwork, ...sprays].map(({ on }) => on),
    ...[...tapes, ...traps].map(({ takenOff }) => takenOff),
  ].sort();
  return { lookedOn: looked.at(-1)!, clear, clearedOn: clear ? last.on : null };
}

/** Which schools time its sprays, and how long its last spray keeps the next one off. */
function sprayHabits(
  day: GardenDay,
  { plant, sprays }: WatchPicture,
): Pick<WatchFacts, 'schools' | 'repeatAfterDays' | 'beforeLeaves'> {
  const chosen = schoolsFor(day.garden, plant);
  const schools: WatchSchools = {
    crawlers: schoolFor('crawler-sprays', chosen).id,
    mining: schoolFor('leaf-mining', chosen).id,
  };
  const parts = sprays.at(-1)?.parts ?? [];
  const asked = parts.map(({ productId, lineId }) => {
    const product = day.books.product(productId);
    const ofNeem = ingredientsOf(product.materialId, product.containsOil).includes('neem');
    return Math.max(
      product.lines.find(({ id }) => id === lineId)?.intervalDays ?? 0,
      ofNeem ? neemDays(chosen) : 0,
    );
  });
  // Only the school that sprays before leaves needs to know when they come.
  const winter = schools.crawlers === 'growth-regulator' ? plantWinter(day, plant) : null;
  return {
    schools,
    repeatAfterDays: Math.max(DAYS.betweenSprays, ...asked),
    beforeLeaves: winter && { from: winter.budSwell.on, to: winter.greenTip.on },
  };
}

export function nameOf({ targetId, group }: Pick<Watch, 'targetId' | 'group'>): string {
  if (targetId) return targetById(targetId).name;
  return group ? `${GROUPS[group].name}, species open` : 'Not yet named';
}

/** What was answered to the key, without the looks that asked why something did not work. */
function keyAnswers({ answers }: Inspection): Answers {
  return Object.fromEntries(Object.entries(answers).filter(([id]) => !id.startsWith(LOOK_ANSWER)));
}

/** The colour of crawlers on its tapes answers the key's question. */
function caughtColour(tapes: readonly Tape[]): Answers {
  const colour = tapes.findLast((tape) => tape.crawlers > 0 && tape.colour !== null)?.colour;
  return colour ? { crawlers: colour } : {};
}

function minerFacts(
  day: GardenDay,
  { watch, plantBook: { plant, growth } }: WatchBook,
  samples: readonly SummedSample[],
): MinerFacts {
  const onCitrus = watch.targetId === 'citrus-leaf-miner';
  const winter =
    watch.targetId !== null && PUPAE_IN_LITTER.has(watch.targetId) ? plantWinter(day, plant) : null;
  const mined = samples.findLast(({ protocol }) => protocol === 'mined');
  return {
    mines: onCitrus,
    flush: onCitrus ? softFlush(growth, day.today) : null,
    young: plant.age === 'young',
    minedShare: mined?.summary.measure.value ?? null,
    leavesDown: winter?.leafFall.on ?? null,
    budSwell: winter?.budSwell.on ?? null,
  };
}

function lifeOf(
  day: GardenDay,
  inspections: readonly Inspection[],
  samples: readonly SummedSample[],
  sprays: readonly LoggedSpray[],
  crawlers: readonly CivilDate[],
): LifeFinding {
  const { start } = day;
  const thisSeason = inspections.filter((inspection) => inspection.on >= start);
  const last = thisSeason.at(-1);
  const answers = Object.assign({}, ...thisSeason.map((inspection) => inspection.answers)) as Answers;
  const oiled = last !== undefined && isOiled(day, sprays, last.on);
  const counted = samples.filter((sample) => sample.on >= start).at(-1);
  const live =
    counted?.units.reduce(
      (sum, { counts }) => sum + (counts.live ?? counts.larvae ?? counts.liveScale ?? 0),
      0,
    ) ?? 0;
  return assessLife(
    answers,
    Math.max(0, ...thisSeason.map((inspection) => inspection.coversTurned)),
    oiled,
    live,
    crawlers.some((on) => on >= start && on >= (last?.on ?? start) && on >= (counted?.on ?? start)),
  );
}

/** Whether oil went on within the month before a look, so that what is moist proves nothing. */
export const isOiled = (day: GardenDay, sprays: readonly LoggedSpray[], on: CivilDate): boolean =>
  sprays.some(
    (spray) =>
      spray.on <= on &&
      spray.on >= addDays(on, -MOIST_AFTER_OIL_DAYS) &&
      spray.parts.some(({ productId }) => materialById(day.books.product(productId).materialId).isOil),
  );

/** Days on which crawlers were caught or seen. */
const crawlersOn = (tapes: readonly Tape[], sightings: readonly Sighting[]): CivilDate[] => [
  ...tapes.filter(({ crawlers }) => crawlers > 0).map(({ takenOff }) => takenOff),
  ...sightings.filter(({ what }) => what === 'first-crawlers').map(({ on }) => on),
];

/** The latest sample against the most recent earlier one that may be compared with it, in an earlier season. */
function lastChange(
  samples: readonly SummedSample[],
  hemisphere: Hemisphere,
): { earlier: SummedSample; change: Change } | null {
  const latest = samples.at(-1)!;
  for (const earlier of samples.slice(0, -1).reverse()) {
    if (inOneSeason(earlier.on, latest.on, hemisphere)) continue;
    const change = compareCounts(seasonCount(earlier), seasonCount(latest));
    if (change.kind !== 'not-comparable') return { earlier, change };
  }
  return null;
}

function statusOf(picture: Omit<WatchPicture, 'status' | 'windows'>, start: CivilDate): WatchStatus {
  const { watch, samples, sprays, handwork, change, level } = picture;
  const treatedOn = [...sprays, ...handwork].map(({ on }) => on).filter((on) => on >= start);
  return watchStatus({
    outcome: watch.outcome,
    named: watch.group !== null,
    countedThisSeason: samples.some((sample) => sample.on >= start),
    treatedThisSeason: treatedOn.length > 0,
    lastChangeFell: isFall(change),
    sinceTreating: sinceTreating(picture, treatedOn.sort()[0]),
    level: level?.level ?? null,
  });
}

const isFall = (change: Change | null): boolean => change?.kind === 'fell' || change?.kind === 'gone';

/** What this season's treatments left, by the count before the first of them and the last one after it. */
function sinceTreating(
  { watch, samples }: Pick<WatchPicture, 'watch' | 'samples'>,
  firstTreatedOn: CivilDate | undefined,
): WatchProgress['sinceTreating'] {
  const after = samples.at(-1);
  if (!after || firstTreatedOn === undefined) return null;
  // Of a fungus that was on its way nothing shows yet, treated or not.
  const hidden = incubationDays(watch.targetId, watch.group) ?? 0;
  if (daysBetween(firstTreatedOn, after.on) <= hidden) return null;
  const before = samples.findLast(
    ({ on, protocol, tagged }) =>
      on <= firstTreatedOn && protocol === after.protocol && tagged === after.tagged,
  );
  if (after.summary.level?.level === 0) return 'clean';
  return before && isFall(compareCounts(seasonCount(before), seasonCount(after))) ? 'fell' : null;
}
