import { zValidator } from '@hono/zod-validator';
import type { z } from 'zod';
import { fieldWords } from '#knowledge';
import { Problem } from './problem.ts';

/** Reads a JSON body by a record's schema; what does not fit becomes messages beside the fields. */
export function jsonBody<Schema extends z.ZodType>(schema: Schema) {
  return zValidator('json', schema, (result) => {
    if (!result.success) throw asProblem(result.error.issues);
  });
}

export function query<Schema extends z.ZodType>(schema: Schema) {
  return zValidator('query', schema, (result) => {
    if (!result.success) throw asProblem(result.error.issues);
  });
}

/** A schema's complaints as messages beside the fields. */
export function asProblem(issues: readonly { path: PropertyKey[]; message: string }[]): Problem {
  return new Problem(
    422,
    'Something needs correcting before it can be kept.',
    issues.slice(0, 50).map((issue) => ({
      path: issue.path.map((part) => (typeof part === 'symbol' ? String(part) : part)),
      message: fieldWords(issue.message),
    })),
  );
}
