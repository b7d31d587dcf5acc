import { addDays, type CivilDate, shiftSeason } from '#core/calendar';
import type { Explanation } from '#core/failure';
import { blankSeries, blankStep, type Series, type StepPlan } from '#core/records';
import { EXPLANATION_WORDS } from './why-words.ts';

/** Where and when a lesson is put into the programme. */
export interface LessonScene {
  readonly watchId: string;
  readonly today: CivilDate;
  readonly seasonStart: CivilDate;
  /** Scale that tapes can tell of. */
  readonly hasCrawlers: boolean;
  /** From this day on a count can tell what the work did. */
  readonly countFrom: CivilDate;
}

/** What an explanation asks for next time, as a series on its watch; its id is given when it is begun. */
export function lessonSeries(id: Explanation, scene: LessonScene): Series {
  return blankSeries({
    id: scene.watchId,
    name: `Next time: ${EXPLANATION_WORDS[id].name.toLowerCase()}`,
    watchId: scene.watchId,
    startedOn: scene.today,
    steps: stepsFor(id, scene),
  });
}

/** Spring work of the coming season begins so many days into it, and may be done through so many. */
const SPRING_AFTER_DAYS = 75;
const SPRING_FOR_DAYS = 45;
const A_WEEK = { leastDays: 7, mostDays: 7, afterRainMm: null } as const;
const TAPE_WEEKS = 6;
const RECOUNT_FOR_DAYS = 14;

function stepsFor(id: Explanation, { today, seasonStart, hasCrawlers, countFrom }: LessonScene): StepPlan[] {
  const spring = addDays(seasonStart, SPRING_AFTER_DAYS);
  const on = spring > today ? spring : addDays(shiftSeason(seasonStart, 1), SPRING_AFTER_DAYS);
  const inSpring = { kind: 'date', on, forDays: SPRING_FOR_DAYS } as const;
  const errand = blankStep({ action: 'errand', says: EXPLANATION_WORDS[id].nextTime, trigger: inSpring });
  switch (id) {
    case 'wrong-stage':
      if (!hasCrawlers) return [errand];
      return [
        blankStep({
          action: 'read-tapes',
          says: EXPLANATION_WORDS[id].nextTime,
          trigger: { kind: 'crawlers' },
          every: A_WEEK,
          times: TAPE_WEEKS,
          until: [{ kind: 'tapes-empty', looks: 2 }],
        }),
      ];
    case 'helpers-or-ants':
      return [
        blankStep({ action: 'hand', hand: 'band', says: EXPLANATION_WORDS[id].nextTime, trigger: inSpring }),
      ];
    case 'too-early':
      return [
        blankStep({
          action: 'look',
          says: EXPLANATION_WORDS[id].nextTime,
          trigger: {
            kind: 'date',
            on: countFrom > today ? countFrom : today,
            forDays: RECOUNT_FOR_DAYS,
          },
        }),
      ];
    case 'old-covers':
      return [blankStep({ action: 'look', says: EXPLANATION_WORDS[id].nextTime, trigger: inSpring })];
    default:
      return [errand];
  }
}
