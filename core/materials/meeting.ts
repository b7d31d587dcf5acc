import type { Grade } from '#core/figures';

/** What in a product decides what it may meet. */
export const INGREDIENTS = [
  'oil',
  'neem',
  'azadirachtin',
  'bicarbonate',
  'soap',
  'sulfur',
  'lime-sulfur',
  'copper',
  'captan',
  'chlorothalonil',
  'mancozeb',
  'malathion',
  'alkaline',
  'acid',
  'phosphite',
  'spinosad',
  'bacillus',
  'growth-regulator',
  'fish',
  'sugar',
  'microbes',
  'other',
] as const;
export type Ingredient = (typeof INGREDIENTS)[number];

/** What holds between two ingredients, either way round. */
export interface MeetingRule {
  readonly id: string;
  readonly between: readonly [Ingredient, Ingredient];
  /** In one tank: `never` where people or plants come to harm whatever a label says. */
  readonly tank: 'never' | 'no' | 'jar-test';
  /** Days to keep between two sprays of the same plant, whichever comes first; 0 for none. */
  readonly apartDays: number;
  readonly says: string;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

/** Whether two loads may meet, in one tank and one after the other, with every rule that says so. */
export interface Meeting {
  readonly tank: MeetingRule['tank'];
  readonly apartDays: number;
  readonly rules: readonly MeetingRule[];
}

const STRICTNESS: Readonly<Record<MeetingRule['tank'], number>> = { never: 2, no: 1, 'jar-test': 0 };

/** All rules of meeting, and what is said of two loads no rule speaks of. */
export interface MeetingBook {
  readonly rules: readonly MeetingRule[];
  readonly otherwise: MeetingRule;
}

/** The strictest of all rules between two loads; order does not matter. Always names at least one rule. */
export function meeting(
  { rules, otherwise }: MeetingBook,
  first: readonly Ingredient[],
  second: readonly Ingredient[],
): Meeting {
  const met = rules.filter(
    ({ between: [a, b] }) =>
      (first.includes(a) && second.includes(b)) || (first.includes(b) && second.includes(a)),
  );
  if (met.length === 0) return { tank: otherwise.tank, apartDays: otherwise.apartDays, rules: [otherwise] };
  const strictest = met.reduce((worst, rule) =>
    STRICTNESS[rule.tank] > STRICTNESS[worst.tank] ? rule : worst,
  );
  return { tank: strictest.tank, apartDays: Math.max(...met.map(({ apartDays }) => apartDays)), rules: met };
}

/** The strictest meeting among all pairs of a tank's loads; a single load meets nothing. */
export function tankMeeting(book: MeetingBook, loads: readonly (readonly Ingredient[])[]): Meeting | null {
  const pairs = loads.flatMap((load, i) => loads.slice(i + 1).map((other) => meeting(book, load, other)));
  if (pairs.length === 0) return null;
  const worst = pairs.reduce((a, b) => (STRICTNESS[b.tank] > STRICTNESS[a.tank] ? b : a));
  return {
    tank: worst.tank,
    apartDays: Math.max(...pairs.map(({ apartDays }) => apartDays)),
    rules: [...new Map(pairs.flatMap(({ rules: spoken }) => spoken).map((rule) => [rule.id, rule])).values()],
  };
}
