import { type Answers } from '#core/identify';

/**
 * What somebody saw on a plant, and what it was. Written from descriptions of the troubles. About a
 * third of the troubles had their words before; the rest got theirs afterwards. None was tuned to a case.
 */
export interface Case {
  readonly host: string;
  /** Month in the north, 1–12. */
  readonly month: number;
  readonly sheltered: boolean;
  readonly answers: Answers;
  readonly group: string;
  /** Null when the answers cannot tell more than the group. */
  readonly target: string | null;
}

/**
 * Writes a case on one line: signs seen, signs looked for and not seen, tests as check=answer.
 * A host marked with * stands under glass.
 */
export function seen(
  host: string,
  month: number,
  yes: string,
  no: string,
  tests: string,
  group: string,
  target: string | null,
): Case {
  const split = (list: string) => list.split(' ').filter(Boolean);
  return {
    host: host.replace('*', ''),
    month,
    sheltered: host.endsWith('*'),
    group,
    target,
    answers: Object.fromEntries([
      ...split(yes).map((id) => [id, 'yes']),
      ...split(no).map((id) => [id, 'no']),
      ...split(tests).map((pair) => pair.split('=') as [string, string]),
    ]),
  };
}
