import { useMemo, useState } from 'react';
import {
  type HiddenTruth,
  hiddenTruth,
  type PracticeAct,
  type PracticeCase,
  type PracticeLog,
  practiceResult,
  type PracticeResult,
  practiceSights,
  type PracticeSight,
  WEEK_DAYS,
} from '#core/practice';
import { keepLog, logOf, type PracticePlant } from './practice-kept.ts';

/** A made-up plant as far as somebody has gone with it. */
export interface Practice {
  readonly practised: PracticeCase;
  readonly truth: HiddenTruth;
  readonly log: PracticeLog;
  readonly sights: readonly PracticeSight[];
  /** Null until the weeks are over. */
  readonly result: PracticeResult | null;
  act(act: PracticeAct): void;
  takeBack(act: PracticeAct): void;
  goOn(): void;
  toTheEnd(): void;
  again(): void;
}

/** Goes through a made-up plant week by week; every step is kept on this device. */
export function usePractice(practised: PracticeCase, asked: PracticePlant): Practice {
  const begin: PracticeLog = { today: practised.firstDay, acts: [] };
  const [log, setLog] = useState(() => logOf(asked) ?? begin);
  const truth = useMemo(() => hiddenTruth(practised, asked.seed), [practised, asked.seed]);
  const end = practised.firstDay + practised.weeks * WEEK_DAYS;
  const isOver = log.today >= end;
  const sights = useMemo(() => practiceSights(practised, truth, log), [practised, truth, log]);
  const result = useMemo(
    () => (isOver ? practiceResult(practised, truth, log) : null),
    [isOver, practised, truth, log],
  );
  const set = (next: PracticeLog) => {
    keepLog(asked, next, next.today >= end);
    setLog(next);
    // What came of it stands at the top.
    if (next.today >= end) window.scrollTo(0, 0);
  };
  return {
    practised,
    truth,
    log,
    sights,
    result,
    act: (act) => set({ ...log, acts: [...log.acts, act] }),
    takeBack: (act) => set({ ...log, acts: log.acts.filter((each) => each !== act) }),
    goOn: () => set({ ...log, today: Math.min(end, log.today + WEEK_DAYS) }),
    toTheEnd: () => set({ ...log, today: end }),
    again: () => set(begin),
  };
}
