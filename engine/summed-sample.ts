import { keptWith } from '#core/caches';
import type { Sample, Tag, Watch } from '#core/records';
import { PROTOCOL_SHAPES, type SampleSummary, summarise } from '#core/sampling';
import { type SeasonCount, taggedEffect, type TaggedEffect } from '#core/seasons';
import { levelBounds } from '#knowledge';
import type { LoggedSpray } from './garden-state.ts';

export interface SummedSample extends Sample {
  readonly summary: SampleSummary;
  /** Every unit carries a tag. */
  readonly tagged: boolean;
}

const summedUp = keptWith<Sample, Watch['group'], SummedSample>();

/** A sample with what it comes to; kept with the sample, which is read anew when it is written. */
export function sumUp(sample: Sample, { group }: Watch): SummedSample {
  return summedUp(sample, group, () => ({
    ...sample,
    summary: summarise(sample.protocol, sample.units, levelBounds(sample.protocol, group)?.value ?? null),
    tagged: sample.units.every(({ tagId }) => tagId !== undefined),
  }));
}

/** The last tagged count before the last spray and the last one after it, tag by tag. */
export function taggedEffectOf(
  samples: readonly SummedSample[],
  tags: readonly Tag[],
  sprays: readonly LoggedSpray[],
): TaggedEffect | null {
  const tagged = samples.filter((sample) => sample.tagged);
  const after = tagged.at(-1);
  const sprayedOn = sprays.filter((spray) => after && spray.on < after.on).at(-1)?.on;
  const before = tagged
    .filter(
      (sample) => sprayedOn !== undefined && sample.on <= sprayedOn && sample.protocol === after?.protocol,
    )
    .at(-1);
  if (!after || !before || before === after) return null;
  const item = PROTOCOL_SHAPES[after.protocol].measure.item;
  const valueOf = (sample: SummedSample) =>
    new Map(sample.units.map(({ tagId, counts }) => [tagId, counts[item]!]));
  const [first, second] = [valueOf(before), valueOf(after)];
  return taggedEffect(
    tags
      .filter(({ id }) => first.has(id) && second.has(id))
      .map(({ id, untouched }) => ({ before: first.get(id)!, after: second.get(id)!, untouched })),
  );
}

export function seasonCount({ on, protocol, tagged, summary }: SummedSample): SeasonCount {
  return { on, protocol, tagged, measure: summary.measure };
}
