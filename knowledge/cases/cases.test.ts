import { describe, expect, test } from '@jest/globals';
import { nameIt } from '#core/identify';
import { CHECKS, HOSTS, KEY, TARGETS } from '../index.ts';
import { type Case } from './case.ts';
import { CLEAN_CASES } from './clean.ts';
import { ONE_WRONG_CASES, SPARSE_CASES } from './flawed.ts';
import { LOOK_ALIKE_CASES } from './look-alikes.ts';
import { MORE_TROUBLES_CASES } from './more-troubles.ts';
import { UNLISTED_CASES } from './unlisted.ts';

const judgedOnce = new Map<readonly Case[], ReturnType<typeof judgeAll>>();

function judge(cases: readonly Case[]) {
  if (!judgedOnce.has(cases)) judgedOnce.set(cases, judgeAll(cases));
  return judgedOnce.get(cases)!;
}

function judgeAll(cases: readonly Case[]) {
  const judged = cases.map((entry) => {
    const { groups, standings, verdict } = nameIt(
      KEY,
      { hostId: entry.host, month: entry.month, sheltered: entry.sheltered },
      entry.answers,
    );
    const rank = standings.findIndex((standing) => standing.targetId === entry.target) + 1;
    return {
      entry,
      group: groups[0]!.group === entry.group,
      rank: entry.target === null ? null : rank,
      top: standings[0]!,
      verdict,
      isAlike: verdict.kind === 'alike' && verdict.targetIds.includes(entry.target ?? ''),
    };
  });
  const named = judged.filter(({ rank }) => rank !== null);
  const share = (part: number, whole: number) => part / whole;
  /** Names given with four in five or more that are not what it was. */
  const wrong = judged.filter(({ entry, top, group }) => {
    if (!top.listed || top.probability < 0.8) return false;
    return entry.target === null ? !group : top.targetId !== entry.target;
  });
  return {
    judged,
    wrong: wrong.map(({ entry, top }) => [entry.host, entry.target ?? entry.group, top.targetId]),
    group: share(judged.filter(({ group }) => group).length, judged.length),
    first: share(named.filter(({ rank }) => rank === 1).length, named.length),
    /** First, or named together with those it need not be told from. */
    said: share(named.filter(({ rank, isAlike }) => rank === 1 || isAlike).length, named.length),
    three: share(named.filter(({ rank }) => rank! >= 1 && rank! <= 3).length, named.length),
  };
}

const NEW_CASES = [...MORE_TROUBLES_CASES, ...LOOK_ALIKE_CASES];
const ALL_CASES = [...CLEAN_CASES, ...ONE_WRONG_CASES, ...SPARSE_CASES, ...NEW_CASES, ...UNLISTED_CASES];

describe('cases written from descriptions', () => {
  test('speak of hosts, checks, answers and troubles that exist', () => {
    const hosts = new Set(HOSTS.map((host) => host.id)),
      targets = new Set(TARGETS.map((target) => target.id));
    const checks = new Map(
      CHECKS.map((check) => [check.id, new Set(check.answers.map((answer) => answer.id))]),
    );
    for (const entry of ALL_CASES) {
      expect(hosts).toContain(entry.host);
      if (entry.target) expect(targets).toContain(entry.target);
      for (const [check, answer] of Object.entries(entry.answers))
        expect([check, checks.get(check)?.has(answer)]).toEqual([check, true]);
    }
    expect(CLEAN_CASES.length).toBeGreaterThanOrEqual(60);
  });

  test('clean answers: group right 97 in 100, first 80, among three 95', () => {
    const { group, first, three } = judge(CLEAN_CASES);
    expect(group).toBeGreaterThanOrEqual(0.97);
    expect(first).toBeGreaterThanOrEqual(0.8);
    expect(three).toBeGreaterThanOrEqual(0.95);
  });

  test('one answer wrong: group right 90 in 100', () => {
    expect(judge(ONE_WRONG_CASES).group).toBeGreaterThanOrEqual(0.9);
  });

  test('hardly anything looked at: the group still leads eight times in ten', () => {
    expect(judge(SPARSE_CASES).group).toBeGreaterThanOrEqual(0.8);
  });

  test('what they were before: nothing lost', () => {
    // Wax scales and trail miners that joined fit two cases as well; they are named together.
    expect(judge(CLEAN_CASES)).toMatchObject({ group: 1, said: 1, three: 1, wrong: [] });
    expect(judge(CLEAN_CASES).first).toBeGreaterThanOrEqual(0.97);
    expect(judge(ONE_WRONG_CASES).group).toBeGreaterThanOrEqual(0.96);
    expect(judge(SPARSE_CASES).group).toBe(1);
  });

  test('of more troubles and look-alikes: first nine in ten, group 97 in 100, no wrong name to speak of', () => {
    expect(NEW_CASES.length + UNLISTED_CASES.length).toBeGreaterThanOrEqual(120);
    expect(UNLISTED_CASES.length).toBeGreaterThanOrEqual(40);
    const { first, group, wrong } = judge(NEW_CASES);
    expect(first).toBeGreaterThanOrEqual(0.9);
    expect(group).toBeGreaterThanOrEqual(0.97);
    expect(wrong.length / NEW_CASES.length).toBeLessThanOrEqual(0.01);
  });

  test('over all cases at most one name in a hundred is surely wrong', () => {
    expect(judge(ALL_CASES).wrong.length / ALL_CASES.length).toBeLessThanOrEqual(0.01);
  });

  test('what is in no list is said to be so, or left open: nine in ten; and never called healthy', () => {
    const { judged } = judge(UNLISTED_CASES);
    const honest = judged.filter(({ verdict: { kind } }) => ['none-of-these', 'not-enough'].includes(kind));
    expect(honest.length / judged.length).toBeGreaterThanOrEqual(0.9);
    expect(judged.filter(({ verdict: { kind } }) => kind === 'none-of-these').length).toBeGreaterThan(25);
    const calledHealthy = judged.filter(
      ({ verdict }) => verdict.kind === 'group' && verdict.group === 'no-trouble',
    );
    expect(calledHealthy).toEqual([]);
  });
});
