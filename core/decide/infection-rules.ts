import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { DAYS } from './days.ts';
import { type DueItem, dueItem, type DueRule } from './due-item.ts';
import type { InfectionFacts, SpellFacts } from './infection-facts.ts';
import type { WatchToday } from './watch-facts.ts';

/** Chance that it infects × what is bare × how much it would come to: worth a cover from here (grade C). */
export const WORTH_A_COVER = 0.25;
/** A cover goes on so many days before it is needed: leaves unfold from under an earlier one. */
const COVER_DAYS_BEFORE = 2;

/** A fungus by its weather: what to do before a wet time, within reach-back after it, and when to look. */
export const infections: DueRule = (facts, today) => {
  const { infection } = facts;
  if (!infection) return [];
  return [
    ...reachBack(facts, infection, today),
    ...coverAhead(facts, infection, today),
    ...lookForSpots(facts, infection, today),
    ...habitsFirst(facts, infection, today),
  ];
};

function coverAhead(facts: WatchToday, infection: InfectionFacts, today: CivilDate): DueItem[] {
  if (infection.school === 'habits-only') return [];
  if (infection.school === 'by-calendar') return renewed(facts, infection, today);
  const spell = infection.ahead.find(({ worth }) => worth >= WORTH_A_COVER);
  if (!spell) return [];
  const opens = addDays(spell.on, -COVER_DAYS_BEFORE);
  return [
    dueItem(facts, 'cover-before-rain', 'cover-before-wet', {
      opens,
      closes: spell.coverBy,
      standing: spell.coverBy < today ? 'late' : opens <= today ? 'open' : 'soon',
      facts: [
        { what: 'wet-from', quantity: { kind: 'date', on: spell.on } },
        { what: 'chance-it-infects', quantity: { kind: 'share', value: spell.chance } },
        { what: 'bare', quantity: { kind: 'share', value: spell.bare } },
        ...coverFacts(infection),
      ],
    }),
  ].filter(({ standing }) => standing !== 'late');
}

/** The school that renews its cover by the calendar, and after an inch of rain. */
function renewed(facts: WatchToday, infection: InfectionFacts, today: CivilDate): DueItem[] {
  const { renewOn } = infection;
  if (renewOn === null || daysBetween(today, renewOn) > DAYS.openingSoon) return [];
  return [
    dueItem(facts, 'renew-cover', 'cover-by-calendar', {
      opens: renewOn,
      closes: addDays(renewOn, COVER_DAYS_BEFORE + 1),
      standing: renewOn <= today ? 'open' : 'soon',
      facts: coverFacts(infection),
    }),
  ];
}

const coverFacts = ({ lastCover }: InfectionFacts) =>
  lastCover === null
    ? [{ what: 'last-cover', quantity: { kind: 'code', code: 'none-this-season' } } as const]
    : [
        { what: 'last-cover', quantity: { kind: 'date', on: lastCover.on } } as const,
        ...(lastCover.rainMm === null
          ? []
          : [{ what: 'rain-since-cover', quantity: { kind: 'rain', mm: lastCover.rainMm } } as const]),
        { what: 'leaves-since-cover', quantity: { kind: 'counts', values: [lastCover.newLeaves] } } as const,
      ];

/** What got through and can still be reached by something on the shelf whose label says so. */
function reachBack(facts: WatchToday, { through, school }: InfectionFacts, today: CivilDate): DueItem[] {
  if (school === 'habits-only') return [];
  const spell = through.findLast(({ reachBackUntil }) => reachBackUntil !== null && reachBackUntil >= today);
  if (!spell) return [];
  return [
    dueItem(facts, 'reach-back', 'reach-back-after', {
      opens: spell.on,
      closes: spell.reachBackUntil,
      standing: 'open',
      facts: throughFacts(spell),
    }),
  ];
}

const throughFacts = (spell: SpellFacts) =>
  [
    { what: 'got-through', quantity: { kind: 'date', on: spell.on } },
    { what: 'infection-is', quantity: { kind: 'code', code: spell.word } },
  ] as const;

/** Spots of what got through show on their days: that is when to look, and not sooner. */
function lookForSpots(facts: WatchToday, { through }: InfectionFacts, today: CivilDate): DueItem[] {
  const spell = toLookFor(through, today);
  if (!spell?.spots) return [];
  const { from, to } = spell.spots;
  const closes = lookUntil(to);
  return [
    dueItem(facts, 'look-for-spots', 'spots-on-their-day', {
      opens: from,
      closes,
      standing:
        closes < today
          ? 'late'
          : from <= today
            ? 'open'
            : daysBetween(today, from) <= DAYS.openingSoon
              ? 'soon'
              : 'later',
      facts: [...throughFacts(spell), { what: 'spots-show', quantity: { kind: 'days-between', from, to } }],
    }),
  ];
}

/** Once all have shown there is a week to look before later ones blur it. */
const lookUntil = (to: CivilDate): CivilDate => addDays(to, DAYS.nameWithin);

/**
 * Of likely ones before merely possible ones: the latest whose spots show now, else the next to show, else the last
 * that was missed.
 */
function toLookFor(through: readonly SpellFacts[], today: CivilDate): SpellFacts | undefined {
  const unseen = through.filter(({ spots, looked }) => spots && !looked);
  const likely = unseen.filter(({ word }) => word !== 'possible');
  const open = likely.length > 0 ? likely : unseen;
  return (
    open.findLast(({ spots }) => spots!.from <= today && lookUntil(spots!.to) >= today) ??
    open.find(({ spots }) => spots!.from > today) ??
    open.findLast(({ spots }) => daysBetween(spots!.to, today) <= LOOK_FORGOTTEN_AFTER)
  );
}

const LOOK_FORGOTTEN_AFTER = 45;

/** Work that takes what it lives on, in its time, whatever is open at once; what was done since is left out. */
function habitsFirst(facts: WatchToday, { habits }: InfectionFacts, today: CivilDate): DueItem[] {
  const toDo = habits.filter(({ to, ids }) => to >= today && ids.length > 0);
  const next = toDo[0];
  if (!next || daysBetween(today, next.from) > DAYS.openingSoon) return [];
  const together = toDo.filter(({ from }) => from <= today || from === next.from);
  const ids = new Set(together.flatMap((entry) => entry.ids));
  return [
    dueItem(facts, 'habits-first', 'habits-before-sprays', {
      opens: next.from,
      closes: together.map(({ to }) => to).sort()[0]!,
      standing: next.from <= today ? 'open' : 'soon',
      facts: [...ids].map((code) => ({ what: 'habit', quantity: { kind: 'code', code } }) as const),
    }),
  ];
}
