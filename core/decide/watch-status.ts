/** Where a watch stands between suspicion and its end. */
export type WatchStatus =
  'suspected' | 'named' | 'waiting' | 'treating' | 'clearing' | 'closed' | 'ruled-out';

export interface WatchProgress {
  readonly outcome: 'open' | 'closed' | 'ruled-out';
  readonly named: boolean;
  readonly countedThisSeason: boolean;
  readonly treatedThisSeason: boolean;
  /** The last comparison between seasons showed a fall, or nothing left. */
  readonly lastChangeFell: boolean;
  /** Level of the last count, 0–5; null without one. */
  readonly level: number | null;
}

/** The status shown; derived, never stored. */
export function watchStatus(progress: WatchProgress): WatchStatus {
  if (progress.outcome !== 'open') return progress.outcome;
  if (!progress.named) return 'suspected';
  if (progress.lastChangeFell && progress.level !== null && progress.level <= 2) return 'clearing';
  if (progress.treatedThisSeason) return 'treating';
  return progress.countedThisSeason ? 'waiting' : 'named';
}
