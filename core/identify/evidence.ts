/** How often a sign shows in a trouble: the five words every likelihood is written in. */
export type FrequencyWord = 'always' | 'usually' | 'sometimes' | 'rarely' | 'never';

/** What the five words are taken to mean, as probabilities (rule of thumb, grade C). The only place. */
export const WORD_PROBABILITY: Readonly<Record<FrequencyWord, number>> = {
  always: 0.97,
  usually: 0.8,
  sometimes: 0.4,
  rarely: 0.1,
  never: 0.02,
};

export const TARGET_GROUPS = [
  'armored',
  'soft',
  'felt',
  'giant',
  'leaf-miner',
  'fungus',
  'sap-sucker',
  'mite',
  'chewer',
  'bacterium',
  'gall-maker',
  'helper',
  'no-trouble',
] as const;
export type TargetGroup = (typeof TARGET_GROUPS)[number];

/** What a check costs the person who does it. */
export type Effort = 'look' | 'lens' | 'knife' | 'week';

/** Effort in rough minutes, to weigh what a check tells against what it takes (grade C). */
export const EFFORT_MINUTES: Readonly<Record<Effort, number>> = { look: 1, lens: 2, knife: 3, week: 15 };

export interface CheckAnswer {
  readonly id: string;
  readonly label: string;
}

/** One thing to look for. "Not sure" is always a further answer and carries no weight. */
export interface Check {
  readonly id: string;
  readonly kind: 'sign' | 'test';
  /** What is seen, in a few words: "narrow white flecks". */
  readonly name: string;
  readonly question: string;
  readonly how: string;
  /** The field's word for it, where there is one. */
  readonly term?: string;
  readonly effort: Effort;
  readonly answers: readonly CheckAnswer[];
}

/** For each check, how often each answer is seen. An answer left out is never seen. */
export type Looks = Readonly<Record<string, Readonly<Record<string, FrequencyWord>>>>;

/** Looks that hold in some months of the north (1–12) only. */
export interface SeasonalLooks {
  readonly months: readonly number[];
  readonly looks: Looks;
}

/** What the evidence score needs to know of a trouble. */
export interface Candidate {
  readonly id: string;
  readonly name: string;
  readonly group: TargetGroup;
  readonly hosts: Readonly<Record<string, FrequencyWord>>;
  /** How usual it is on hosts not named; left out where it never lives on them. */
  readonly elsewhere?: FrequencyWord;
  /** Months of the north, 1–12, in which its signs are usually seen; empty means all year. */
  readonly months: readonly number[];
  /** Whether it is met under glass and indoors too. */
  readonly shelter: 'outdoors' | 'either';
  readonly looks: Looks;
  /** Looks that replace the usual ones in some months, check by check. */
  readonly seasonal?: readonly SeasonalLooks[];
  /** Troubles with the same word here are dealt with alike: which of them it is changes nothing. */
  readonly treatedAs?: string;
}

/**
 * A kind of trouble that is in no list: cankers, frost, an armored scale of another species. With looks of its
 * own, so that what fits no name has somewhere honest to go.
 */
export interface Unlisted {
  readonly id: string;
  /** The group it would belong to; null where it belongs to none. */
  readonly group: TargetGroup | null;
  /** In a group: how usual beside the listed ones, on any plant. In none: its share of the unlisted. */
  readonly usual: FrequencyWord;
  readonly looks: Looks;
}

/** A plain first word for what was noticed ("sticky"): at least one of its signs is there. */
export interface FirstWord {
  readonly id: string;
  readonly signs: readonly string[];
}

/** All the key knows; data, so that a trouble or a sign is added without touching code. */
export interface Key {
  readonly candidates: readonly Candidate[];
  readonly unlisted: readonly Unlisted[];
  readonly checks: readonly Check[];
  readonly firstWords: readonly FirstWord[];
}

/** Where and when something was noticed. */
export interface Scene {
  readonly hostId: string;
  /** Month as the north has it, 1–12; a southern January is a 7. */
  readonly month: number;
  /** Under glass or indoors. */
  readonly sheltered: boolean;
  /** How much likelier the garden's own records make a trouble, as odds, by id; 1 where they are silent. */
  readonly leanings?: Readonly<Record<string, number>>;
}

/** Under this id an answer holds the first word, if one was chosen. */
export const FIRST_WORD = 'first-word';

/** Answers given so far by check id; checks left out or answered "not-sure" say nothing. */
export type Answers = Readonly<Record<string, string>>;

export const NOT_SURE = 'not-sure';
/** Not sure on a second look either: it is not asked a third time. */
export const STILL_NOT_SURE = 'still-not-sure';

export const saysNothing = (answerId: string | undefined): boolean =>
  answerId === undefined || answerId === NOT_SURE || answerId === STILL_NOT_SURE;
