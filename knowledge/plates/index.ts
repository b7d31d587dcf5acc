import type { TargetGroup } from '#core/identify';
import { usualHatchMonths, type WintersAt } from '../usual-months.ts';
import { targetById } from '../targets/index.ts';
import { ARMORED_PLATES } from './armored-plates.ts';
import { DISEASE_PLATES } from './disease-plates.ts';
import { MINER_PLATES } from './miner-plates.ts';
import { NEIGHBOUR_PLATES } from './neighbour-plates.ts';
import type { GuidePlate, PlateStage } from './plate.ts';
import { SOFT_PLATES } from './soft-plates.ts';

const PLATES: Readonly<Record<string, readonly GuidePlate[]>> = {
  ...ARMORED_PLATES,
  ...SOFT_PLATES,
  ...MINER_PLATES,
  ...DISEASE_PLATES,
  ...NEIGHBOUR_PLATES,
};

/** Where months do not matter they are those after cold winters. */
const COLD_WINTERS: WintersAt = { latitudeDeg: 50, mildWinters: false };

/** Stages that come with the hatch, whose months are those of the crawlers. */
const WITH_THE_HATCH = ['crawler', 'settled'];

/**
 * The drawings of a trouble, stage by stage in the order of its life. Months are of the north; those of crawlers
 * are the usual ones after such winters (grade C), and none where nothing is known of them.
 *
 * @throws RangeError for an unknown trouble.
 */
export function guidePlates(targetId: string, winters = COLD_WINTERS): readonly GuidePlate[] {
  return (PLATES[targetById(targetId).id] ?? []).map((plate) =>
    WITH_THE_HATCH.includes(plate.stage) ? { ...plate, months: usualHatchMonths(targetId, winters) } : plate,
  );
}

/** What a trouble is known by at a glance: grown, or in full. */
const TELLING: readonly PlateStage[] = ['grown', 'sac', 'full', 'mine', 'on-fruit', 'adult', 'first-signs'];
/** Of these groups another stage is the one that is met. */
const TELLING_OF: Readonly<Partial<Record<TargetGroup, readonly PlateStage[]>>> = {
  'leaf-miner': ['mine', 'full', 'on-fruit'],
  chewer: ['young'],
  helper: ['young', 'eggs'],
};

/** The one drawing that stands for a trouble in lists. */
export function tellingPlate(targetId: string): GuidePlate | null {
  const plates = guidePlates(targetId);
  const order = [...(TELLING_OF[targetById(targetId).group] ?? []), ...TELLING];
  return (
    order.flatMap((stage) => plates.find((plate) => plate.stage === stage) ?? [])[0] ?? plates[0] ?? null
  );
}

/** Whether something is usually met in a month of the north, 1–12. */
export const metIn = ({ months: usual }: Pick<GuidePlate, 'months'>, month: number): boolean =>
  usual.length === 0 || usual.includes(month);

export { plateTitle } from './plate.ts';
export type {
  CoverOutline,
  CoverSubject,
  DomeSubject,
  GuidePlate,
  InsectBuild,
  InsectSubject,
  PlateColour,
  PlateGround,
  PlateStage,
  PlateSubject,
  ShellState,
  SpotSubject,
} from './plate.ts';
