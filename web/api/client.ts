import { ask } from '../outbox/ask.ts';
import { API_AT } from './at-moment.ts';
import { hc } from 'hono/client';
import type { Api } from '#server/app';
import type { FieldError, ProblemBody } from '#answers';

export const api = hc<Api>(API_AT, { fetch: ask });

/** What the server would not do, with its messages for single fields. */
export class ApiProblem extends Error {
  override readonly name = 'ApiProblem';
  readonly status: number;
  readonly errors: readonly FieldError[];
  /** The record as it stands, where another edit came first. */
  readonly meanwhile: unknown;

  constructor(status: number, title: string, errors: readonly FieldError[], meanwhile?: unknown) {
    super(title);
    this.status = status;
    this.errors = errors;
    this.meanwhile = meanwhile;
  }
}

/** Waits for an answer and reads it; a refusal or a lost connection becomes an {@link ApiProblem}. */
export async function answer<T>(
  request: Promise<{ ok: boolean; status: number; json(): Promise<T> }>,
): Promise<T> {
  const response = await request.catch(() => {
    throw new ApiProblem(
      0,
      'The server cannot be reached. Nothing was lost: what you entered is still here.',
      [],
    );
  });
  if (response.ok) return response.status === 204 ? (undefined as T) : response.json();
  const problem = (await response.json().catch(() => null)) as ProblemBody | null;
  throw new ApiProblem(
    response.status,
    problem?.title ?? 'The server gave no answer that makes sense.',
    problem?.errors ?? [],
    problem?.meanwhile,
  );
}
