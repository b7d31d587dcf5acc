import { HEAVIER, SEVERITIES, type Severity, WET_HOURS, type WetPoint } from './wet-hours-tables.ts';

/**
 * Hours leaves must stay wet for a disease to infect, at their mean temperature while wet: along straight lines
 * between a table's points, null outside them. Sources stand with the tables.
 * @throws RangeError for a disease without a table.
 */
export function wetHoursNeeded(diseaseId: string, meanC: number): number | null {
  const table = WET_HOURS.get(diseaseId);
  if (!table) throw new RangeError(`no table of wet hours for ${diseaseId}`);
  return hoursAlong(table, meanC);
}

/** Whether a table tells how much an infection comes to. */
export const tellsSeverity = (diseaseId: string): boolean => HEAVIER.has(diseaseId);

/** How much an infection comes to that has happened; null where no table tells. */
export function severityOf(diseaseId: string, meanC: number, wetHours: number): Severity | null {
  const heavier = HEAVIER.get(diseaseId);
  if (!heavier) return null;
  return heavier.reduce<Severity>((worst, [severity, points]) => {
    const from = hoursAlong(points, meanC);
    const isWorse = SEVERITIES.indexOf(severity) > SEVERITIES.indexOf(worst);
    return from !== null && wetHours >= from && isWorse ? severity : worst;
  }, 'light');
}

/** Wet hours from which an infection is of a severity, null where no table tells. */
export function severeFrom(diseaseId: string, severity: Severity, meanC: number): number | null {
  if (severity === 'light') return wetHoursNeeded(diseaseId, meanC);
  const points = HEAVIER.get(diseaseId)?.find(([name]) => name === severity)?.[1];
  return points ? hoursAlong(points, meanC) : null;
}

/** Along straight lines between points in order of temperature; null outside them. */
function hoursAlong(points: readonly WetPoint[], meanC: number): number | null {
  const above = points.findIndex(([pointC]) => pointC >= meanC);
  if (above < 0 || meanC < points[0]![0]) return null;
  const [highC, most] = points[above]!;
  if (above === 0) return most;
  const [lowC, least] = points[above - 1]!;
  return least + ((meanC - lowC) / (highC - lowC)) * (most - least);
}
