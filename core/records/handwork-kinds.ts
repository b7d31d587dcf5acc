/** What is done by hand against a trouble. */
export const HANDWORK_KINDS = [
  'prune',
  'pinch',
  'strip',
  'brush',
  'wipe',
  'dip',
  'jet',
  'band',
  'clear',
  'urea',
  'shelter',
  'bags',
  'helpers',
] as const;
export type HandworkKind = (typeof HANDWORK_KINDS)[number];
