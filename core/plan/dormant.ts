import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { LeafQuestion, LeafStanding } from './leaf-standing.ts';
import type { Winter } from './winter.ts';

/** What a plant's history and place say about winter sprays. */
export interface DormantPlant {
  /** Null where its kind comes both ways and nobody said. */
  readonly evergreen: boolean | null;
  /** Citrus and the like take their oil in the warm season only. */
  readonly tender: boolean;
  /** What it wears today: bare wood only is sprayed as bare wood. */
  readonly leaves: Pick<LeafStanding, 'value' | 'basis' | 'question'>;
  /** Midwinter is past: from here on buds may move. */
  readonly yearTurned: boolean;
  readonly sheltered: boolean;
  /** How the kind bears oil; `avoid` in any state. */
  readonly oil: 'usual' | 'dormant-only' | 'test-first' | 'avoid';
  /** Troubles that winter sprays reach, of open watches. */
  readonly troubles: readonly ('scale' | 'felt-scale' | 'bark-disease' | 'fire-blight')[];
  /** First day earlier sprays leave room for oil or copper; null when nothing stands in the way. */
  readonly notBefore?: { readonly oil: CivilDate | null; readonly copper: CivilDate | null };
}

export type DormantSchool = 'by-trouble' | 'three-sprays' | 'monthly-oil' | 'delayed-oil' | 'by-spurs';
export type DormantSpray = 'oil' | 'copper' | 'oil-and-copper' | 'spur-sample';
export type DormantPlace =
  'leaf-fall' | 'midwinter' | 'before-swell' | 'delayed' | 'monthly' | 'cool-season' | 'green-tip';

/** One spray (or count) of the programme with the days it may be done on. */
export interface DormantStep {
  readonly place: DormantPlace;
  readonly what: DormantSpray;
  readonly from: CivilDate;
  readonly to: CivilDate;
  /**
   * `held`: an earlier spray keeps it off until its days are over. `ask`: its days are here, and it is
   * for the gardener to say what the plant wears.
   */
  readonly state: 'done' | 'due' | 'ask' | 'coming' | 'missed' | 'held';
  /** What to ask before it; null while what the plant wears is certain. */
  readonly question: LeafQuestion | null;
  readonly doneOn: CivilDate | null;
  /** The one to keep if only one is done. */
  readonly mattersMost: boolean;
}

/** Why a plant has no winter sprays. */
export type DormantReason =
  | 'tender-evergreen'
  | 'evergreen-or-not'
  | 'sheltered'
  | 'no-trouble'
  | 'oil-sensitive'
  | 'nothing-in-the-cool';

export type DormantPlan =
  | { readonly kind: 'left-out'; readonly reason: DormantReason }
  | { readonly kind: 'steps'; readonly steps: readonly DormantStep[] };

/** A spur sample, and whether its count reached the threshold that asks for oil. */
export interface SpurSample {
  readonly on: CivilDate;
  readonly asksForOil: boolean;
}

/** A winter spray that was logged. */
export interface WinterSpray {
  readonly on: CivilDate;
  readonly oil: boolean;
  readonly copper: boolean;
}

/**
 * Days after leaf fall through which the first spray is in time, and how long before swell the last
 * must be on (grade C).
 */
const AFTER_FALL_DAYS = 21;
const BEFORE_SWELL_DAYS = 21;
const MIDWINTER_SPAN_DAYS = 14;
/** Four weeks between the monthly oils. */
const MONTH_DAYS = 28;
/** How long a turn of it is good for, and how much of the winter must be left for one. */
const MONTH_SPAN_DAYS = 20;
const LEAST_OF_A_MONTH_DAYS = 7;
/** Days after first green through which copper against blight is still in time. */
const GREEN_TIP_DAYS = 5;
/** A spray this near its span still counts as that one. */
const GRACE_DAYS = 7;

/** The winter programme of one plant by the school followed, with what was done of it up to `today`. */
export function dormantPlan(
  plant: DormantPlant,
  winter: Winter | null,
  school: DormantSchool,
  sprayed: readonly WinterSpray[],
  spurs: readonly SpurSample[],
  today: CivilDate,
): DormantPlan {
  const reason = leftOut(plant);
  if (reason || !winter) return { kind: 'left-out', reason: reason ?? 'no-trouble' };
  const asksOil = spurs.some(
    ({ on, asksForOil }) => asksForOil && on >= addDays(winter.leafFall.on, -GRACE_DAYS),
  );
  const oiled = sprayed.filter(({ oil, on }) => oil && on <= today).map(({ on }) => on);
  const spans = plant.evergreen
    ? coolSpans(plant, winter, school, oiled)
    : spansOf(plant, winter, school, asksOil, oiled);
  const wanted = spans.flatMap((span) => borne(span, plant.oil));
  if (wanted.length === 0)
    return { kind: 'left-out', reason: spans.length > 0 ? 'oil-sensitive' : 'nothing-in-the-cool' };
  const most = mostImportant(wanted);
  return {
    kind: 'steps',
    steps: wanted.map((span) => {
      const step = heldBack(
        span,
        plant.notBefore,
        standing(
          span,
          sprayed,
          spurs.map(({ on }) => on),
          today,
        ),
        today,
      );
      return { ...step, ...asked(step, plant), mattersMost: span === most };
    }),
  };
}

function leftOut({ evergreen, tender, sheltered, troubles }: DormantPlant): DormantReason | null {
  if (sheltered) return 'sheltered';
  if (troubles.length === 0) return 'no-trouble';
  if (evergreen === null) return 'evergreen-or-not';
  return evergreen && tender ? 'tender-evergreen' : null;
}

/**
 * A dose for bare wood is asked about: whenever what the plant wears is not certain, and always once the
 * year has turned, unless it was just seen bare.
 */
function asked(
  { what, state }: Pick<DormantStep, 'what' | 'state'>,
  { leaves, evergreen, yearTurned }: DormantPlant,
): Pick<DormantStep, 'state' | 'question'> {
  const bare = leaves.value !== 'in-leaf';
  const certain =
    state !== 'due' || evergreen === true || what === 'spur-sample' || (bare && leaves.basis === 'seen');
  if (certain || (bare && leaves.question === null && !yearTurned)) return { state, question: null };
  return { state: 'ask', question: leaves.question ?? (yearTurned ? 'green-yet' : 'leaves-down-yet') };
}

type Span = Pick<DormantStep, 'place' | 'what' | 'from' | 'to'>;

function spansOf(
  plant: DormantPlant,
  winter: Winter,
  school: DormantSchool,
  spursAskForOil: boolean,
  oiled: readonly CivilDate[],
): Span[] {
  const [leafFall, budSwell, greenTip] = [winter.leafFall.on, winter.budSwell.on, winter.greenTip.on];
  const diseased = plant.troubles.includes('bark-disease'),
    scaly = plant.troubles.some((trouble) => trouble === 'scale' || trouble === 'felt-scale');
  const middle = addDays(leafFall, Math.round(daysBetween(leafFall, budSwell) / 2));
  const atFall: Omit<Span, 'what'> = {
    place: 'leaf-fall',
    from: leafFall,
    to: addDays(leafFall, AFTER_FALL_DAYS),
  };
  const midwinter: Omit<Span, 'what'> = {
    place: 'midwinter',
    from: addDays(middle, -MIDWINTER_SPAN_DAYS),
    to: addDays(middle, MIDWINTER_SPAN_DAYS),
  };
  // What must be on before swell cannot wait for it.
  const beforeSwell: Omit<Span, 'what'> = {
    place: 'before-swell',
    from: addDays(budSwell, -BEFORE_SWELL_DAYS),
    to: addDays(budSwell, -1),
  };
  const delayed: Span = { place: 'delayed', what: 'oil', from: budSwell, to: greenTip };
  // Blight oozes as growth begins: copper goes on between silver and green tip, by every school.
  const blight: Span[] = plant.troubles.includes('fire-blight')
    ? [{ place: 'green-tip', what: 'copper', from: budSwell, to: addDays(greenTip, GREEN_TIP_DAYS) }]
    : [];
  return [...bySchool(), ...blight];

  function bySchool(): Span[] {
    switch (school) {
      case 'delayed-oil':
        return scaly ? [delayed] : [];
      case 'three-sprays': {
        if (!scaly && !diseased) return [];
        const what = diseased ? 'oil-and-copper' : 'oil';
        return [
          { ...atFall, what },
          { ...midwinter, what },
          { ...beforeSwell, what },
        ];
      }
      case 'monthly-oil':
        return scaly ? months(leafFall, addDays(budSwell, -1), oiled) : [];
      case 'by-spurs':
        if (!scaly) return [];
        return [{ ...midwinter, what: 'spur-sample' }, ...(spursAskForOil ? [delayed] : [])];
      case 'by-trouble': {
        const copper: Span[] = diseased
          ? [
              { ...atFall, what: 'copper' },
              { ...midwinter, what: 'copper' },
              { ...beforeSwell, what: 'copper' },
            ]
          : [];
        return [...copper, ...(scaly ? [delayed] : [])];
      }
    }
  }
}

/**
 * Oil at leaf rates on a hardy evergreen, after growth has hardened and before new growth: once, or about
 * monthly on felt scale by the school that does so.
 */
function coolSpans(
  { troubles }: DormantPlant,
  { leafFall, budSwell }: Winter,
  school: DormantSchool,
  oiled: readonly CivilDate[],
): Span[] {
  if (!troubles.some((trouble) => trouble === 'scale' || trouble === 'felt-scale')) return [];
  const to = addDays(budSwell.on, -1);
  if (school === 'monthly-oil')
    return months(leafFall.on, to, oiled).map((span) => ({ ...span, place: 'cool-season' }));
  return [{ place: 'cool-season', what: 'oil', from: leafFall.on, to }];
}

/**
 * Every four weeks, counted from the oil that was really put on, or from the first day of a turn nobody took. The
 * last begins early enough to be done before buds swell.
 */
function months(from: CivilDate, to: CivilDate, oiled: readonly CivilDate[]): Span[] {
  const turns: Span[] = [];
  for (let begins = from; turns.length === 0 || daysBetween(begins, to) >= LEAST_OF_A_MONTH_DAYS;) {
    const done = oiled
      .toSorted()
      .find((on) => on >= addDays(begins, -GRACE_DAYS) && daysBetween(begins, on) < MONTH_DAYS);
    const usualEnd = addDays(begins, MONTH_SPAN_DAYS);
    turns.push({
      place: 'monthly',
      what: 'oil',
      from: begins,
      to: done && done > usualEnd ? done : usualEnd < to ? usualEnd : to,
    });
    begins = addDays(done ?? begins, MONTH_DAYS);
  }
  return turns;
}

/** What the kind bears of a step: oil drops out where no oil is borne. */
function borne(span: Span, oil: DormantPlant['oil']): Span[] {
  if (oil !== 'avoid' || span.what === 'copper' || span.what === 'spur-sample') return [span];
  return span.what === 'oil-and-copper' ? [{ ...span, what: 'copper' }] : [];
}

/** Copper before swell where there is any, since curl is not to be cured later; else the last oil. */
function mostImportant(spans: readonly Span[]): Span {
  return spans.findLast(({ what }) => what === 'copper' || what === 'oil-and-copper') ?? spans.at(-1)!;
}

function standing(
  span: Span,
  sprayed: readonly WinterSpray[],
  countedOn: readonly CivilDate[],
  today: CivilDate,
): Pick<DormantStep, 'state' | 'doneOn'> {
  const [from, to] = [addDays(span.from, -GRACE_DAYS), addDays(span.to, GRACE_DAYS)];
  const within = (on: CivilDate) => on >= from && on <= to && on <= today;
  const fits = ({ oil, copper }: WinterSpray) =>
    span.what === 'oil' ? oil : span.what === 'copper' ? copper : oil && copper;
  const doneOn =
    span.what === 'spur-sample'
      ? countedOn.find(within)
      : doneBy(
          span,
          sprayed.filter(({ on }) => within(on)),
          fits,
        );
  if (doneOn) return { state: 'done', doneOn };
  return { state: today < span.from ? 'coming' : today <= span.to ? 'due' : 'missed', doneOn: null };
}

/** A step that earlier sprays keep off begins later, or not at all. */
function heldBack(
  span: Span,
  notBefore: DormantPlant['notBefore'],
  stands: Pick<DormantStep, 'state' | 'doneOn'>,
  today: CivilDate,
): Span & Pick<DormantStep, 'state' | 'doneOn'> {
  const holds = [
    span.what.includes('oil') ? notBefore?.oil : null,
    span.what.includes('copper') ? notBefore?.copper : null,
  ]
    .filter((day) => day != null)
    .toSorted()
    .at(-1);
  if (stands.doneOn !== null || stands.state === 'missed' || !holds || holds <= span.from)
    return { ...span, ...stands };
  if (holds > span.to) return { ...span, state: 'held', doneOn: null };
  return { ...span, from: holds, state: today < holds ? 'coming' : 'due', doneOn: null };
}

/** The spray that did it; oil and copper may have gone on in two passes. */
function doneBy(
  span: Span,
  sprayed: readonly WinterSpray[],
  fits: (spray: WinterSpray) => boolean,
): CivilDate | undefined {
  const single = sprayed.find(fits);
  if (single || span.what !== 'oil-and-copper') return single?.on;
  const oil = sprayed.find((spray) => spray.oil),
    copper = sprayed.find((spray) => spray.copper);
  return oil && copper ? (oil.on > copper.on ? oil.on : copper.on) : undefined;
}
