import { answeredHere } from '../outbox/garden-here.ts';
import { ApiProblem } from './client.ts';

/** The server's answer; where it cannot be reached, this device's own from the records it keeps, if it can. */
export async function orHere<Answer extends object>(
  asked: Promise<Answer>,
  here: Parameters<typeof answeredHere<Answer | null>>[0],
): Promise<Answer> {
  try {
    return await asked;
  } catch (error) {
    const workedOut = error instanceof ApiProblem && error.status === 0 ? await answeredHere(here) : null;
    if (workedOut === null) throw error;
    return workedOut;
  }
}
