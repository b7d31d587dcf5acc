import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';

/** Another copy of the program has the records open. */
export class RecordsInUseError extends Error {
  override readonly name = 'RecordsInUseError';
}

/**
 * Holds a database file for this program alone, for as long as it runs: two would each keep in memory what the
 * other changes. The lock is the system's own, beside the file, and ends with the process however that ends.
 * @returns lets go of it.
 * @throws RecordsInUseError while another has it.
 */
export function holdRecords(path: string): () => void {
  mkdirSync(dirname(path), { recursive: true, mode: 0o700 });
  const lock = new Database(`${path}.lock`, { timeout: 200 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error;
    throw new RecordsInUseError(`Another copy of the program has the records in ${path} open.`);
  }
  return () => void lock.close();
}
