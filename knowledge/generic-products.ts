import type { Product } from '#core/materials';
import { materialById } from './materials.ts';

type Line = Product['lines'][number];

const SCALE_AND_SUCKERS = ['armored', 'soft', 'felt', 'giant', 'sap-sucker', 'mite'] as const;

const line = (
  id: string,
  crop: string,
  leafStates: Line['leafStates'],
  [rateLow, rateHigh]: readonly [number, number],
  more: Partial<Line>,
): Line => ({
  id,
  crop,
  region: '',
  hostIds: [],
  groups: SCALE_AND_SUCKERS,
  leafStates,
  rateLow,
  rateHigh,
  rateUnit: 'percent',
  leastC: null,
  greatestC: null,
  intervalDays: null,
  usesPerYear: null,
  mostPerYear: null,
  daysToHarvest: null,
  reentryHours: null,
  rainFreeHours: null,
  ...more,
});

/**
 * A product as its material usually is, to begin from: usual rates stand in its lines where there
 * are any, until the real label is copied. `newId` makes the ids.
 */
export function genericProduct(
  materialId: string,
  newId: () => string,
): Omit<Product, 'strengthPercent'> & { readonly strengthPercent: number | null } {
  const material = materialById(materialId);
  const { usual } = material;
  const oil = material.isOil ? { leastC: 4, rainFreeHours: 24 } : {};
  const lines = [
    ...(usual?.inLeaf
      ? [
          line(
            newId(),
            `Usual in leaf, until you copy the label: ${material.name.toLowerCase()}`,
            ['in-leaf'],
            usual.inLeaf,
            oil,
          ),
        ]
      : []),
    ...(usual?.dormant && material.isOil
      ? [
          line(
            newId(),
            `Usual on bare wood, until you copy the label: ${material.name.toLowerCase()}`,
            ['dormant', 'delayed-dormant'],
            usual.dormant,
            oil,
          ),
        ]
      : []),
  ];
  return {
    id: newId(),
    name: material.name,
    materialId,
    strengthPercent: null,
    containsOil: material.isOil,
    formulation: material.formulation,
    modeOfAction: material.modeOfAction,
    organic: material.organic,
    unlabelled: false,
    mustNotTouch: '',
    apart: [],
    stock: null,
    expiresOn: null,
    pack: null,
    lines,
  };
}
