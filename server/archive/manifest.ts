import { z } from 'zod';

export const ARCHIVE_FORMAT = 'juglans-archive';
export const ARCHIVE_VERSION = 1;

const entry = z.object({
  name: z.string().max(200),
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  bytes: z.number().int().min(0),
});

/** What an archive says of itself; written last, so that one cut short has none. */
export const manifestSchema = z.object({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.number().int().min(1),
  /** The database's schema version its rows are written in. */
  schema: z.number().int().min(1),
  /** The garden's day it was made on. */
  day: z.string().max(10),
  rows: z.record(z.string().max(40), z.number().int().min(0)),
  entries: z.array(entry).max(300_000),
});
export type Manifest = z.infer<typeof manifestSchema>;

/** The only names an archive may hold. A name from a file never becomes a path. */
export const ENTRY_NAME =
  /^(manifest\.json|records\/[a-z_]{1,40}\.jsonl|photos\/[0-9a-f-]{36}\.(jpg|png|webp)|csv\/[a-z-]{1,40}\.csv|README\.txt)$/;
