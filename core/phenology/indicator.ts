import type { CivilDate } from '#core/calendar';
import type { SeasonEnsemble } from './ensemble.ts';
import type { TimedEvent } from './event.ts';
import { projectCrossing, type Projection } from './projection.ts';
import { heatBefore } from './window-state.ts';

/** A plant whose first bloom was published on the same scale of heat as the events. */
export interface Indicator {
  readonly hostId: string;
  readonly name: string;
  /** °C·days of its first bloom, on the scale the events are counted on. */
  readonly bloomCd: number;
}

/** What a bloom that was logged says beside the thermometer. */
export interface IndicatorOpinion {
  readonly indicator: Indicator;
  readonly bloomedOn: CivilDate;
  /**
   * °C·days the thermometer had by then; positive `aheadCd` means the plant bloomed on more heat than
   * published.
   */
  readonly heatThenCd: number;
  readonly aheadCd: number;
  /** When the event would begin if it keeps its published distance in heat from this bloom. */
  readonly opens: Projection;
}

/**
 * The second opinion of plants that were seen to bloom: order travels better than values, so an
 * event is laid its published distance after (or before) the bloom as it happened here. Only for
 * events counted from the season's first day on the indicators' own scale; an event that was
 * published before the bloom and passed with it is told as reached.
 */
export function indicatorOpinions(
  event: TimedEvent,
  ensemble: SeasonEnsemble,
  blooms: readonly { readonly indicator: Indicator; readonly on: CivilDate }[],
): IndicatorOpinion[] {
  if (event.start.kind !== 'season') return [];
  return blooms.map(({ indicator, on }) => {
    const heatThenCd = heatBefore(ensemble, on);
    const aheadCd = heatThenCd - indicator.bloomCd;
    return {
      indicator,
      bloomedOn: on,
      heatThenCd,
      aheadCd,
      opens: projectCrossing(ensemble, Math.max(0, event.fromCd + aheadCd)),
    };
  });
}
