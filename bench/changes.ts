import { randomBeta, randomBinomial, randomGamma, randomLcg, randomPoisson } from 'd3-random';
import { type Protocol, PROTOCOL_SHAPES, summarise, type Unit } from '#core/sampling';
import { compareCounts, effectBesideUntreated, type SeasonCount, taggedEffect } from '#core/seasons';

/** How often a change, or an effect, is claimed where there is none, and how often ranges hold. */

const RUNS = 2000;

const percent = (part: number) => `${((100 * part) / RUNS).toFixed(1)} %`;

type Draw = () => number;

/** Counts on twigs by a negative binomial of this mean and clumping. */
function clumped(source: Draw, mean: number, k: number): Draw {
  const gamma = randomGamma.source(source)(k, mean / k);
  const poisson = randomPoisson.source(source);
  return () => {
    const rate = gamma();
    return rate > 0 ? poisson(rate)() : 0;
  };
}

function countOf(protocol: Protocol, units: readonly Unit[], tagged = false): SeasonCount {
  const { item } = PROTOCOL_SHAPES[protocol].measure;
  return {
    on: '2025-05-10',
    protocol,
    tagged,
    measure: summarise(protocol, units, null).measure,
    units: units.map(({ counts, tagId, tree }) => ({ value: counts[item]!, tagId, tree })),
  };
}

const twigs = (values: readonly number[], tagged = false): SeasonCount =>
  countOf(
    'twig',
    values.map((live, i) => ({
      counts: { live, dead: 0, holed: 0 },
      ...(tagged ? { tagId: String(i) } : {}),
    })),
    tagged,
  );

const isClaimed = (before: SeasonCount, after: SeasonCount): boolean =>
  !['no-change-shown', 'no-change-shown-none', 'none-both-times'].includes(compareCounts(before, after).kind);

const listOf = (n: number, draw: Draw): number[] => Array.from({ length: n }, draw);

function afresh(): void {
  for (const k of [0.1, 0.2, 0.5, 1.5])
    for (const mean of [1, 5, 30]) {
      const source = randomLcg(k / 7 + mean / 100);
      const draw = clumped(source, mean, k),
        fallen = clumped(source, mean / 10, k);
      let claimed = 0,
        seen = 0;
      for (let run = 0; run < RUNS; run++) {
        if (isClaimed(twigs(listOf(10, draw)), twigs(listOf(10, draw)))) claimed++;
        if (isClaimed(twigs(listOf(20, draw)), twigs(listOf(20, fallen)))) seen++;
      }
      console.log(
        `twigs, k ${k}, mean ${mean}: unchanged, 10 twigs twice, claimed ${percent(claimed)}; a tenth left, 20 twigs twice, seen ${percent(seen)}`,
      );
    }
}

/** Tags whose numbers differ for good, each counted twice with chance of its own. */
function tags(): void {
  for (const n of [5, 10, 20]) {
    const source = randomLcg(n / 33);
    const level = clumped(source, 20, 0.5);
    const poisson = randomPoisson.source(source);
    const again = (levels: readonly number[], left: number) =>
      levels.map((rate) => (rate > 0 ? poisson(rate * left)() : 0));
    let claimed = 0,
      paired = 0,
      apart = 0;
    for (let run = 0; run < RUNS; run++) {
      const levels = listOf(n, level);
      const before = again(levels, 1);
      if (isClaimed(twigs(before, true), twigs(again(levels, 1), true))) claimed++;
      const halved = again(levels, 0.5);
      if (isClaimed(twigs(before, true), twigs(halved, true))) paired++;
      if (isClaimed(twigs(before), twigs(halved))) apart++;
    }
    console.log(
      `${n} tagged twigs: unchanged, claimed ${percent(claimed)}; halved, seen ${percent(paired)} tag by tag, ${percent(apart)} as picked afresh`,
    );
  }
}

/** Trees that differ for good, five spurs each, at two winters. */
function trees(): void {
  for (const n of [3, 4, 8, 20])
    for (const likeness of [0.05, 0.2, 0.4]) {
      const source = randomLcg(n / 50 + likeness / 9);
      const strength = 1 / likeness - 1;
      const share = randomBeta.source(source)(0.3 * strength, 0.7 * strength);
      const binomial = randomBinomial.source(source);
      const winter = (shares: readonly number[], left: number) =>
        countOf(
          'spur',
          shares.flatMap((p, tree) => {
            const hits = binomial(5, p * left)();
            return Array.from({ length: 5 }, (_, i) => ({
              counts: { ...NO_SPUR, liveScale: i < hits ? 1 : 0 },
              tree: tree + 1,
            }));
          }),
        );
      let claimed = 0,
        seen = 0;
      for (let run = 0; run < RUNS; run++) {
        const shares = listOf(n, share);
        const before = winter(shares, 1);
        if (isClaimed(before, winter(shares, 1))) claimed++;
        if (isClaimed(before, winter(shares, 1 / 3))) seen++;
      }
      console.log(
        `${n} trees of 5 spurs, 30 % scaly, likeness ${likeness}: unchanged, claimed ${percent(claimed)}; a third left, seen ${percent(seen)}`,
      );
    }
}

const NO_SPUR = { holedScale: 0, softNymphs: 0, stalkedEggs: 0, plainEggs: 0, aphidEggs: 0 };

/** Two plants, both of which doubled; one treated to no effect, or to a fifth. */
function effects(): void {
  for (const k of [0.2, 0.5, 1.5])
    for (const left of [1, 0.2]) {
      const source = randomLcg(k / 5 + left / 11);
      const [first, grown, treated] = [10, 20, 20 * left].map((mean) => clumped(source, mean, k));
      let held = 0,
        had = 0,
        claimed = 0;
      for (let run = 0; run < RUNS; run++) {
        const effect = effectBesideUntreated(
          { before: twigs(listOf(15, first!)), after: twigs(listOf(15, treated!)) },
          { before: twigs(listOf(15, first!)), after: twigs(listOf(15, grown!)) },
        );
        if (!effect) continue;
        had++;
        if (effect.low <= 1 - left && 1 - left <= effect.high) held++;
        if (effect.low > 0 || effect.high < 0) claimed++;
      }
      console.log(
        `beside an untreated plant, k ${k}, 15 twigs four times, ${percent(RUNS * (1 - left))} taken away: held ${((100 * held) / had).toFixed(1)} % of ${had}, an effect claimed ${percent(claimed)}`,
      );
    }
  for (const n of [3, 5, 10]) {
    const source = randomLcg(n / 77);
    const level = clumped(source, 20, 0.5);
    const poisson = randomPoisson.source(source);
    let claimed = 0;
    for (let run = 0; run < RUNS; run++) {
      const effect = taggedEffect(
        Array.from({ length: 2 * n }, (_, i) => {
          const rate = level() + 0.01;
          return { before: poisson(rate)(), after: poisson(rate)(), untouched: i % 2 === 1 };
        }),
      )!;
      if (effect.takenAway.low > 0 || effect.takenAway.high < 0) claimed++;
    }
    console.log(`${n} tags treated, ${n} left alone, no effect: claimed ${percent(claimed)}`);
  }
}

export function changesClaimed(): void {
  afresh();
  tags();
  trees();
  effects();
}
