import { describe, expect, test } from '@jest/globals';
import { metOn } from './met-on.ts';
import { targetById } from './targets/index.ts';

describe('what is met on some plants', () => {
  test('each is met so often as is asked, on the plants that bear it', () => {
    for (const { target, hostIds, word } of metOn(['apple', 'lilac'], 'usually')) {
      expect(['always', 'usually']).toContain(word);
      expect(hostIds.every((id) => ['always', 'usually'].includes(targetById(target.id).hosts[id]!))).toBe(
        true,
      );
    }
  });

  test('the deeper one asks the more there are, none is lost', () => {
    const ids = (depth: Parameters<typeof metOn>[1]) =>
      metOn(['apple'], depth).map(({ target }) => target.id);
    expect(ids('rarely')).toEqual(expect.arrayContaining(ids('sometimes')));
    expect(ids('sometimes')).toEqual(expect.arrayContaining(ids('usually')));
    expect(ids('rarely').length).toBeGreaterThan(ids('usually').length);
  });

  test('the most usual first, then what several of the plants bear; a plant named twice counts once', () => {
    const met = metOn(['euonymus', 'spindle', 'lilac', 'lilac'], 'rarely');
    expect(met[0]!.target.id).toBe('euonymus-scale');
    expect(met[0]!.hostIds).toEqual(['euonymus', 'spindle', 'lilac']);
    expect(met[0]!.word).toBe('always');
  });

  test('nothing grows, nothing is met', () => {
    expect(metOn([], 'rarely')).toEqual([]);
    expect(metOn(['no-such-kind'], 'rarely')).toEqual([]);
  });
});
