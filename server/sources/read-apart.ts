import { Worker } from 'node:worker_threads';
import type { FileAsked, FileRead } from './weather-file.ts';
import type { WorkerWord } from './weather-file-worker.ts';

/** Reads a file and tells how far it is; `stop` gives it up, and the promise then fails. */
export type ReadFile = (
  asked: FileAsked,
  onShare: (share: number) => void,
  stop: AbortSignal,
) => Promise<FileRead>;

/** Reads files on a thread of their own, so that the server answers meanwhile. `program` is the built worker. */
export const readApart =
  (program: string): ReadFile =>
  (asked, onShare, stop) =>
    new Promise((resolve, reject) => {
      const worker = new Worker(program, { workerData: asked });
      const giveUp = () => void worker.terminate();
      stop.addEventListener('abort', giveUp, { once: true });
      worker.on('message', (word: WorkerWord) => ('read' in word ? resolve(word.read) : onShare(word.share)));
      worker.once('error', reject);
      worker.once('exit', () => {
        stop.removeEventListener('abort', giveUp);
        reject(new Error('the reading was given up'));
      });
    });
