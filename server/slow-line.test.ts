import 'fake-indexeddb/auto';
import { afterAll, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { PhotoRecord } from '#core/records';
import { openJournal } from '../web/outbox/journal.ts';
import { isWaiting } from '../web/outbox/journal-entry.ts';
import { oneWatch, SMALL_JPEG, twoTwigs } from './one-watch.ts';

/** A line of the far end of the garden: so many bytes a second go up, and every request takes a moment. */
const BYTES_PER_S = 40_000,
  MOMENT_S = 0.3;
const PHOTO_BYTES = 5_000_000;

const TODAY = '2026-05-20';
const { store, app, errors, watch } = oneWatch(TODAY);
afterAll(() => {
  store.close();
  expect(errors).toEqual([]);
});

/** Eight pixels by six, with as many bytes of comment between its parts as make it that long. */
function longJpeg(bytes: number): Buffer {
  const comments: Buffer[] = [];
  for (let left = bytes - SMALL_JPEG.length; left > 4; left -= comments.at(-1)!.length) {
    const comment = Buffer.alloc(Math.min(left, 65_000), 0x20);
    comment.writeUInt16BE(0xfffe, 0);
    comment.writeUInt16BE(comment.length - 2, 2);
    comments.push(comment);
  }
  return Buffer.concat([SMALL_JPEG.subarray(0, 2), ...comments, SMALL_JPEG.subarray(2)]);
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
    watchId: watch.id,
    plantId: null,
    takenOn: TODAY,
    takenFrom: 'camera',
    scale: null,
    spots: [],
    tagId: null,
    spot: null,
    note: '',
  };
  const sample = twoTwigs(watch.id, { on: TODAY });
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
