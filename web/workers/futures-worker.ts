import { expose } from 'comlink';
import {
  drawFutures,
  type EventSum,
  eventsOverYears,
  type FutureCrossings,
  type FuturesAsked,
  type SeasonInput,
} from '#core/phenology';

const api = {
  /** Draws futures until all are drawn; the page ends the worker to stop it. */
  draw: (asked: FuturesAsked, onDrawn: (drawn: number) => void): Promise<FutureCrossings> =>
    drawFutures(asked, (drawn) => {
      onDrawn(drawn);
      return true;
    }),
  overYears: (seasons: SeasonInput['pastSeasons'], input: SeasonInput, events: readonly EventSum[]) =>
    eventsOverYears(seasons, input, events),
};

export type FuturesWorker = typeof api;

expose(api);
