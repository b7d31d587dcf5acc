import type { LevelRange, Measure, MoreUnits, Protocol } from '#core/sampling';
import { LEVEL_WORDS } from './level-words.ts';
import { PROTOCOL_TEXTS, howMany } from '#knowledge';
import { showEstimate, showShareRange } from './units.ts';

/** "3.4 (2.1–5.5)", "25 % (11–47 %)", "4.2 % (2–8.8 %)". */
export function showMeasure(measure: Pick<Measure, 'kind' | 'value' | 'low' | 'high'>): string {
  if (measure.kind === 'share') return showShareRange(measure);
  const words = showEstimate(measure);
  return measure.kind === 'area' ? words.replace(' (', ' % (').replace(')', ' %)') : words;
}

/** The same with what it is of: "3.4 (2.1–5.5) live per 10 cm". */
export function showMeasureOf(protocol: Protocol, measure: Measure): string {
  const { measureName } = PROTOCOL_TEXTS[protocol];
  return `${showMeasure(measure)} ${measure.kind === 'area' ? measureName.replace(/^% /, '') : measureName}`;
}

export function unitWords(protocol: Protocol, count: number): string {
  const [one, many] = PROTOCOL_TEXTS[protocol].unit;
  return `${count} ${count === 1 ? one : many}`;
}

export function levelWords(level: LevelRange): string {
  return level.low === level.high
    ? LEVEL_WORDS[level.level]
    : `${LEVEL_WORDS[level.level]}; may be ${LEVEL_WORDS[level.low]} to ${LEVEL_WORDS[level.high]}`;
}

/** What so many units can and cannot show, and how many more would narrow it. */
export function moreWords(protocol: Protocol, measure: Measure, more: MoreUnits): string {
  const [one, many] = PROTOCOL_TEXTS[protocol].unit;
  if (measure.value === 0) {
    return measure.kind === 'share'
      ? `None on ${unitWords(protocol, measure.units)} still allows up to ${Math.round(measure.high * 100)} %.`
      : `None on ${unitWords(protocol, measure.units)} still allows ${showEstimate(measure).replace(/^0 \(0–(.*)\)$/, 'up to $1')}.`;
  }
  const aim = measure.kind === 'share' ? 'within 10 points' : 'within a third';
  if (more.kind === 'enough') return `Known ${aim}: more ${many} would add little.`;
  if (more.kind === 'beyond')
    return `They differ so much that no sensible number of ${many} would settle it ${aim}.`;
  return `About ${howMany(more.units, `more ${one}`, `more ${many}`)} would settle it ${aim}, if they go on like this.`;
}
