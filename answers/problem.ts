import type { Context } from 'hono';
import type { ContentfulStatusCode } from 'hono/utils/http-status';

/** A message that belongs beside one field, addressed by its path in the record sent. */
export interface FieldError {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** Problem details after RFC 9457, with field messages. */
export interface ProblemBody {
  readonly type: 'about:blank';
  readonly title: string;
  readonly status: number;
  readonly detail?: string;
  readonly errors?: readonly FieldError[];
  /** The record as it stands, where another edit came first. */
  readonly meanwhile?: object;
}

/** An answer that is not what was asked for, in words for the person who asked. */
export class Problem extends Error {
  override readonly name = 'Problem';
  readonly status: ContentfulStatusCode;
  readonly errors: readonly FieldError[];
  readonly meanwhile: object | undefined;

  constructor(
    status: ContentfulStatusCode,
    title: string,
    errors: readonly FieldError[] = [],
    meanwhile?: object,
  ) {
    super(title);
    this.status = status;
    this.errors = errors;
    this.meanwhile = meanwhile;
  }
}

export function problemResponse(context: Context, problem: Problem) {
  const body: ProblemBody = {
    type: 'about:blank',
    title: problem.message,
    status: problem.status,
    ...(problem.errors.length > 0 ? { errors: problem.errors } : {}),
    ...(problem.meanwhile === undefined ? {} : { meanwhile: problem.meanwhile }),
  };
  return context.body(JSON.stringify(body), problem.status, { 'content-type': 'application/problem+json' });
}

/** One field is wrong although each by itself was well formed. */
export function fieldProblem(field: string, message: string): Problem {
  return new Problem(422, 'Something needs correcting before it can be kept.', [{ path: [field], message }]);
}

/** @throws Problem 404 when it is not there. */
export function orNotFound<T>(record: T | undefined | null, what: string): T {
  if (record === undefined || record === null) throw new Problem(404, `There is no such ${what}.`);
  return record;
}
