import type { CivilDate } from '#core/calendar';
import type { CrawlerWindow, DueItem } from '#core/decide';
import type { DormantSpray } from '#core/plan';
import type { GrowthStage, HandworkKind } from '#core/records';
import type { SettledStep } from './programme-answer.ts';

/** What a bar of the year is, to be worded where it is shown. */
export type YearWhat =
  | { readonly kind: 'window'; readonly basis: CrawlerWindow['basis']; readonly generation: number }
  | { readonly kind: 'due'; readonly due: DueItem['kind'] }
  | { readonly kind: 'winter'; readonly spray: DormantSpray; readonly mattersMost: boolean }
  | { readonly kind: 'series'; readonly name: string; readonly step: SettledStep }
  | { readonly kind: 'feeding' }
  | { readonly kind: 'sprayed'; readonly products: readonly string[] }
  | { readonly kind: 'worked'; readonly hand: HandworkKind }
  | { readonly kind: 'harvest' }
  | { readonly kind: 'bloom' }
  | { readonly kind: 'growth'; readonly stage: GrowthStage }
  | { readonly kind: 'no-picking'; readonly product: string };

/** Some days of the year, with the spread of what is only expected. */
export interface YearBar {
  readonly id: string;
  readonly what: YearWhat;
  readonly from: CivilDate;
  /** Last day, that day included. */
  readonly to: CivilDate;
  /** As early and as late as it may be, four times in five; null where it is certain or nobody says. */
  readonly early: CivilDate | null;
  readonly late: CivilDate | null;
  readonly state: 'done' | 'past' | 'late' | 'open' | 'coming';
}
