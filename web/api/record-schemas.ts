/**
 * The schemas of all records, to be asked for when one is first edited. Asked for by their own index they would
 * come with the first page, which needs other names of that index.
 */
export * from '#core/records';
