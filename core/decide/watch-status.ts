/** Where a watch stands between suspicion and its end. */
export type WatchStatus =
  'suspected' | 'named' | 'waiting' | 'treating' | 'clearing' | 'recovering' | 'closed' | 'ruled-out';

export interface WatchProgress {
  readonly outcome: 'open' | 'closed' | 'ruled-out';
  readonly named: boolean;
  readonly countedThisSeason: boolean;
  readonly treatedThisSeason: boolean;
  /** The last comparison between seasons showed a fall, or nothing left. */
  readonly lastChangeFell: boolean;
  /**
   * What the last count after this season's first treatment showed: nothing alive on what was counted, a fall
   * beyond chance, or neither (null, as without such a count).
   */
  readonly sinceTreating: 'clean' | 'fell' | null;
  /** Level of the last count, 0–5; null without one. */
  readonly level: number | null;
}

/** The status shown; derived, never stored. */
export function watchStatus(progress: WatchProgress): WatchStatus {
  if (progress.outcome !== 'open') return progress.outcome;
  if (!progress.named) return 'suspected';
  if (progress.sinceTreating === 'clean') return 'recovering';
  if (progress.sinceTreating === 'fell') return 'clearing';
  if (progress.lastChangeFell && progress.level !== null && progress.level <= 2) return 'clearing';
  if (progress.treatedThisSeason) return 'treating';
  return progress.countedThisSeason ? 'waiting' : 'named';
}
