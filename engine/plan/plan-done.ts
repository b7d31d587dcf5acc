import type { CivilDate } from '#core/calendar';
import {
  coverageFigure,
  HANDWORK,
  handWay,
  materialById,
  oilTopC,
  type OwnFigures,
  ruleOfThumb,
  schoolsFor,
  sprayWay,
  type Way,
  WETTED_AS_SAID,
  winterOilWay,
} from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import type { LoggedSpray } from '../garden-state.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { placeOf, type PlanFrame } from './plan-frame.ts';

/** A treatment that was done, as the season has it. */
export interface DoneCut {
  readonly id: string;
  readonly on: CivilDate;
  /** Its place among the frame's days. */
  readonly day: number;
  readonly name: string;
  /** The way it would be planned by. */
  readonly wayId: string;
  /** What it has in common with others: a material, winter oil, a kind of work. */
  readonly kindId: string;
  readonly way: Way;
}

/** What was sprayed and worked on a watch within a frame, with what was said of how well it wetted. */
export function doneCuts(
  day: GardenDay,
  picture: WatchPicture,
  frame: PlanFrame,
  gardeners: OwnFigures,
): DoneCut[] {
  const within = ({ on }: { readonly on: CivilDate }) => placeOf(frame, on) >= 0 && on <= day.today;
  const sprays = picture.sprays
    .filter(within)
    .flatMap((spray) => sprayed(day, picture, frame, spray, gardeners));
  const handwork = picture.handwork.filter(within).flatMap(({ id, on, kind }): DoneCut[] => {
    const way = handWay(id, kind, gardeners);
    return way
      ? [
          {
            id,
            on,
            day: placeOf(frame, on),
            name: HANDWORK[kind].name,
            wayId: `hand:${kind}`,
            kindId: `hand:${kind}`,
            way,
          },
        ]
      : [];
  });
  return [...sprays, ...handwork].sort((a, b) => a.day - b.day);
}

/** One cut for each part of a tank that does anything to it. */
function sprayed(
  day: GardenDay,
  { watch, plant }: WatchPicture,
  frame: PlanFrame,
  spray: LoggedSpray,
  gardeners: OwnFigures,
): DoneCut[] {
  const wetted =
    spray.coverage === null
      ? coverageFigure(gardeners)
      : ruleOfThumb('coverage', 'What a spray wets', 'share', WETTED_AS_SAID[spray.coverage]);
  const topC = oilTopC(schoolsFor(day.garden, plant));
  return spray.parts.flatMap(({ productId }): DoneCut[] => {
    const product = day.books.product(productId);
    const id = `${spray.id} ${productId}`;
    const onBareWood = spray.leafState !== 'in-leaf' && materialById(product.materialId).isOil;
    const way = onBareWood
      ? winterOilWay(id, watch.targetId, gardeners, wetted)
      : watch.group && sprayWay(id, product.materialId, watch.group, topC, gardeners, wetted);
    const wayId = onBareWood ? 'winter-oil' : `product:${productId}`;
    const kindId = onBareWood ? wayId : product.materialId;
    const on = spray.on;
    return way ? [{ id, on, day: placeOf(frame, on), name: product.name, wayId, kindId, way }] : [];
  });
}
