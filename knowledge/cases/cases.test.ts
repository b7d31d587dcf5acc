import { describe, expect, test } from '@jest/globals';
import { nameIt } from '#core/identify';
import { CHECKS, HOSTS, TARGETS } from '../index.ts';
import { type Case } from './case.ts';
import { CLEAN_CASES } from './clean.ts';
import { ONE_WRONG_CASES, SPARSE_CASES } from './flawed.ts';

function judge(cases: readonly Case[]) {
  const judged = cases.map((entry) => {
    const { groups, standings } = nameIt(
      TARGETS,
      CHECKS,
      { hostId: entry.host, month: entry.month, sheltered: entry.sheltered },
      entry.answers,
    );
    const rank = standings.findIndex((standing) => standing.targetId === entry.target) + 1;
    return {
      entry,
      group: groups[0]!.group === entry.group,
      rank: entry.target === null ? null : rank,
      top: standings[0]!.targetId,
    };
  });
  const named = judged.filter(({ rank }) => rank !== null);
  const share = (part: number, whole: number) => part / whole;
  return {
    judged,
    group: share(judged.filter(({ group }) => group).length, judged.length),
    first: share(named.filter(({ rank }) => rank === 1).length, named.length),
    three: share(named.filter(({ rank }) => rank! >= 1 && rank! <= 3).length, named.length),
  };
}

describe('cases written from descriptions', () => {
  test('speak of hosts, checks, answers and troubles that exist', () => {
    const hosts = new Set(HOSTS.map((host) => host.id)),
      targets = new Set(TARGETS.map((target) => target.id));
    const checks = new Map(
      CHECKS.map((check) => [check.id, new Set(check.answers.map((answer) => answer.id))]),
    );
    for (const entry of [...CLEAN_CASES, ...ONE_WRONG_CASES, ...SPARSE_CASES]) {
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
});
