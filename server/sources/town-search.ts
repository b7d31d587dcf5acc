import tzLookup from 'tz-lookup';

/** A town as it is looked up to say where a garden is. */
export interface Town {
  readonly name: string;
  /** ISO 3166, two letters. */
  readonly country: string;
  /** Its state or region as the list abbreviates it; empty where that is only a number. */
  readonly region: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly timeZone: string;
}

/** A place as the package lists it. */
export interface ListedPlace {
  readonly name: string;
  readonly country: string;
  readonly adminCode: string;
  readonly population: number;
  readonly loc: { readonly coordinates: readonly [longitudeDeg: number, latitudeDeg: number] };
}

export type TownList = readonly Listed[];

interface Listed {
  readonly town: Omit<Town, 'timeZone'>;
  readonly plain: string;
  readonly people: number;
}

/** States are known by their letters; these are not. */
const NATIONS: Readonly<Record<string, string>> = {
  ENG: 'England',
  SCT: 'Scotland',
  WLS: 'Wales',
  NIR: 'Northern Ireland',
};
const MOST = 8;
const countries = new Intl.DisplayNames(['en'], { type: 'region' });

/** Small letters without accents or marks, as people type them. */
const plainly = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** Places as they are listed, the largest first. */
export function townList(places: readonly ListedPlace[]): TownList {
  return places
    .map(({ name, country, adminCode, population, loc }): Listed => ({
      town: {
        name,
        country,
        region: regionOf(country, adminCode),
        latitudeDeg: hundredth(loc.coordinates[1]),
        longitudeDeg: hundredth(loc.coordinates[0]),
      },
      plain: plainly(name),
      people: population,
    }))
    .sort((a, b) => b.people - a.people);
}

/** A state by its letters, a nation of the United Kingdom by its name; numbers tell nobody anything. */
function regionOf(country: string, adminCode: string): string {
  if (country === 'GB') return NATIONS[adminCode] ?? '';
  return /^[A-Z]+$/.test(adminCode) ? adminCode : '';
}

/**
 * Towns by the start of their name, the largest first; what follows a comma narrows them to a country or region,
 * as in "Hanover, PA". Empty for fewer than two letters.
 */
export function townsNamed(list: TownList, typed: string): Town[] {
  const [name, ...where] = typed.split(',').map(plainly);
  if (!name || name.length < 2) return [];
  const listed = list.filter(
    ({ plain, town }) => plain.startsWith(name) && where.every((part) => liesIn(town, part)),
  );
  const exact = listed.filter(({ plain }) => plain === name);
  const longer = listed.filter(({ plain }) => plain !== name);
  return [...exact, ...longer].slice(0, MOST).map(({ town }) => withZone(town));
}

/** The listed town nearest to a position; null in the middle of an ocean. */
export function townNearest(list: TownList, latitudeDeg: number, longitudeDeg: number): Town | null {
  const narrower = Math.cos((latitudeDeg * Math.PI) / 180);
  let nearest: Listed['town'] | null = null;
  let leastSquare = FARTHEST_DEG ** 2;
  for (const { town } of list) {
    const north = town.latitudeDeg - latitudeDeg;
    const east = (((town.longitudeDeg - longitudeDeg + 540) % 360) - 180) * narrower;
    const square = north * north + east * east;
    if (square >= leastSquare) continue;
    leastSquare = square;
    nearest = town;
  }
  return nearest && withZone(nearest);
}

/** About 300 km. */
const FARTHEST_DEG = 3;

const liesIn = ({ country, region }: Listed['town'], part: string) =>
  part === '' ||
  plainly(country) === part ||
  plainly(region) === part ||
  plainly(countries.of(country) ?? '').startsWith(part) ||
  (country === 'GB' && part === 'uk') ||
  (country === 'US' && part === 'usa');

const withZone = (town: Listed['town']): Town => ({
  ...town,
  timeZone: tzLookup(town.latitudeDeg, town.longitudeDeg),
});

const hundredth = (value: number) => Math.round(value * 100) / 100;
