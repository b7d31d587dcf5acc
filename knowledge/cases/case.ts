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

/**
 * Reads cases from lines: "host month | seen | looked for and not seen | tests | group target"; "-" for a
 * target where the answers cannot tell more than the group. Empty parts may be left blank.
 */
export function casesFrom(lines: string): readonly Case[] {
  return lines
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '' && !line.startsWith('#'))
    .map((line) => {
      const [scene, yes, no, tests, name] = line.split('|').map((part) => part.trim());
      const [host, month] = scene!.split(' ');
      const [group, target] = name!.split(' ');
      return seen(host!, Number(month), yes!, no!, tests!, group!, target === '-' ? null : target!);
    });
}
