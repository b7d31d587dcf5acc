import { describe, expect, test } from '@jest/globals';
import {
  amountLeft,
  type Finding,
  judgeUse,
  leftInPack,
  type RuleBook,
  useLimits,
  type UseFacts,
  type UseRule,
  VERDICTS,
  worstOf,
} from './index.ts';

const TODAY = '2026-06-15';

describe("a label's interval", () => {
  const notBefore = (usedOn: readonly string[], intervalDays: number | null = 14) =>
    useLimits({ intervalDays, usesPerYear: null }, usedOn, TODAY).notBefore;

  test('holds from the last use, whatever order the uses are told in', () => {
    expect(notBefore(['2026-06-10', '2026-05-01'])).toBe('2026-06-24');
    expect(notBefore(['2026-05-01', '2026-06-10'])).toBe('2026-06-24');
  });

  test('is over on the day it ends', () => {
    expect(notBefore(['2026-06-02'])).toBe('2026-06-16');
    expect(notBefore(['2026-06-01'])).toBeNull();
  });

  test('does not know of uses to come, and asks for nothing without a number or a use', () => {
    expect(notBefore(['2026-06-20'])).toBeNull();
    expect(notBefore([TODAY])).toBe('2026-06-29');
    expect(notBefore([])).toBeNull();
    expect(notBefore(['2026-06-10'], null)).toBeNull();
  });

  test('goes on across New Year', () => {
    expect(useLimits({ intervalDays: 30, usesPerYear: 2 }, ['2025-12-20'], '2026-01-05')).toEqual({
      notBefore: '2026-01-19',
      usesLeft: 2,
    });
  });
});

describe("a label's uses of a year", () => {
  const usesLeft = (usedOn: readonly string[], usesPerYear: number | null = 2) =>
    useLimits({ intervalDays: null, usesPerYear }, usedOn, TODAY).usesLeft;

  test('count in the calendar year only, and never below none', () => {
    expect(usesLeft([])).toBe(2);
    expect(usesLeft(['2025-12-31', '2026-01-01'])).toBe(1);
    expect(usesLeft(['2026-01-01', '2026-03-01', '2026-05-01'])).toBe(0);
    expect(usesLeft(['2026-01-01'], null)).toBeNull();
  });
});

describe("a label's amount of a year", () => {
  const left = (used: { on: string; amount: number }[], mostPerYear: number | null = 100) =>
    amountLeft({ mostPerYear }, used, TODAY);

  test('takes off what this year brought up to today', () => {
    expect(left([])).toBe(100);
    expect(left([{ on: '2025-06-01', amount: 60 }])).toBe(100);
    expect(
      left([
        { on: '2026-03-01', amount: 30 },
        { on: TODAY, amount: 20 },
      ]),
    ).toBe(50);
    expect(left([{ on: '2026-06-16', amount: 60 }])).toBe(100);
    expect(left([{ on: '2026-03-01', amount: 130 }])).toBe(0);
    expect(left([{ on: '2026-03-01', amount: 130 }], null)).toBeNull();
  });
});

describe('what a pack still holds', () => {
  const STOCK = { amount: 500, countedOn: '2026-05-01' };

  test('is what was counted that morning, less what was used from that day on', () => {
    expect(leftInPack(STOCK, [])).toBe(500);
    expect(
      leftInPack(STOCK, [
        { on: '2026-04-30', amount: 100 },
        { on: '2026-05-01', amount: 20 },
        { on: '2026-06-01', amount: 30 },
      ]),
    ).toBe(450);
  });

  test('is never less than nothing, and unknown when nobody counted', () => {
    expect(leftInPack(STOCK, [{ on: '2026-06-01', amount: 700 }])).toBe(0);
    expect(leftInPack(null, [{ on: '2026-06-01', amount: 7 }])).toBeNull();
  });
});

describe('all rules together', () => {
  const OTHERWISE: Finding = {
    ruleId: 'otherwise',
    verdict: 'fine',
    says: '',
    until: null,
    grade: 'C',
    sourceIds: ['practice'],
  };
  const saying = (verdict: UseRule['verdict'], until?: string): UseRule => ({
    id: verdict,
    verdict,
    speaks: () => (until ? { says: verdict, until } : { says: verdict }),
    grade: 'B',
    sourceIds: ['practice'],
  });
  const silent: UseRule = { ...saying('no'), id: 'silent', speaks: () => null };
  const judged = (...rules: UseRule[]) =>
    judgeUse({ rules, otherwise: OTHERWISE } as RuleBook, {} as UseFacts, {});

  test('the strictest finding is told first, in whatever order the rules stand', () => {
    const strictFirst = ['never', 'no', 'wait', 'care'];
    const inOrder = judged(saying('care'), saying('wait'), saying('no'), saying('never'));
    const turned = judged(saying('no'), saying('never'), saying('care'), saying('wait'));
    expect(inOrder.map(({ verdict }) => verdict)).toEqual(strictFirst);
    expect(turned.map(({ verdict }) => verdict)).toEqual(strictFirst);
  });

  test('a rule that is silent leaves no finding; when all are, that is said', () => {
    expect(judged(silent, saying('care')).map(({ ruleId }) => ruleId)).toEqual(['care']);
    expect(judged(silent)).toEqual([OTHERWISE]);
  });

  test('a finding carries its rule, its day and its trust', () => {
    expect(judged(saying('wait', '2026-07-01'))).toEqual([
      {
        ruleId: 'wait',
        verdict: 'wait',
        says: 'wait',
        until: '2026-07-01',
        grade: 'B',
        sourceIds: ['practice'],
      },
    ]);
    expect(judged(saying('no'))[0]!.until).toBeNull();
  });

  test('the worst of several verdicts is the strictest, wherever it stands; of none it is fine', () => {
    expect(worstOf([])).toBe('fine');
    for (const [i, worst] of VERDICTS.entries()) {
      const upTo = VERDICTS.slice(0, i + 1).map((verdict) => ({ verdict }));
      expect(worstOf(upTo)).toBe(worst);
      expect(worstOf(upTo.toReversed())).toBe(worst);
    }
  });
});
