/** A station's name as its files begin with it: small letters, digits and dashes. */
export function fileStart(stationName: string): string {
  return stationName
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
}
