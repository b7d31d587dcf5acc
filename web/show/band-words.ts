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
