import { describe, expect, test } from '@jest/globals';
import { infectionWord } from '#core/infection';
import { DISEASES } from './diseases.ts';
import {
  DRY_PLACE,
  drawSpring,
  judgeSpring,
  lookedAt,
  NO_RECORD,
  type SpringRecord,
  WET_PLACE,
} from '#simulated';

/** Diseases of spring whose infections are told surely, by their tables. */
const JUDGED = ['apple-scab', 'rose-black-spot', 'peach-leaf-curl', 'grape-black-rot', 'cedar-apple-rust'];
const RULES = JUDGED.map((targetId) => DISEASES.find((disease) => disease.targetId === targetId)!.rule);
/** A thousand are judged by `tsx bench/wetness.ts`; a tenth of them here, so that a run stays short. */
const SPRINGS = 100;

function judged(air: typeof WET_PLACE, looks: number, springs: number): SpringRecord[] {
  let records = RULES.map(() => NO_RECORD);
  for (let seed = 0; seed < springs; seed++) {
    const spring = drawSpring(5000 + seed, air);
    const looked = looks > 0 ? lookedAt(spring, looks, seed) : spring.read;
    records = judgeSpring(records, spring, looked, RULES, infectionWord);
  }
  return records;
}

describe('wet springs, known by low, high and rain alone', () => {
  const records = judged(WET_PLACE, 0, SPRINGS);

  test.each(JUDGED.map((id, i) => [id, i] as const))('%s: never a false all-clear', (_, i) => {
    const { infections, told } = records[i]!;
    expect(infections).toBeGreaterThan(200);
    expect(told / infections).toBeGreaterThanOrEqual(0.95);
  });

  test('what is called sure is right four times in five, over all of them', () => {
    const said = records.reduce((sum, { words }) => sum + words.sure.said, 0);
    const right = records.reduce((sum, { words }) => sum + words.sure.right, 0);
    expect(said).toBeGreaterThan(200);
    expect(right / said).toBeGreaterThanOrEqual(0.8);
  });

  test('likely is right more often than possible, and sure more often than likely', () => {
    for (const { words } of records) {
      const share = ({ said, right }: { said: number; right: number }) => right / said;
      expect(share(words.likely)).toBeGreaterThan(share(words.possible));
      if (words.sure.said > 50) expect(share(words.sure)).toBeGreaterThan(share(words.likely));
    }
  });
});

test('in dry air ten looks make "likely" rarer, and no infection goes untold for it', () => {
  const [before, after] = [judged(DRY_PLACE, 0, 40), judged(DRY_PLACE, 10, 40)];
  const likely = (records: readonly SpringRecord[]) =>
    records.reduce((sum, { words }) => sum + words.likely.said, 0);
  expect(likely(after)).toBeLessThan(0.7 * likely(before));
  for (const { infections, told } of after) expect(told / infections).toBeGreaterThanOrEqual(0.95);
});
