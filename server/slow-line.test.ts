import 'fake-indexeddb/auto';
import { afterAll, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { blankGarden, blankPlant, type PhotoRecord, type Sample } from '#core/records';
import { openJournal } from '../web/outbox/journal.ts';
import { isWaiting } from '../web/outbox/journal-entry.ts';
import { createApp } from './app.ts';
import { openStore } from './store/store.ts';

/** A line of the far end of the garden: so many bytes a second go up, and every request takes a moment. */
const BYTES_PER_S = 40_000,
  MOMENT_S = 0.3;
const PHOTO_BYTES = 5_000_000;

const TODAY = '2026-05-20';
const [PLACE, PLANT, WATCH] = [v7(), v7(), v7()];
const store = openStore(':memory:', join(process.cwd(), 'server/migrations'));
const app = createApp({ store, clock: { today: () => TODAY }, demo: false }, null, (error) => {
  throw error;
});
store.putGarden(blankGarden({ name: 'G', latitudeDeg: 45, longitudeDeg: 0, timeZone: 'UTC' }));
store.putPlace({
  id: PLACE,
  name: 'Out',
  kind: 'outdoors',
  stationId: null,
  minOffsetC: 0,
  maxOffsetC: 0,
  standInIds: [],
});
store.putPlant(
  blankPlant({ id: PLANT, name: 'P', hostId: 'apple', placeId: PLACE, edible: true, age: 'young' }),
);
store.putWatch({
  id: WATCH,
  plantId: PLANT,
  openedOn: '2026-05-01',
  targetId: null,
  group: null,
  outcome: 'open',
  outcomeOn: null,
  sourcePlantId: null,
  note: '',
});
afterAll(() => store.close());

/** Eight pixels by six, with as many bytes of comment between its parts as make it that long. */
function longJpeg(bytes: number): Buffer {
  const small = Buffer.from(
    '/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDABsSFBcUERsXFhceHBsgKEIrKCUlKFE6PTBCYFVlZF9VXVtqeJmBanGQc1tdhbWGkJ6jq62rZ4C8ybqmx5moq6T/2wBDARweHigjKE4rK06kbl1upKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKT/wAARCAAGAAgDASIAAhEBAxEB/8QAFQABAQAAAAAAAAAAAAAAAAAAAAX/xAAUEAEAAAAAAAAAAAAAAAAAAAAA/8QAFAEBAAAAAAAAAAAAAAAAAAAABP/EABQRAQAAAAAAAAAAAAAAAAAAAAD/2gAMAwEAAhEDEQA/AJ4AYD//2Q==',
    'base64',
  );
  const comments: Buffer[] = [];
  for (let left = bytes - small.length; left > 4; left -= comments.at(-1)!.length) {
    const comment = Buffer.alloc(Math.min(left, 65_000), 0x20);
    comment.writeUInt16BE(0xfffe, 0);
    comment.writeUInt16BE(comment.length - 2, 2);
    comments.push(comment);
  }
  return Buffer.concat([small.subarray(0, 2), ...comments, small.subarray(2)]);
}

test('5 MB at 40 kB a second arrive, and a tally entered behind them is home within two seconds', async () => {
  let seconds = 0,
    longest = 0;
  const homeAt = new Map<string, number>();
  /** Entered while the picture is on its way. */
  let tally: { readonly enteredAt: number; readonly entry: Promise<unknown> } | null = null;
  const picture = longJpeg(PHOTO_BYTES);
  const photo: PhotoRecord = {
    id: v7(),
    watchId: WATCH,
    takenOn: TODAY,
    takenFrom: 'camera',
    scale: null,
    spots: [],
    note: '',
  };
  const sample: Sample = {
    id: v7(),
    watchId: WATCH,
    on: TODAY,
    protocol: 'twig',
    units: [{ counts: { live: 1, dead: 0, holed: 0 } }, { counts: { live: 0, dead: 0, holed: 0 } }],
    roundId: null,
    sprayId: null,
    note: '',
  };
  const journal = openJournal({
    database: 'slow-line',
    device: () => 'phone',
    noteNumber: () => undefined,
    now: () => seconds * 1000,
  });
  const enter = (path: string, record: object, image?: Blob) =>
    journal.enter(
      { method: 'PUT', path, label: path, json: JSON.stringify(record), ...(image ? { image } : {}) },
      60_000,
      { asks: false },
    );
  Object.assign(globalThis, {
    fetch: async (address: string, { method, body, headers }: RequestInit) => {
      const sent = body instanceof Blob ? Buffer.from(await body.arrayBuffer()) : Buffer.from(body as string);
      const takes = MOMENT_S + sent.length / BYTES_PER_S;
      longest = Math.max(longest, takes);
      seconds += takes;
      if (seconds > 20 && !tally)
        tally = { enteredAt: seconds, entry: enter(`/samples/${sample.id}`, sample) };
      const response = await app.request(address, {
        method: method!,
        headers: headers as Record<string, string>,
        body: new Uint8Array(sent),
      });
      if (address === '/api/journal') {
        const { entries } = JSON.parse(sent.toString()) as { entries: { path: string }[] };
        entries.forEach(({ path }) => homeAt.set(path, seconds));
      }
      return response;
    },
  });
  expect(picture.length).toBe(PHOTO_BYTES);
  await enter(`/photos/${photo.id}/image`, photo, new Blob([new Uint8Array(picture)]));
  await tally!.entry;

  expect(store.photoImage(photo.id)!.bytes.equals(picture)).toBe(true);
  expect(journal.entries().filter(isWaiting)).toEqual([]);
  expect(homeAt.get(`/samples/${sample.id}`)! - tally!.enteredAt).toBeLessThan(2);
  expect(homeAt.get(`/photos/${photo.id}/image`)).toBeGreaterThan(PHOTO_BYTES / BYTES_PER_S);
  // No request lasts so long that it could be taken for a lost line.
  expect(longest).toBeLessThan(3);
});
