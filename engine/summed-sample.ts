import { keptWith } from '#core/caches';
import type { CivilDate } from '#core/calendar';
import type { Sample, Tag, Watch } from '#core/records';
import { PROTOCOL_SHAPES, type SampleSummary, summarise, type Unit, unitsApart } from '#core/sampling';
import { type SeasonCount, taggedEffect, type TaggedEffect } from '#core/seasons';
import { levelBounds } from '#knowledge';

export interface SummedSample extends Sample {
  /** What the units that are treated come to: tags left alone are no part of it. */
  readonly summary: SampleSummary;
  /** Every unit carries a tag. */
  readonly tagged: boolean;
  /** The tags left alone and what they come to, where some are and some are not; null otherwise. */
  readonly leftAlone: { readonly tagIds: readonly string[]; readonly summary: SampleSummary } | null;
}

const summedUp = keptWith<Sample, string, SummedSample>();

/** A sample with what it comes to; kept with the sample, which is read anew when it is written. */
export function sumUp(sample: Sample, { group }: Watch, tags: readonly Tag[]): SummedSample {
  const alone = tags.filter(({ untouched }) => untouched).map(({ id }) => id);
  return summedUp(sample, `${group} ${alone.join(' ')}`, () => {
    const summed = (units: readonly Unit[]) =>
      summarise(sample.protocol, units, levelBounds(sample.protocol, group)?.value ?? null);
    const { treated, leftAlone } = unitsApart(sample.units, alone);
    return {
      ...sample,
      summary: summed(treated),
      leftAlone:
        leftAlone.length > 0
          ? { tagIds: leftAlone.map(({ tagId }) => tagId!), summary: summed(leftAlone) }
          : null,
      tagged: sample.units.every(({ tagId }) => tagId !== undefined),
    };
  });
}

/** The last tagged count before the last treatment (`treatedOn`, in order) and the last after it, tag by tag. */
export function taggedEffectOf(
  samples: readonly SummedSample[],
  tags: readonly Tag[],
  treatedOn: readonly CivilDate[],
): TaggedEffect | null {
  const tagged = samples.filter((sample) => sample.tagged);
  const after = tagged.at(-1);
  const lastTreated = treatedOn.findLast((on) => after !== undefined && on < after.on);
  const before = tagged
    .filter(
      (sample) =>
        lastTreated !== undefined && sample.on <= lastTreated && sample.protocol === after?.protocol,
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

/** A count as it is compared: its treated units, each with what the measure is of. */
export function seasonCount({ on, protocol, tagged, summary, units, leftAlone }: SummedSample): SeasonCount {
  const { item } = PROTOCOL_SHAPES[protocol].measure;
  const { treated } = unitsApart(units, leftAlone?.tagIds ?? []);
  return {
    on,
    protocol,
    tagged,
    measure: summary.measure,
    units: treated.map(({ counts, tagId, tree }) => ({ value: counts[item]!, tagId, tree })),
  };
}
