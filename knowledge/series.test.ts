import { describe, expect, test } from '@jest/globals';
import { seriesRecord, blankSeries } from '#core/records';
import {
  HANDWORK,
  MATERIALS,
  SCHOOL_QUESTIONS,
  SERIES_TEMPLATES,
  seriesFor,
  type SeriesScene,
  stepTitle,
  rhythmWords,
} from './index.ts';

const ID = '01900000-0000-7000-8000-000000000001';
const scene = (more: Partial<SeriesScene>): SeriesScene => ({
  group: 'soft',
  targetId: 'brown-soft-scale',
  hostId: 'lemon',
  evergreen: true,
  potted: true,
  schools: {},
  today: '2026-05-10',
  southern: false,
  first: null,
  ...more,
});
const logged = (...materials: string[]) => ({ action: 'spray', hand: null, materials }) as const;
const byHand = (hand: keyof typeof HANDWORK) => ({ action: 'hand', hand, materials: [] }) as const;
const ids = (more: Partial<SeriesScene>) => seriesFor(scene(more)).map(({ id }) => id);

/** Scenes in which each series is offered. */
const SCENES: readonly SeriesScene[] = [
  ...MATERIALS.map(({ id }) => scene({ first: logged(id) })),
  ...Object.keys(HANDWORK).map((hand) => scene({ first: byHand(hand as keyof typeof HANDWORK) })),
  scene({ group: 'mite', targetId: null }),
  scene({ group: 'mite', targetId: null, first: logged('soap') }),
  scene({ targetId: 'citrus-leaf-miner', group: 'leaf-miner' }),
  scene({ targetId: 'fig-rust', group: 'fungus', hostId: 'fig', evergreen: false }),
  scene({ targetId: 'fig-rust', group: 'fungus', hostId: 'fig', evergreen: false, first: logged('copper') }),
  scene({
    targetId: 'apple-scab',
    group: 'fungus',
    hostId: 'apple',
    evergreen: false,
    first: logged('sulfur'),
  }),
  scene({
    targetId: 'apple-scab',
    group: 'fungus',
    hostId: 'apple',
    evergreen: false,
    first: byHand('strip'),
  }),
  ...(
    [
      ['apple-scab', 'apple', false],
      ['peach-leaf-curl', 'peach', false],
      ['brown-rot', 'plum', false],
      ['melanose', 'orange', true],
      ['greasy-spot', 'orange', true],
      ['olive-peacock-spot', 'olive', true],
    ] as const
  ).map(([targetId, hostId, evergreen]) =>
    scene({ targetId, group: 'fungus', hostId, evergreen, first: null }),
  ),
  scene({ targetId: 'euonymus-scale', group: 'armored', hostId: 'spindle', evergreen: false }),
  scene({
    targetId: 'euonymus-scale',
    group: 'armored',
    hostId: 'spindle',
    evergreen: false,
    first: logged('pyriproxyfen'),
  }),
  scene({ group: null, targetId: null, hostId: 'apple', evergreen: false }),
];

describe('the usual series', () => {
  test('each is offered somewhere, and what it writes is a series that can be kept, north and south', () => {
    const offered = new Set<string>();
    for (const one of SCENES)
      for (const southern of [false, true])
        for (const template of seriesFor({ ...one, southern })) {
          offered.add(template.id);
          const series = blankSeries({
            id: ID,
            watchId: ID,
            name: template.name,
            startedOn: '2026-05-10',
            templateId: template.id,
            steps: template.steps({ ...one, southern }),
          });
          expect([template.id, seriesRecord.safeParse(series).error?.issues ?? []]).toEqual([
            template.id,
            [],
          ]);
          for (const plan of series.steps) {
            expect(stepTitle(plan, plan.materials[0] ?? null)).not.toBe('');
            // Every series ends, comes again each year, or is for the gardener to end by looking.
            expect([
              template.id,
              plan.times !== null ||
                plan.until.length > 0 ||
                plan.trigger.kind === 'yearly' ||
                plan.action === 'look',
            ]).toEqual([template.id, true]);
            expect(rhythmWords(plan, (on) => on)).not.toContain('undefined');
          }
        }
    expect([...offered].sort()).toEqual(SERIES_TEMPLATES.map(({ id }) => id).sort());
  });

  test('speaks of schools and materials that are listed', () => {
    const schools = new Set(
      SCHOOL_QUESTIONS.flatMap(({ id, schools: all }) => all.map((school) => `${id} ${school.id}`)),
    );
    for (const { school } of SERIES_TEMPLATES)
      if (school) expect(schools).toContain(`${school.question} ${school.id}`);
    // Every way of repeating neem, of spraying crawlers and of spinosad beside oil has its series.
    for (const question of ['neem-repeat', 'crawler-sprays', 'spinosad-oil'])
      for (const { id } of SCHOOL_QUESTIONS.find((one) => one.id === question)!.schools)
        expect(SERIES_TEMPLATES.some(({ school }) => school?.question === question && school.id === id)).toBe(
          true,
        );
  });

  test('the school that is followed comes first, and what follows from work fits that work', () => {
    const neem = { first: logged('raw-neem') };
    expect(ids(neem)[0]).toBe('neem-7-14');
    expect(ids({ ...neem, schools: { 'neem-repeat': 'weekly-then-fortnightly' } })[0]).toBe(
      'neem-weekly-then-fortnightly',
    );
    expect(ids({ first: byHand('jet') })).toContain('jet-again');
    expect(ids({ first: byHand('wipe') })).not.toContain('jet-again');
    expect(ids({ first: logged('soap') })).toContain('contact-thrice');
    expect(ids({ first: logged('spinosad'), targetId: 'citrus-leaf-miner', group: 'leaf-miner' })[0]).toBe(
      'flush-alternate',
    );
  });

  test('a rust that is left alone asks for nothing, and one that is stripped is stripped, wetted thrice and looked at', () => {
    const fig = { targetId: 'fig-rust', group: 'fungus', hostId: 'fig', evergreen: false } as const;
    const strip = SERIES_TEMPLATES.find(({ id }) => id === 'rust-strip')!;
    expect(strip.steps(scene({ ...fig, first: null })).map(({ action, times }) => [action, times])).toEqual([
      ['hand', 1],
      ['spray', 3],
      ['look', 1],
    ]);
    expect(seriesFor(scene({ ...fig, schools: { 'fig-rust': 'strip' } }))[0]!.id).toBe('rust-strip');
    expect(ids({ ...fig, first: null }).at(-1)).toBe('rust-strip');
  });
});
