import type { TargetGroup } from '#core/identify';
import type { Level, MeasureKind, Protocol } from '#core/sampling';
import { levelBounds, PROTOCOL_TEXTS } from '#knowledge';
import { showShare } from './units.ts';
import { LEVEL_WORDS } from './level-words.ts';

/** From where to where this way of counting calls a trouble so: "moderate: above 2, up to 10 live per 10 cm". */
export function levelBoundsWords(
  protocol: Protocol,
  group: TargetGroup | null,
  kind: MeasureKind,
  level: Level,
): string | null {
  const bounds: readonly number[] | undefined = levelBounds(protocol, group)?.value;
  if (!bounds) return null;
  const figure = (bound: number) =>
    kind === 'share' ? showShare(bound) : kind === 'area' ? `${bound} %` : String(bound);
  const what = PROTOCOL_TEXTS[protocol].measureName.replace(/^% /, '');
  const [from, to] = [bounds[level - 1], bounds[level]];
  if (from === undefined) return `${LEVEL_WORDS[1]} begins with the first one found`;
  if (to === undefined) return `${LEVEL_WORDS[level]} is above ${figure(from)} ${what}`;
  if (from === 0) return `${LEVEL_WORDS[level]} is up to ${figure(to)} ${what}`;
  return `${LEVEL_WORDS[level]} is above ${figure(from)}, up to ${figure(to)} ${what}`;
}
