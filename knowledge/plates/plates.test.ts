import { describe, expect, test } from '@jest/globals';
import { isScaleGroup } from '#core/identify';
import { CHECKS } from '../checks/index.ts';
import { TARGETS } from '../targets/index.ts';
import { guidePlates, metIn, tellingPlate } from './index.ts';
import type { CoverOutline, GuidePlate, PlateColour, PlateGround } from './plate.ts';

const ALL = TARGETS.flatMap((target) => guidePlates(target.id).map((plate) => ({ target, plate })));
const named = ({ target, plate }: (typeof ALL)[number]) => `${target.id}: ${plate.stage}`;
const SCALES = TARGETS.filter(({ group }) => isScaleGroup(group));

/** What the key calls the colours of crawlers. */
const KEY_COLOUR: Readonly<Partial<Record<PlateColour, string>>> = {
  yellow: 'yellow',
  orange: 'yellow',
  pink: 'pink',
  red: 'pink',
  purple: 'pink',
  cream: 'cream',
};

/** What the key calls the shapes of covers; a white or pale one has a name of its own. */
function keyShapes(outline: CoverOutline, fill: PlateColour): string[] {
  if (fill === 'black') return ['dark-cap', 'round-cap'];
  if (outline === 'mussel' || outline === 'boat') return ['oyster', 'pear'];
  if (outline === 'pear') return ['pear', 'white-oval'];
  if (outline === 'disc') return ['flat-disc', 'round-cap'];
  return ['round-cap', 'white-oval', 'flat-disc'];
}

/** What the key calls the places. */
const KEY_PLACES: Readonly<Record<PlateGround, readonly string[]>> = {
  leaf: ['leaves', 'leaf-surface', 'fruit'],
  underleaf: ['leaves', 'leaf-surface'],
  midrib: ['leaves', 'twigs'],
  twig: ['twigs', 'old-bark'],
  fork: ['old-bark', 'twigs'],
  bark: ['old-bark', 'twigs'],
  needles: ['leaves'],
  frond: ['leaves'],
  shoot: ['twigs', 'leaves'],
  fruit: ['fruit'],
  none: [],
};

describe('drawings of the guide', () => {
  test('every trouble has one, and one that stands for it', () => {
    for (const { id } of TARGETS) {
      expect([id, guidePlates(id).length > 0]).toEqual([id, true]);
      expect([id, guidePlates(id)].flat()).toContainEqual(tellingPlate(id));
    }
    expect(() => guidePlates('nothing')).toThrow(RangeError);
  });

  test('a list shows what is met: the mine of a miner, the larva of a helper', () => {
    const stage = (id: string) => tellingPlate(id)!.stage;
    expect(stage('citrus-leaf-miner')).toBe('mine');
    expect(stage('ladybird-larvae')).toBe('young');
    expect(stage('lacewing-eggs')).toBe('eggs');
    expect(stage('box-tree-moth')).toBe('young');
    expect(stage('euonymus-scale')).toBe('grown');
    expect(stage('cottony-maple-scale')).toBe('sac');
    expect(stage('apple-scab')).toBe('full');
  });

  test('lengths are lengths of things that live on plants; months are months', () => {
    for (const entry of ALL) {
      const { lengthMm, months, shows } = entry.plate;
      if (lengthMm !== null) {
        expect([named(entry), lengthMm[0] > 0 && lengthMm[0] <= lengthMm[1] && lengthMm[1] <= 60]).toEqual([
          named(entry),
          true,
        ]);
      }
      expect(months.every((month) => Number.isInteger(month) && month >= 1 && month <= 12)).toBe(true);
      expect([named(entry), shows.endsWith('.')]).toEqual([named(entry), true]);
    }
  });

  test('what is drawn as a sign is a sign of the key that the trouble may show', () => {
    for (const entry of ALL) {
      const { subject } = entry.plate;
      if (subject.kind !== 'sign') continue;
      const check = CHECKS.find(({ id }) => id === subject.checkId);
      expect([named(entry), check?.kind]).toEqual([named(entry), 'sign']);
    }
  });

  test('a scale is drawn from crawler to last year, whole and holed', () => {
    for (const { id } of SCALES) {
      const stages = guidePlates(id).map(({ stage }) => stage);
      expect(stages).toEqual(expect.arrayContaining(['crawler', 'holed', 'last-year']));
      expect([id, stages.includes('grown') || stages.includes('sac')]).toEqual([id, true]);
      expect(stages.at(-1)).toBe('last-year');
    }
    for (const { id } of TARGETS.filter(({ group }) => group === 'armored'))
      expect(guidePlates(id).map(({ stage }) => stage)).toEqual(
        expect.arrayContaining(['male', 'grown', 'turned-over']),
      );
  });

  test('crawlers are smaller than males, males than females', () => {
    const length = (plates: readonly GuidePlate[], stage: GuidePlate['stage']) =>
      plates.find((plate) => plate.stage === stage)?.lengthMm?.[1] ?? null;
    for (const { id } of SCALES) {
      const plates = guidePlates(id);
      const grown = (length(plates, 'grown') ?? length(plates, 'sac'))!;
      const male = length(plates, 'male');
      const crawler = length(plates, 'crawler')!;
      expect([id, crawler < (male ?? grown)]).toEqual([id, true]);
      if (male !== null) expect([id, male < grown]).toEqual([id, true]);
    }
  });

  test('crawlers have a colour the key gives them', () => {
    for (const { id, looks } of SCALES) {
      const { subject } = guidePlates(id).find(({ stage }) => stage === 'crawler')!;
      if (subject.kind !== 'crawler') throw new Error(`${id} has no crawler`);
      expect([id, Object.keys(looks.crawlers ?? {}).includes(KEY_COLOUR[subject.fill]!)]).toEqual([id, true]);
    }
  });

  test('covers have a shape the key gives them, and sit where the key says they sit', () => {
    for (const { id, looks, group } of SCALES) {
      const grown = guidePlates(id).find(({ stage }) => stage === 'grown' || stage === 'sac')!;
      if (group === 'armored' && grown.subject.kind === 'cover') {
        const shapes = keyShapes(grown.subject.outline, grown.subject.fill);
        expect([id, shapes.some((shape) => (looks.shape?.[shape] ?? 'never') !== 'never')]).toEqual([
          id,
          true,
        ]);
      }
      const places = KEY_PLACES[grown.on];
      expect([
        id,
        places.some((place) => ['always', 'usually'].includes(looks.where?.[place] ?? 'never')),
      ]).toEqual([id, true]);
    }
  });

  test('crawlers come in the usual months: earlier where winters are mild', () => {
    const months = (latitudeDeg: number, mildWinters: boolean | null = null) =>
      guidePlates('juniper-scale', { latitudeDeg, mildWinters }).find(({ stage }) => stage === 'crawler')!
        .months;
    expect(months(50)).toEqual([6, 7]);
    expect(months(30)).toEqual([4, 5]);
    expect(months(-30)).toEqual([4, 5]);
    expect(months(50, true)).toEqual([4, 5]);
    expect(months(30, false)).toEqual([6, 7]);
  });

  test('what has no months is met in all of them', () => {
    expect(metIn({ months: [] }, 1)).toBe(true);
    expect(metIn({ months: [11, 12, 1] }, 1)).toBe(true);
    expect(metIn({ months: [11, 12, 1] }, 2)).toBe(false);
  });
});
