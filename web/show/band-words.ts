import type { BandWhat } from '#engine';
import { inSentence } from '#knowledge';

const SPRAYS = {
  oil: 'winter oil',
  copper: 'winter copper',
  'oil-and-copper': 'winter oil and copper',
  'spur-sample': 'spur sample',
} as const;

/** What a bar of the season band is called, short enough for the band. */
export function bandWords(what: BandWhat): string {
  switch (what.kind) {
    case 'window':
      return `${inSentence(what.targetName)}${what.generation > 1 ? `, generation ${what.generation}` : ''}`;
    case 'winter':
      return `${what.plantName}, ${SPRAYS[what.spray]}`;
    case 'flush':
      return `${what.plantName}, soft flush`;
    case 'infected':
      return `${inSentence(what.targetName)} ${what.isSure ? 'got through' : 'likely got through'}`;
    case 'sprayed':
      return `${what.plantName} sprayed`;
  }
}

/** What bars that say the same of several plants, or several times, are called together. */
export function bandGroupWords(whats: readonly BandWhat[]): string {
  const [what] = whats;
  if (!what) return '';
  if (whats.length === 1) return bandWords(what);
  switch (what.kind) {
    case 'window':
      return `${bandWords(what)}, ${whats.length} plants`;
    case 'winter':
      return `${SPRAYS[what.spray]}, ${whats.length} plants`;
    case 'flush':
      return `soft flush, ${whats.length} plants`;
    case 'infected':
      return `${bandWords(what)}, ${whats.length} times`;
    case 'sprayed':
      return `${whats.length} sprays`;
  }
}
