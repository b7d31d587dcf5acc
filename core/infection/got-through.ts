import type { InfectionWord } from './infection-word.ts';

/** What is known of a wet time on bare leaves. */
export interface BareOutcome {
  /** "through" where nothing, or too little, covered what it could infect. */
  readonly standing: string;
  readonly word: InfectionWord | null;
  /** What was found on the days its spots would show. */
  readonly seen: { readonly kind: 'spots' | 'none' | 'not-looked' | 'not-yet' };
}

/** Whether it likely infected what nothing covered: by its spots, if somebody looked, else as far as it is told. */
export function gotThrough({ standing, word, seen }: BareOutcome): boolean {
  if (standing !== 'through' || seen.kind === 'none') return false;
  return seen.kind === 'spots' || word === 'likely' || word === 'sure';
}
