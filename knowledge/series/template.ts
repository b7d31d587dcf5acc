import type { CivilDate } from '#core/calendar';
import type { Grade } from '#core/figures';
import type { TargetGroup } from '#core/identify';
import type { HandworkKind, StepAction, StepPlan } from '#core/records';
import type { SchoolQuestionId } from '../schools.ts';

/** What a series is offered for. */
export interface SeriesScene {
  readonly group: TargetGroup | null;
  readonly targetId: string | null;
  readonly hostId: string;
  /** Null where its kind comes both ways and nobody said. */
  readonly evergreen: boolean | null;
  /** It can be carried in. */
  readonly potted: boolean;
  /** Schools chosen for the garden and the plant. */
  readonly schools: Readonly<Record<string, string>>;
  readonly today: CivilDate;
  readonly southern: boolean;
  /** What was logged last, that a series may follow from; null to begin with its first step. */
  readonly first: {
    readonly action: StepAction;
    readonly hand: HandworkKind | null;
    readonly materials: readonly string[];
  } | null;
}

/** A usual series, as practitioners of a school write it. */
export interface SeriesTemplate {
  readonly id: string;
  readonly name: string;
  /** Why so often, in a line. */
  readonly says: string;
  /** The school that does it so; null where it is common to all. */
  readonly school: { readonly question: SchoolQuestionId; readonly id: string } | null;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
  readonly fits: (scene: SeriesScene) => boolean;
  readonly steps: (scene: SeriesScene) => StepPlan[];
}

type Said = Omit<SeriesTemplate, 'school' | 'grade' | 'sourceIds'> & Partial<Pick<SeriesTemplate, 'school'>>;

/** Everything here is practice: rules of thumb, and the label comes first. */
export const template = (said: Said): SeriesTemplate => ({
  school: null,
  grade: 'C',
  sourceIds: ['practice'],
  ...said,
});

export const after = (leastDays: number, mostDays: number) =>
  ({ kind: 'after', leastDays, mostDays }) as const;
export const each = (leastDays: number, mostDays: number, afterRainMm: number | null = null) => ({
  leastDays,
  mostDays,
  afterRainMm,
});

export const isScale = ({ group }: SeriesScene): boolean =>
  group === 'armored' || group === 'soft' || group === 'felt' || group === 'giant';

/** Nothing was logged yet that it must follow from, or the very thing it begins with was. */
export const beginsWith = (
  { first }: SeriesScene,
  action: StepAction,
  choose: (first: NonNullable<SeriesScene['first']>) => boolean = () => true,
): boolean => first === null || (first.action === action && choose(first));
