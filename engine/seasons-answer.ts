import { type CivilDate, daysBetween, type Hemisphere, hemisphereOf, inOneSeason } from '#core/calendar';
import type { RateUnit } from '#core/materials';
import type { Estimate, LevelRange, Measure, Protocol, Share } from '#core/sampling';
import { compareCounts, effectBesideUntreated, notComparable, type Change } from '#core/seasons';
import type { WatchStatus } from '#core/decide';
import type { Handwork } from '#core/records';
import type { GardenDay } from './garden-day.ts';
import { seasonCount, type SummedSample } from './summed-sample.ts';
import type { WatchPicture } from './watch-picture.ts';
import { watchPictures } from './watch-pictures.ts';

export interface CountedSeason {
  readonly sampleId: string;
  readonly on: CivilDate;
  readonly protocol: Protocol;
  readonly tagged: boolean;
  readonly measure: Measure;
  readonly level: LevelRange | null;
  readonly holedShare: Share | null;
  /**
   * Against the count it is compared with, the last before it that may be (else the last of all); null for the
   * first.
   */
  readonly change: Change | null;
  /** The day of that count. */
  readonly since: CivilDate | null;
  /** What was sprayed since that count. */
  readonly treatments: readonly {
    readonly on: CivilDate;
    readonly product: string;
    readonly rate: number;
    readonly rateUnit: RateUnit | null;
  }[];
  /** What was done by hand since that count. */
  readonly handwork: readonly Pick<Handwork, 'on' | 'kind' | 'minutes'>[];
}

/** The same trouble on a plant left alone, for judging what a treatment did. */
export interface UntreatedComparison {
  readonly plantName: string;
  readonly from: CivilDate;
  readonly to: CivilDate;
  /** Share taken away by treating, Henderson & Tilton; null when it cannot be had. */
  readonly efficacy: Estimate | null;
}

export interface WatchSeasons {
  readonly watchId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly status: WatchStatus;
  readonly seasons: readonly CountedSeason[];
  readonly untreated: UntreatedComparison | null;
}

/** One watch over its seasons: what changed, and what was done in between. */
export function seasonsAnswer(day: GardenDay, picture: WatchPicture): WatchSeasons {
  const pictures = watchPictures(day);
  const products = new Map(day.books.state.products.map((product) => [product.id, product]));
  return {
    watchId: picture.watch.id,
    plantName: picture.plant.name,
    targetName: picture.targetName,
    status: picture.status,
    seasons: picture.samples.map((sample, i) => {
      const before = picture.samples.slice(0, i);
      const earlier =
        before.findLast((candidate) => notComparable(candidate, sample) === null) ?? before.at(-1) ?? null;
      return {
        sampleId: sample.id,
        on: sample.on,
        protocol: sample.protocol,
        tagged: sample.tagged,
        measure: sample.summary.measure,
        level: sample.summary.level,
        holedShare: sample.summary.holedShare,
        change: earlier && compareCounts(seasonCount(earlier), seasonCount(sample)),
        since: earlier?.on ?? null,
        handwork: picture.handwork.filter(
          ({ on }) => earlier !== null && isBetween(on, earlier.on, sample.on),
        ),
        treatments: picture.sprays
          .filter((spray) => earlier !== null && isBetween(spray.on, earlier.on, sample.on))
          .flatMap((spray) =>
            spray.parts.map(({ productId, lineId, rate }) => {
              const product = products.get(productId);
              return {
                on: spray.on,
                rate,
                product: product?.name ?? 'a product',
                rateUnit: product?.lines.find((line) => line.id === lineId)?.rateUnit ?? null,
              };
            }),
          ),
      };
    }),
    untreated: untreatedComparison(picture, pictures, hemisphereOf(day.garden.latitudeDeg)),
  };
}

/** Who counts and treats on one day counts first. */
const isBetween = (on: CivilDate, earlier: CivilDate, later: CivilDate): boolean =>
  on >= earlier && on < later;

/** Looks for an untreated plant with the same trouble counted at the same first and last times. */
function untreatedComparison(
  picture: WatchPicture,
  all: readonly WatchPicture[],
  hemisphere: Hemisphere,
): UntreatedComparison | null {
  const [first, last] = [picture.samples[0], picture.samples.at(-1)];
  if (!first || !last || first === last || picture.sprays.length === 0 || !picture.watch.targetId)
    return null;
  for (const other of all) {
    if (other === picture || other.watch.targetId !== picture.watch.targetId || wasTreated(other)) continue;
    const before = sampleNear(other, first, hemisphere);
    const after = sampleNear(other, last, hemisphere);
    if (!before || !after || before === after) continue;
    return {
      plantName: other.plant.name,
      from: first.on,
      to: last.on,
      efficacy: effectBesideUntreated(
        { before: seasonCount(first), after: seasonCount(last) },
        { before: seasonCount(before), after: seasonCount(after) },
      ),
    };
  }
  return null;
}

/** By a spray or by hand. */
const wasTreated = ({ sprays, handwork }: WatchPicture) => sprays.length > 0 || handwork.length > 0;

/** The count of the other plant nearest in time, of the same season, that may be compared with `sample`. */
function sampleNear(
  other: WatchPicture,
  sample: SummedSample,
  hemisphere: Hemisphere,
): SummedSample | undefined {
  const daysOff = ({ on }: SummedSample) => Math.abs(daysBetween(on, sample.on));
  return other.samples
    .filter(
      (candidate) =>
        inOneSeason(candidate.on, sample.on, hemisphere) && notComparable(candidate, sample) === null,
    )
    .sort((a, b) => daysOff(a) - daysOff(b))[0];
}
