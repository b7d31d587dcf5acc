import { parentPort, workerData } from 'node:worker_threads';
import { type FileAsked, type FileRead, readWeatherFile } from './weather-file.ts';

/** What the worker tells: how far it is, then what came of it. */
export type WorkerWord = { readonly share: number } | { readonly read: FileRead };

const tell = (word: WorkerWord) => parentPort!.postMessage(word);

tell({ read: readWeatherFile(workerData as FileAsked, (share) => tell({ share })) });
