import {
  FEWEST_ANSWERS,
  GROUP_FROM,
  NAMED_FROM,
  SOMETHING_ELSE,
  type Check,
  type Naming,
} from '#core/identify';
import { CHECKS, GROUPS, inSentence, targetById, TARGETS, UNLISTED } from '#knowledge';
import { capital } from '../../../show/sentence.ts';
import { showShare } from '../../../show/units.ts';

const CHECK = new Map(CHECKS.map((check) => [check.id, check]));
const LISTED = new Set(TARGETS.map(({ id }) => id));
const KIND = new Map(UNLISTED.map((kind) => [kind.id, kind]));

export const checkOf = (checkId: string): Check => CHECK.get(checkId)!;
export const unlistedKind = (id: string) => KIND.get(id) ?? null;

/** What a standing is called, listed or not. */
export function standingName(id: string): string {
  if (LISTED.has(id)) return targetById(id).name;
  return id === SOMETHING_ELSE ? 'Something not in the list' : (KIND.get(id)?.name ?? id);
}

export function reasonWords(checkId: string, answerId: string): string {
  const check = checkOf(checkId);
  if (check.kind === 'sign') return answerId === 'yes' ? check.name : `no ${check.name.replace(/^an? /, '')}`;
  return `${check.name}: ${check.answers.find((answer) => answer.id === answerId)!.label.toLowerCase()}`;
}

/** Names in a row: "a, b or c". */
export function orList(ids: readonly string[]): string {
  const names = ids.map((id) => inSentence(standingName(id)));
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`;
}

export function verdictTitle({ verdict }: Naming): string {
  switch (verdict.kind) {
    case 'named':
      return targetById(verdict.targetId).name;
    case 'alike':
      return capital(orList(verdict.targetIds));
    case 'group':
      return `${GROUPS[verdict.group].name}, species open`;
    case 'none-of-these':
      return 'Not one of these';
    case 'not-enough':
      return 'Not enough to name it';
  }
}

export function verdictLead({ verdict, answered, likeUnlisted }: Naming): string {
  switch (verdict.kind) {
    case 'named':
      return GROUPS[targetById(verdict.targetId).group].meaning;
    case 'alike':
      return `Which of them changes nothing: they are dealt with alike. ${GROUPS[verdict.group].meaning}`;
    case 'group':
      return `${GROUPS[verdict.group].meaning} The group is often all a decision needs.`;
    case 'none-of-these': {
      const kind = likeUnlisted === null ? null : unlistedKind(likeUnlisted);
      return kind
        ? `I do not know this one. It looks most like ${kind.name}. ${kind.advice}`
        : 'I do not know this one. A lab or local adviser can tell.';
    }
    case 'not-enough':
      return answered < FEWEST_ANSWERS
        ? `It takes at least ${FEWEST_ANSWERS} answers; ${answered} so far.`
        : `A name needs ${showShare(NAMED_FROM)}, a group ${showShare(GROUP_FROM)}. Look on below.`;
  }
}
