import 'fake-indexeddb/auto';
import { afterAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Sample, Watch } from '#core/records';
import { addDays } from '#core/calendar';
import { type Journal, openJournal } from '../web/outbox/journal.ts';
import { isWaiting } from '../web/outbox/journal-entry.ts';
import { oneWatch, twoTwigs } from './one-watch.ts';

/**
 * Two devices walk the same garden: each counts, edits and takes out, loses its signal, loses answers, tells things
 * twice, and meets what the other did. Whatever comes of it, nothing is lost, doubled, or written over unseen.
 */

const TODAY = '2026-05-20';
const id = (n: number) => `01900000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const line = fc.constantFrom('ok', 'ok', 'ok', 'gone', 'answer lost', 'twice', 'late');
const step = fc.record({
  device: fc.constantFrom(0, 1),
  does: fc.constantFrom('count', 'edit note', 'edit day', 'take out', 'look', 'send', 'send'),
  lines: fc.array(line, { minLength: 1, maxLength: 3 }),
});
const devicesOff = fc.tuple(fc.integer({ min: -1, max: 1 }), fc.integer({ min: -1, max: 1 }));

interface Device {
  readonly journal: Journal;
  readonly clockOffDays: number;
  /** The watch as it knows it, and the counts it made. */
  watch: Watch;
  readonly counts: Map<string, { readonly on: string; out: boolean }>;
}

let universes = 0;

const { store, app, errors, watch: FRESH } = oneWatch(TODAY);
const BEFORE: Watch = { ...FRESH, note: 'as it was' };
const WATCH = BEFORE.id;
function beginAnew(): void {
  store.db.exec('DELETE FROM sample; DELETE FROM watch; DELETE FROM unsettled; DELETE FROM delivery');
  store.putWatch(BEFORE);
}
afterAll(() => store.close());

const count = (sampleId: string, on: string, note: string): Sample =>
  twoTwigs(WATCH, { id: sampleId, on, note });

test('200 random walks of two devices: nothing lost, nothing doubled, nothing written over unseen', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(step, { minLength: 4, maxLength: 25 }), devicesOff, async (steps, off) => {
      beginAnew();
      let lines: string[] = [];
      const hanging: (() => Promise<Response>)[] = [];
      Object.assign(globalThis, {
        fetch: async (address: string, init: RequestInit) => {
          const how = lines.shift() ?? 'ok';
          if (how === 'gone') throw new TypeError('no signal');
          const { body, method, headers } = init;
          const asked = async () =>
            app.request(address, {
              method: method!,
              headers: headers as Record<string, string>,
              body: body!,
            });
          // It hangs in the network, and comes after what was told since.
          if (how === 'late') {
            hanging.push(asked);
            throw new TypeError('no signal');
          }
          const answered = await asked();
          for (const late of hanging.splice(0)) await late();
          if (how === 'answer lost') throw new TypeError('no signal');
          return how === 'twice' ? asked() : answered;
        },
      });
      const universe = ++universes;
      const devices = off.map((clockOffDays, i): Device => ({
        journal: openJournal({
          database: `walk-${universe}-${i}`,
          device: () => `device-${i}`,
          noteNumber: () => undefined,
          now: () => clockOffDays * 86_400_000,
        }),
        clockOffDays,
        watch: store.watch(WATCH)!,
        counts: new Map(),
      }));
      /** Every value anybody gave a field of the watch, and every value somebody had before him who did. */
      const values: { field: keyof Watch; value: unknown }[] = [];
      const hadSeen = new Set<string>();
      let n = 100;
      const enter = (device: Device, entry: Parameters<Journal['enter']>[0]) =>
        device.journal.enter(entry, 5000, { asks: false });

      const edit = (device: Device, field: 'note' | 'openedOn', value: string) => {
        const from = device.watch;
        values.push({ field, value });
        hadSeen.add(`${field} ${String(from[field])}`);
        device.watch = { ...from, [field]: value };
        return enter(device, {
          method: 'PUT',
          path: `/watches/${WATCH}`,
          label: 'watch',
          json: JSON.stringify(device.watch),
          from: JSON.stringify(from),
        });
      };

      for (const { device: which, does, lines: how } of steps) {
        const device = devices[which]!;
        lines = [...how];
        const on = addDays(TODAY, device.clockOffDays);
        if (does === 'count') {
          const sampleId = id(n++);
          device.counts.set(sampleId, { on, out: false });
          await enter(device, {
            method: 'PUT',
            path: `/samples/${sampleId}`,
            label: 'count',
            json: JSON.stringify(count(sampleId, on, `by ${which}`)),
          }).then((became) => became.kind === 'refused' && device.counts.delete(sampleId));
        } else if (does === 'edit note') await edit(device, 'note', `note ${n++}`);
        else if (does === 'edit day') await edit(device, 'openedOn', addDays('2026-01-01', n++ - 100));
        else if (does === 'take out') {
          const [sampleId, made] = [...device.counts].find(([, { out }]) => !out) ?? [];
          if (!sampleId) continue;
          made!.out = true;
          const seen = count(sampleId, made!.on, `by ${which}`);
          await enter(device, {
            method: 'DELETE',
            path: `/samples/${sampleId}`,
            label: 'count',
            from: JSON.stringify(seen),
          });
        } else if (does === 'send') await device.journal.send();
        // What is packed anew is what one goes on from, if nothing of one's own waits.
        else if (how[0] === 'ok' && device.journal.entries().every((entry) => !isWaiting(entry)))
          device.watch = store.watch(WATCH)!;
      }
      lines = [];
      for (const device of [...devices, ...devices]) await device.journal.send();

      const left = devices.flatMap(({ journal }) => journal.entries().filter(isWaiting));
      // Only what lies ahead of the garden's day may still wait, with its reason.
      for (const entry of left) expect(entry.refused).toContain('lies ahead');
      const refused = new Set(left.map(({ path }) => path));
      const expected = devices
        .flatMap(({ counts }) => [...counts])
        .filter(([sampleId, { out }]) => !out && !refused.has(`/samples/${sampleId}`))
        .map(([sampleId]) => sampleId);
      expect(
        store
          .samples(WATCH)
          .map((sample) => sample.id)
          .sort(),
      ).toEqual(expected.sort());

      const stands = store.watch(WATCH)!;
      const aside = store.unsettled();
      const asideValues = aside.map(({ field, value }) => `${field} ${String(value)}`);
      expect(new Set(asideValues).size).toBe(asideValues.length);
      for (const { field, value } of values) {
        const told = `${field} ${String(value)}`;
        const isThere = stands[field] === value || asideValues.includes(told) || hadSeen.has(told);
        expect([told, isThere]).toEqual([told, true]);
      }
      expect(errors).toEqual([]);
    }),
    { numRuns: 200, seed: 7 },
  );
}, 120_000);
