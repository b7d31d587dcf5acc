import { describe, expect, test } from '@jest/globals';
import { keptWhile, keptWith } from './index.ts';

/** Work that tells how often it was done. */
function counted<Answer>(answer: Answer) {
  const work = () => {
    work.times++;
    return answer;
  };
  work.times = 0;
  return work;
}

describe('kept with an object', () => {
  test('is worked out once for an object and a key, whatever the answer', () => {
    const kept = keptWith<object, string, number | null | undefined>();
    const [plant, other] = [{}, {}];
    for (const answer of [7, 0, null, undefined]) {
      const work = counted(answer);
      const key = `answer ${answer}`;
      expect([kept(plant, key, work), kept(plant, key, work)]).toEqual([answer, answer]);
      expect(work.times).toBe(1);
    }
    expect(kept(other, 'answer 7', () => 8)).toBe(8);
    expect(kept(plant, 'another', () => 9)).toBe(9);
    expect(kept(plant, 'answer 7', () => 10)).toBe(7);
  });

  test('is not kept when the work fails', () => {
    const kept = keptWith<object, string, number>();
    const source = {};
    expect(() =>
      kept(source, 'a', () => {
        throw new RangeError('no');
      }),
    ).toThrow('no');
    expect(kept(source, 'a', () => 1)).toBe(1);
  });

  test('two caches know nothing of each other', () => {
    const source = {};
    const [first, second] = [keptWith<object, string, number>(), keptWith<object, string, number>()];
    first(source, 'a', () => 1);
    expect(second(source, 'a', () => 2)).toBe(2);
  });
});

describe('kept while nothing changes', () => {
  test('is worked out anew for a new version, and for an old one that comes back', () => {
    const kept = keptWhile<object, string, string, number>();
    const source = {};
    expect(kept(source, 'watch', 'v1', () => 1)).toBe(1);
    expect(kept(source, 'watch', 'v1', () => 2)).toBe(1);
    expect(kept(source, 'watch', 'v2', () => 3)).toBe(3);
    expect(kept(source, 'watch', 'v1', () => 4)).toBe(4);
  });

  test('keys and objects have versions of their own', () => {
    const kept = keptWhile<object, string, string, number>();
    const [source, other] = [{}, {}];
    kept(source, 'a', 'v1', () => 1);
    kept(source, 'b', 'v2', () => 2);
    kept(other, 'a', 'v3', () => 3);
    expect(kept(source, 'a', 'v1', () => 9)).toBe(1);
    expect(kept(source, 'b', 'v2', () => 9)).toBe(2);
    expect(kept(other, 'a', 'v3', () => 9)).toBe(3);
  });
});
