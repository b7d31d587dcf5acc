import { howMany } from './how-many.ts';
import { addDays, type CivilDate, daysBetween, yearOf } from '#core/calendar';
import {
  amountLeft,
  meeting,
  type Misfit,
  type RuleBook,
  type UseFacts,
  useLimits,
  type UseRule,
  rateMeaning,
} from '#core/materials';
import type { HourReason } from '#core/spray-hours';
import { keysOf } from '#core/tables';
import { HOST_SAYS } from './host-says.ts';
import { SOAP_TENDER_HOSTS, SULFUR_SHY_HOSTS } from './hosts.ts';
import { meetingRules } from './meetings.ts';
import { neemDays, schoolFor } from './schools.ts';

type Speaks = UseRule['speaks'];

const rule = (
  id: string,
  verdict: UseRule['verdict'],
  speaks: Speaks,
  grade: UseRule['grade'] = 'C',
): UseRule => ({ id, verdict, speaks, grade, sourceIds: ['practice'] });

/** A rule that only asks whether something is so. */
const plain = (
  id: string,
  verdict: UseRule['verdict'],
  says: string,
  when: (facts: UseFacts, schools: Readonly<Record<string, string>>) => boolean,
  grade: UseRule['grade'] = 'C',
): UseRule => rule(id, verdict, (facts, schools) => (when(facts, schools) ? { says } : null), grade);

const MISFIT_SAYS: Readonly<Record<Misfit, string>> = {
  'bare-wood-rate-on-leaves': 'This line is for bare wood: at its strength it burns leaves.',
  'leaf-rate-on-bare-wood': 'This line is for plants in leaf.',
  'evergreen-has-no-bare-wood': 'This line is for bare wood, which an evergreen never has.',
  'plant-not-on-label': 'This line does not name this plant.',
  'trouble-not-on-label': 'This line does not name this kind of trouble.',
};

const inLeaf = (facts: UseFacts) => facts.leafState === 'in-leaf';
const lastsOnBloom = new Set([
  'bifenthrin',
  'malathion',
  'imidacloprid',
  'dinotefuran',
  'acetamiprid',
  'spinosad',
]);
const isBrew = ({ ingredients }: UseFacts) =>
  ingredients.includes('sugar') || ingredients.includes('microbes');
/** Weeks before picking in which a brew stays off (rule of thumb). */
const BREW_DAYS = 28;
const nearHarvest = ({ edible, harvestFrom, today }: UseFacts) =>
  edible && harvestFrom !== null && daysBetween(today, harvestFrom) < BREW_DAYS;
const growthRegulator = (facts: UseFacts) => facts.ingredients.includes('growth-regulator');

/** Sprays since the last one of another kind, newest first: a run of one mode of action. */
function runLength(facts: UseFacts): number {
  const season = facts.earlier
    .filter(({ on }) => yearOf(on) === yearOf(facts.today))
    .toSorted((a, b) => (a.on < b.on ? 1 : -1));
  const other = season.findIndex(({ modeOfAction }) => modeOfAction !== facts.modeOfAction);
  return other < 0 ? season.length : other;
}

/**
 * Most sprays of one single-site mode of action in a row (rule of thumb; a label's own number comes
 * first).
 */
const MOST_IN_A_ROW = 2;

const neemWait: Speaks = (facts, schools) => {
  if (!facts.ingredients.includes('neem')) return null;
  const neem = facts.earlier
    .filter(({ ingredients }) => ingredients.includes('neem'))
    .map(({ on }) => on)
    .toSorted();
  const last = neem.at(-1);
  if (!last) return null;
  const days = neemDays(schools);
  const until = addDays(last, days);
  return until > facts.today
    ? { says: `Neem went on it on ${last}: this school leaves ${days} days between.`, until }
    : null;
};

const apartFromEarlier: Speaks = (facts, schools) => {
  const rules = meetingRules(schools);
  const waits = facts.earlier
    .filter(({ sameProduct }) => !sameProduct)
    .map((earlier) => {
      const met = meeting(rules, earlier.ingredients, facts.ingredients);
      const labels = [
        ...earlier.apart.filter(({ ingredient }) => facts.ingredients.includes(ingredient)),
        ...facts.apart.filter(({ ingredient }) => earlier.ingredients.includes(ingredient)),
      ];
      const days = Math.max(met.apartDays, ...labels.map((label) => label.days));
      return {
        earlier,
        days,
        why:
          met.apartDays >= days
            ? met.rules.find(({ apartDays }) => apartDays === met.apartDays)!.says
            : 'By its label.',
        until: addDays(earlier.on, days),
      };
    })
    .filter(({ until }) => until > facts.today)
    .toSorted((a, b) => (a.until < b.until ? 1 : -1));
  const longest = waits[0];
  return longest
    ? {
        says: `${longest.earlier.productName} went on it on ${longest.earlier.on}: ${howMany(longest.days, 'day')} between. ${longest.why}`,
        until: longest.until,
      }
    : null;
};

const apartFromPlanned: Speaks = (facts, schools) => {
  const rules = meetingRules(schools);
  const clash = facts.planned
    .map((planned) => ({ planned, met: meeting(rules, planned.ingredients, facts.ingredients) }))
    .find(
      ({ planned, met }) =>
        met.apartDays > 0 &&
        planned.from >= facts.today &&
        daysBetween(facts.today, planned.from) < met.apartDays,
    );
  return clash
    ? {
        says: `${clash.planned.what} is planned from ${clash.planned.from}: ${howMany(clash.met.apartDays, 'day')} between. ${clash.met.rules[0]!.says}`,
      }
    : null;
};

const harvest: Speaks = ({ edible, harvestFrom, line, today }) => {
  if (!edible || line.daysToHarvest === null || harvestFrom === null || harvestFrom <= today) return null;
  const free = addDays(today, line.daysToHarvest);
  return free > harvestFrom
    ? {
        says: `Picking begins on ${harvestFrom}; the label asks for ${line.daysToHarvest} day${line.daysToHarvest === 1 ? '' : 's'} before it. Washing does not replace them.`,
      }
    : null;
};

/** While picking goes on a spray is a choice: what is on the plant then waits. */
const whilePicking: Speaks = ({ edible, harvestFrom, line, today }) =>
  edible && line.daysToHarvest !== null && line.daysToHarvest > 0 && harvestFrom === today
    ? {
        says: `Picking goes on. Pick first, or do not pick until ${addDays(today, line.daysToHarvest)}: the label asks for ${howMany(line.daysToHarvest, 'day')}.`,
      }
    : null;

/** What closes every hour of a day, in the order it is told. */
const HOUR_SAYS = {
  'hot-within-48-h': 'it gets hotter within two days than this bears, and burns leaves',
  'frost-near': 'frost is near, and what was wetted is hurt',
  'rain-that-day': 'it rains today',
  'rain-within-hours': 'rain comes before it is fast',
  windy: 'the wind carries it off',
  'too-cold': 'it is too cold',
  'too-hot': 'it is too hot',
} as const satisfies Readonly<Partial<Record<HourReason, string>>>;

const noFitHour: Speaks = ({ hours }) => {
  if (hours?.best !== 'no') return null;
  const why = keysOf(HOUR_SAYS).filter((reason) => hours.reasons.includes(reason));
  return why.length > 0 ? { says: `No hour today: ${HOUR_SAYS[why[0]!]}. See the hours.` } : null;
};

const sameDays = ({ earlier }: UseFacts): CivilDate[] =>
  earlier.filter(({ sameProduct }) => sameProduct).map(({ on }) => on);

/** What stands for or against using a product on a plant on a day, besides the hour's weather. */
export const USE_RULES: readonly UseRule[] = [
  plain(
    'leaf-state-asked',
    'ask',
    'This line is for bare wood. Are any leaves out, or buds open? Look at it and say.',
    (f) => f.forBareWood && !inLeaf(f) && f.leafQuestion !== null,
    'A',
  ),
  plain(
    'does-not-work',
    'no',
    'It does not work on this trouble: what is told of it in the guide says so.',
    (f) => f.efficacy === 'poor',
  ),
  plain(
    'makes-it-worse',
    'no',
    'It kills what keeps this trouble down: the guide says why.',
    (f) => f.efficacy === 'avoid',
  ),
  rule('no-fit-hour', 'wait', noFitHour),
  plain(
    'hours-poor',
    'care',
    'No hour today is good for it, only fair ones: see the hours.',
    (f) => f.hours?.best === 'poor' || f.hours?.best === 'unknown',
    'C',
  ),
  plain(
    'weather-not-said',
    'ask',
    'There is no forecast. How cold tonight, how hot tomorrow, and does it rain?',
    (f) => !f.drench && f.hours === null && !f.weatherNotSure,
    'C',
  ),
  plain(
    'weather-not-known',
    'care',
    "Nobody knows the next two days: only if they stay frostless, dry and below the label's heat.",
    (f) => !f.drench && f.hours === null && f.weatherNotSure,
    'C',
  ),
  ...keysOf(MISFIT_SAYS).map((misfit) =>
    plain(`label-${misfit}`, 'no', MISFIT_SAYS[misfit], ({ misfits }) => misfits.includes(misfit), 'A'),
  ),
  plain(
    'organic-only',
    'no',
    'This garden, or this plant, takes only what organic growing allows.',
    ({ organic }, schools) => !organic && schoolFor('organic', schools).id === 'organic-only',
    'A',
  ),
  plain(
    'expired',
    'care',
    'It is past the date on its pack: ask the seller or hand it in as waste.',
    ({ expired }) => expired,
  ),
  plain(
    'no-label',
    'care',
    'No label stands behind it: try one shoot and wait 48 hours; nothing is known of what may be eaten ' +
      'after it.',
    ({ unlabelled }) => unlabelled,
  ),
  plain(
    'brew-on-food',
    'care',
    'Brews fed with sugar can breed bacteria that make people ill: keep it off what will be eaten.',
    (facts) => isBrew(facts) && facts.edible && !nearHarvest(facts),
  ),
  plain(
    'brew-near-harvest',
    'no',
    'Picking begins within four weeks: brews fed with sugar can breed bacteria that make people ill.',
    (facts) => isBrew(facts) && nearHarvest(facts),
  ),

  plain('oil-avoid', 'no', HOST_SAYS['oil-avoid'], ({ isOil, hostOil }) => isOil && hostOil === 'avoid'),
  plain(
    'oil-dormant-only',
    'no',
    HOST_SAYS['oil-dormant-only'],
    (f) => f.isOil && f.hostOil === 'dormant-only' && inLeaf(f) && !f.coolSeason,
  ),
  plain(
    'oil-test',
    'care',
    HOST_SAYS['oil-test'],
    (f) =>
      f.isOil && inLeaf(f) && (f.hostOil === 'test-first' || (f.hostOil === 'dormant-only' && f.coolSeason)),
  ),
  plain(
    'soap-tender',
    'care',
    HOST_SAYS['soap-tender'],
    (f) => f.ingredients.includes('soap') && SOAP_TENDER_HOSTS.has(f.hostId) && inLeaf(f),
    'C',
  ),
  plain(
    'sulfur-never',
    'no',
    HOST_SAYS['sulfur-never'],
    (f) => f.ingredients.includes('sulfur') && SULFUR_SHY_HOSTS.get(f.hostId) === 'always',
  ),
  plain(
    'sulfur-some',
    'care',
    HOST_SAYS['sulfur-some'],
    (f) => f.ingredients.includes('sulfur') && SULFUR_SHY_HOSTS.get(f.hostId) === 'some',
    'C',
  ),
  plain(
    'copper-in-leaf',
    'care',
    HOST_SAYS['copper-in-leaf'],
    (f) => f.ingredients.includes('copper') && inLeaf(f),
  ),
  plain(
    'lime-sulfur-acid',
    'care',
    'Never any acid near it: lime sulfur and acid give off a deadly gas.',
    ({ ingredients }) => ingredients.includes('lime-sulfur'),
    'A',
  ),

  plain(
    'in-bloom',
    'no',
    'It is in bloom that bees visit. Cool weather does not clear that.',
    (f) => f.harmsBees && f.beesVisitBloom && f.bloom === 'open',
  ),
  plain(
    'bloom-not-said',
    'ask',
    'Is it in bloom, or is anything beneath it? It harms bees, and nobody has said.',
    (f) => f.harmsBees && f.beesVisitBloom && f.bloom === 'unknown' && f.leafState !== 'dormant',
  ),
  plain(
    'bloom-soon',
    'no',
    'It is about to bloom, and this is still there when bees come.',
    (f) => f.harmsBees && f.beesVisitBloom && f.bloom === 'soon' && lastsOnBloom.has(f.materialId),
  ),
  plain(
    'bees-at-honeydew',
    'no',
    'Bees gather its honeydew.',
    (f) => f.harmsBees && f.beesAtHoneydew === true,
  ),
  plain(
    'look-for-bees',
    'ask',
    'Do bees gather its honeydew? It harms them, and nobody has looked.',
    (f) => f.harmsBees && f.honeydewMaker && f.beesAtHoneydew === null,
  ),
  plain(
    'vedalia',
    'no',
    'It kills the beetle that clears this scale.',
    (f) => f.group === 'giant' && (growthRegulator(f) || f.drench),
  ),

  rule(
    'interval',
    'wait',
    (facts) => {
      const { notBefore } = useLimits(facts.line, sameDays(facts), facts.today);
      return notBefore
        ? {
            says: `Its label leaves ${howMany(facts.line.intervalDays!, 'day')} between uses.`,
            until: notBefore,
          }
        : null;
    },
    'A',
  ),
  rule(
    'uses-a-year',
    'no',
    (facts) => {
      const { usesLeft } = useLimits(facts.line, sameDays(facts), facts.today);
      return usesLeft === 0
        ? {
            says: `The label's ${facts.line.usesPerYear} uses of this year are used up.`,
            until: `${yearOf(facts.today) + 1}-01-01`,
          }
        : null;
    },
    'A',
  ),
  rule(
    'amount-a-year',
    'no',
    ({ line, earlier, today, amount }) => {
      const left = amountLeft(
        line,
        earlier.filter(({ sameProduct }) => sameProduct),
        today,
      );
      if (left === null || (left > 0 && (amount ?? 0) <= left)) return null;
      const unit = rateMeaning(1, line.rateUnit).by === 'weight' ? 'g' : 'ml';
      return {
        says:
          left === 0
            ? `The label's amount for a year, ${line.mostPerYear} ${unit}, is used up.`
            : `The label leaves ${Math.round(left)} ${unit} of its ${line.mostPerYear} for this year.`,
        until: `${yearOf(today) + 1}-01-01`,
      };
    },
    'A',
  ),
  rule('days-to-harvest', 'no', harvest, 'A'),
  rule('while-picking', 'care', whilePicking, 'A'),
  plain(
    'harvest-not-said',
    'care',
    'Parts of it are eaten, and the line gives no days to harvest: only if the label names this crop.',
    ({ edible, line }) => edible && line.daysToHarvest === null,
    'A',
  ),
  rule('apart-from-earlier', 'wait', apartFromEarlier),
  rule('apart-from-planned', 'care', apartFromPlanned),
  rule('neem-repeat', 'wait', neemWait, 'C'),
  plain(
    'rotate',
    'no',
    'Two sprays in a row of the same mode of action: take another kind before this one again, or what ' +
      'lives through it remains.',
    (f) => f.resistanceRisk && runLength(f) >= MOST_IN_A_ROW,
  ),

  plain(
    'drench-licensed',
    'care',
    'Drenches are for licensed hands in many places; the law and the label come first.',
    ({ drench }) => drench,
    'A',
  ),
  plain(
    'drench-eaten',
    'no',
    'Parts of it are eaten: only a line that names the crop could allow it.',
    (f) => f.drench && f.edible && !f.line.hostIds.includes(f.hostId),
    'A',
  ),
  plain(
    'drench-autumn',
    'no',
    "In autumn a drench goes into next spring's bloom.",
    (f) => f.drench && f.lateSeason,
  ),
  plain(
    'drench-bees',
    'no',
    'Bees visit its bloom, and a drench reaches pollen and nectar: this school never does it there.',
    (f, schools) =>
      f.drench &&
      (f.beesVisitBloom || f.honeydewMaker) &&
      ['never-where-bees', 'non-flowering'].includes(schoolFor('drench', schools).id),
  ),
  plain(
    'drench-before-petal-fall',
    'no',
    'This school waits until petals are down, and wants that logged.',
    (f, schools) =>
      f.drench && f.beesVisitBloom && schoolFor('drench', schools).id === 'after-bloom' && f.bloom !== 'over',
  ),
  plain(
    'drench-near-bloom',
    'no',
    'This school drenches early in spring only, long before it blooms.',
    (f, schools) =>
      f.drench &&
      f.beesVisitBloom &&
      schoolFor('drench', schools).id === 'early-spring' &&
      (f.bloom !== 'unknown' || inLeaf(f)),
  ),
];

/** Rules that speak of today's hours only: what is mixed may wait for better ones, and what was done is done. */
export const HOUR_RULES: ReadonlySet<string> = new Set(['no-fit-hour']);

/** The rules, and what is said when none of them speaks. */
export const RULES_OF_USE: RuleBook = {
  rules: USE_RULES,
  otherwise: {
    ruleId: 'nothing-against',
    verdict: 'fine',
    says: 'No rule known here stands against it. The label still comes first.',
    until: null,
    grade: 'C',
    sourceIds: ['practice'],
  },
};
