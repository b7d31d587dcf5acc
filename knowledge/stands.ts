import { HOST_SAYS } from './host-says.ts';
import { hostById, SOAP_TENDER_HOSTS, SULFUR_SHY_HOSTS } from './hosts.ts';

/** How a kind of plant bears a material: as usual, with care, only while bare, or not at all. */
export interface Stands {
  readonly material: 'oil' | 'soap' | 'sulfur' | 'copper';
  readonly how: 'usual' | 'care' | 'bare-only' | 'no';
  /** What speaks against it, or asks for care; null where nothing does. */
  readonly says: string | null;
}

const OIL = {
  usual: { how: 'usual', says: null },
  'dormant-only': { how: 'bare-only', says: HOST_SAYS['oil-dormant-only'] },
  'test-first': { how: 'care', says: HOST_SAYS['oil-test'] },
  avoid: { how: 'no', says: HOST_SAYS['oil-avoid'] },
} as const;

/** What a kind of plant stands of the four materials that hurt some; the label still rules over it (grade C). */
export function standsOf(hostId: string): readonly Stands[] {
  const sulfur = SULFUR_SHY_HOSTS.get(hostId);
  return [
    { material: 'oil', ...OIL[hostById(hostId).oil] },
    SOAP_TENDER_HOSTS.has(hostId)
      ? { material: 'soap', how: 'care', says: HOST_SAYS['soap-tender'] }
      : { material: 'soap', how: 'usual', says: null },
    sulfur === undefined
      ? { material: 'sulfur', how: 'usual', says: null }
      : sulfur === 'always'
        ? { material: 'sulfur', how: 'no', says: HOST_SAYS['sulfur-never'] }
        : { material: 'sulfur', how: 'care', says: HOST_SAYS['sulfur-some'] },
    { material: 'copper', how: 'care', says: HOST_SAYS['copper-in-leaf'] },
  ];
}
