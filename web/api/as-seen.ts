import { versionOf } from '#core/meeting';

/** The header that says in which state a record was seen. */
export const asSeen = (record: object): { readonly 'if-match': string } => ({
  'if-match': `"${versionOf(record)}"`,
});
