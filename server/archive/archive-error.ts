/** What is wrong with an archive, in words for the person who brought it. Nothing was changed. */
export class ArchiveError extends Error {
  override readonly name = 'ArchiveError';
}
