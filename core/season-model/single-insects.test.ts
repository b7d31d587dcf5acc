import { expect, test } from '@jest/globals';
import { chance, HEDGE_DRAWN, hedgeYears } from '#simulated';
import { type DoneTreatment, type DrawnFigures, leftOf, possibleSeason, type PossibleYear } from './index.ts';

/**
 * Insects one by one, written apart from the model: each hatches on a day, dies by chance of its age, of heat, of
 * wasps and of what is done on the days it lives. What is left of many must be what the model's products say.
 */

const INSECTS = Number(process.env['INSECTS'] ?? 5_000);

interface Scene {
  readonly figures: DrawnFigures;
  readonly year: PossibleYear;
  readonly treatments: readonly DoneTreatment[];
}

type Chance = ReturnType<typeof chance>;

function hatchDay({ figures, year }: Scene, luck: Chance): number {
  const share = luck.whole(1, 999_999) / 1_000_000;
  const { first, span } = figures.hatch;
  const needed = first + span / 2 + (span / (2 * Math.log(19))) * Math.log(share / (1 - share));
  let sum = 0;
  for (let day = 0; day < year.heatCd.length; day++) {
    sum += year.heatCd[day]!;
    if (sum >= needed && sum > 0) return day;
  }
  return -1;
}

const ageStage = ({ stages }: DrawnFigures, age: number) =>
  age < stages.crawler
    ? 0
    : age < stages.crawler + stages.settled
      ? 1
      : age < stages.crawler + stages.settled + stages.second
        ? 2
        : 3;

function lives(
  scene: Scene,
  treatments: readonly DoneTreatment[],
  firstHatch: number,
  luck: Chance,
): boolean {
  const { figures, year } = scene;
  for (const { kind, day } of treatments) if (day < firstHatch && luck.odds(kind.takesInWinter)) return false;
  const hatched = hatchDay(scene, luck);
  if (hatched < 0) return luck.odds(0);
  for (const { kind, day } of treatments) if (meetsOnHatching(scene, kind, day, hatched, luck)) return false;
  const losses = Object.values(figures.lossADay);
  for (let day = hatched; day < year.heatCd.length; day++) {
    const stage = ageStage(figures, day - hatched);
    if (stage === 0 && year.maxC[day]! > 40 && luck.odds(figures.hotLoss)) return false;
    if (day - hatched === figures.stages.crawler && luck.odds(figures.holed * helpersLeft(treatments, day)))
      return false;
    for (const each of treatments)
      if (meetsLater(each, day, hatched) && luck.odds(each.kind.takes[stage]!)) return false;
    if (day < year.heatCd.length - 1 && luck.odds(losses[stage]!)) return false;
  }
  return true;
}

function meetsOnHatching(
  { year }: Scene,
  kind: DoneTreatment['kind'],
  day: number,
  hatched: number,
  luck: Chance,
): boolean {
  if (hatched <= day) return false;
  if (kind.acts === 'hand') return luck.odds(kind.takes[0]!);
  if (kind.acts !== 'contact' || kind.residueHalfLifeDays === 0) return false;
  let rainMm = 0;
  for (let at = day + 1; at <= hatched; at++) rainMm += year.rainMm[at]!;
  const stays = Math.pow(2, -(hatched - day) / kind.residueHalfLifeDays) * Math.pow(2, -rainMm / 25);
  return luck.odds(kind.takes[0]! * stays);
}

function meetsLater({ kind, day: done }: DoneTreatment, day: number, hatched: number): boolean {
  if (kind.acts !== 'systemic') return day === done;
  const works = done + kind.onsetDays;
  return day === Math.max(works, hatched) && day <= works + kind.lastsDays;
}

function helpersLeft(treatments: readonly DoneTreatment[], day: number): number {
  return treatments.reduce(
    (left, { kind, day: done }) =>
      done <= day ? left * (1 - kind.helpersKilled * Math.pow(2, -(day - done) / 28)) : left,
    1,
  );
}

function randomKind(luck: Chance): DoneTreatment['kind'] {
  const acts = luck.one(['contact', 'contact', 'hand', 'systemic'] as const);
  const part = () => luck.whole(5, 95) / 100;
  const share = part();
  return {
    acts,
    takes: acts === 'hand' ? [share, share, share, share] : [part(), part(), part(), part()],
    takesInWinter: luck.odds(0.3) ? part() : 0,
    residueHalfLifeDays: luck.odds(0.5) ? luck.whole(2, 30) : 0,
    onsetDays: acts === 'systemic' ? luck.whole(7, 30) : 0,
    lastsDays: acts === 'systemic' ? luck.whole(30, 120) : 0,
    helpersKilled: 0,
  };
}

function randomScene(seed: number): Scene {
  const luck = chance(seed);
  const [base] = hedgeYears(1, seed) as [PossibleYear];
  // A third of the years are hot ones, so that heat kills crawlers too.
  const hot = seed % 3 === 0;
  const year = hot ? { ...base, maxC: base.maxC.map((maxC, day) => (day % 9 === 0 ? 41 : maxC)) } : base;
  const broad = { ...randomKind(luck), acts: 'contact' as const, helpersKilled: 0.8 };
  return {
    year,
    figures: {
      ...HEDGE_DRAWN,
      hatch: { by: 'heat', first: luck.whole(180, 300), span: luck.whole(60, 250) },
      hotLoss: hot ? 0.4 : 0,
      holed: seed % 2 === 0 ? 0.3 : 0,
    },
    treatments: [
      ...Array.from({ length: luck.whole(0, 3) }, () => ({
        kind: randomKind(luck),
        day: luck.whole(60, 260),
      })),
      ...(seed % 2 === 0 ? [{ kind: broad, day: luck.whole(140, 200) }] : []),
    ],
  };
}

test.each(Array.from({ length: 20 }, (_, i) => i + 1))('plan %i: insects one by one agree', (seed) => {
  const scene = randomScene(seed);
  const season = possibleSeason(scene.figures, scene.year);
  const luck = chance(seed * 104_729);
  const firstHatch = season.generations[0]!.hatchedOn[0]!;
  const alive = (treatments: readonly DoneTreatment[]) => {
    let count = 0;
    for (let i = 0; i < INSECTS; i++) if (lives(scene, treatments, firstHatch, luck)) count++;
    return count / INSECTS;
  };
  const [treated, alone] = [alive(scene.treatments), alive([])];
  const relative = (share: number) => (1 - share) / (share * INSECTS);
  const left = treated / alone;
  const standardError =
    100 *
    Math.max(
      1 / INSECTS / alone,
      left * Math.sqrt(relative(Math.max(treated, 1 / INSECTS)) + relative(alone)),
    );
  expect(Math.abs(leftOf(season, scene.treatments) - 100 * left)).toBeLessThan(3 * standardError);
});
