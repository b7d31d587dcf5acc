/** What of this package is used; it brings no types of its own. */
declare module 'tz-lookup' {
  export default function tzLookup(latitudeDeg: number, longitudeDeg: number): string;
}
