import { cluesIn, EXPLANATIONS, explanationOdds, saidOf, weighed } from '#core/failure';
import { learnYears, taggedEffect, tagVerdict, type TagVerdict } from '#core/seasons';
import { CLUE_WEIGHTS, EXPLAINED } from '#knowledge';
import { failedTreatment, simulateTags, USUAL_GROWTH, yearsOfGarden } from '#simulated';

/** Proof seeds: figures were set on others. */
const GARDENS_FROM = 50_000;
const FAILURES_FROM = 70_000;
const GARDENS = 2000;
const UNCHANGED = 5000;
const RUNS = 1000;

const share = (values: readonly boolean[]) => values.filter(Boolean).length / values.length;
const percent = (part: number) => `${(100 * part).toFixed(1)} %`;

function learntYears(): void {
  const gardens = Array.from({ length: GARDENS }, (_, i) => yearsOfGarden(GARDENS_FROM + i));
  const growth: boolean[] = [];
  const left: boolean[] = [];
  for (const garden of gardens) {
    learnYears(garden.watches, { growth: USUAL_GROWTH }).watches.forEach((watch, w) => {
      const truth = garden.growth[w]!;
      growth.push(watch.growth.low <= truth && truth <= watch.growth.high);
      for (const each of watch.left)
        left.push(each.left.low <= garden.left[each.id]! && garden.left[each.id]! <= each.left.high);
    });
  }
  console.log(
    `${GARDENS} gardens: eight-in-ten ranges hold growth in ${percent(share(growth))} of ${growth.length} watches, ` +
      `what a treatment left in ${percent(share(left))} of ${left.length}`,
  );
}

function failures(recorded: number): void {
  const judged = Array.from({ length: GARDENS }, (_, i) => {
    const made = failedTreatment(FAILURES_FROM + i, recorded);
    const evidence = weighed(cluesIn(made.facts), CLUE_WEIGHTS);
    const odds = explanationOdds(
      { ...made, timingTold: made.facts.timing !== null, evidence, among: EXPLANATIONS },
      EXPLAINED,
    );
    return { made, isBest: odds[0]!.id === made.truth, said: saidOf(odds) };
  });
  const tellable = judged.filter(({ made }) => made.tellable);
  const told = tellable.filter(({ said }) => said.kind === 'told');
  const untellable = judged.filter(({ made }) => !made.tellable);
  const saidOfThose = (kind: string) => percent(share(untellable.map(({ said }) => said.kind === kind)));
  console.log(
    `failures with ${100 * recorded} % of the facts on record: of ${tellable.length} that left a trace the right ` +
      `reason has the best odds in ${percent(share(tellable.map(({ isBest }) => isBest)))}; told outright ` +
      `${told.length}, right ${percent(share(told.map(({ made, said }) => said.kind === 'told' && said.id === made.truth)))}; ` +
      `of ${untellable.length} without one told outright ${saidOfThose('told')}, left open between some ` +
      `${saidOfThose('between')}, "nobody can tell" ${saidOfThose('cannot-tell')}`,
  );
}

const verdictOf = (tags: number, livePerTwig: number, left: number, seed: number): TagVerdict =>
  tagVerdict(taggedEffect(simulateTags({ tags, livePerTwig, clumping: 1, own: 0.3, left }, seed))!);

function tags(): void {
  const worked = Array.from(
    { length: UNCHANGED },
    (_, i) => verdictOf(8 + 2 * (i % 8), [2, 5, 10, 20][i % 4]!, 1, i + 1) === 'worked',
  );
  console.log(`${UNCHANGED} plants on which nothing was changed: "worked" in ${percent(share(worked))}`);
  const sizes = [10, 16, 20, 24, 30, 40, 60, 80];
  for (const [name, left] of [
    ['half', 0.5],
    ['a quarter', 0.25],
    ['a tenth', 0.1],
  ] as const) {
    console.log(`left ${name}: "worked" in % of ${RUNS}, by live on each before (down) and tags (across)`);
    console.log(`| live | ${sizes.join(' | ')} |`);
    for (const live of [2, 3, 5, 10, 20, 40]) {
      const row = sizes.map((size) =>
        Math.round(
          100 *
            share(Array.from({ length: RUNS }, (_, i) => verdictOf(size, live, left, i + 1) === 'worked')),
        ),
      );
      console.log(`| ${live} | ${row.join(' | ')} |`);
    }
  }
}

learntYears();
for (const recorded of [0.85, 0.5, 0.15]) failures(recorded);
tags();
