/** The record of that id, if it is there. */
export const byId = <T extends { readonly id: string }>(records: readonly T[], id: string): T | undefined =>
  records.find((record) => record.id === id);
