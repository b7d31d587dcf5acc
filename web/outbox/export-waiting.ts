import type { JournalEntry } from './journal-entry.ts';

/** What waits, in words a person or another program can read; pictures as data addresses. */
async function waitingFile(entries: readonly JournalEntry[]): Promise<string> {
  const told = await Promise.all(
    entries.map(async ({ seq, method, path, label, on, json, from, refused, image }) => ({
      number: seq,
      what: label,
      enteredOn: on ?? null,
      method,
      address: path,
      record: json === undefined ? null : (JSON.parse(json) as unknown),
      asItWas: from === undefined ? null : (JSON.parse(from) as unknown),
      refused: refused ?? null,
      ...(image ? { picture: await dataAddress(image) } : {}),
    })),
  );
  return JSON.stringify({ waiting: told }, null, 2);
}

function dataAddress(image: Blob): Promise<string> {
  return new Promise((done, failed) => {
    const reader = new FileReader();
    reader.addEventListener('load', () => done(String(reader.result)));
    reader.addEventListener('error', () => failed(new Error('the picture cannot be read')));
    reader.readAsDataURL(image);
  });
}

/** Saves what waits as a file of the device. */
export async function exportWaiting(entries: readonly JournalEntry[]): Promise<void> {
  const file = new Blob([await waitingFile(entries)], { type: 'application/json' });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = 'waiting-entries.json';
  link.click();
  URL.revokeObjectURL(link.href);
}
