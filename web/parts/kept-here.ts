import { z } from 'zod';

/** Something kept on this device, of a shape that may change with the program. */
export interface KeptHere<T> {
  /** Null where there is nothing, or nothing of this shape: what cannot be read stops nobody. */
  read(key: string): T | null;
  /** Null takes it away. A device that keeps nothing goes on without. */
  write(key: string, value: T | null): void;
}

/** Values of a shape, with the version of that shape; earlier programs wrote the first without a number. */
export function keptHere<T>(version: number, shape: z.ZodType<T>): KeptHere<T> {
  const numbered = z.object({ version: z.literal(version), value: shape });
  return {
    read(key) {
      try {
        const json: unknown = JSON.parse(localStorage.getItem(key) ?? 'null');
        if (json === null) return null;
        const read = numbered.safeParse(json);
        if (read.success) return read.data.value;
        const first = version === 1 ? shape.safeParse(json) : null;
        return first?.success ? first.data : null;
      } catch {
        return null;
      }
    },
    write(key, value) {
      try {
        if (value === null) localStorage.removeItem(key);
        else localStorage.setItem(key, JSON.stringify({ version, value }));
      } catch {
        // Full, or not allowed: it lives as long as the page.
      }
    },
  };
}
