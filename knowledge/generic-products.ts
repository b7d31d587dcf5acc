import { TARGET_GROUPS } from '#core/identify';
import type { Product } from '#core/materials';
import type { RecipePart } from '#core/mix';
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
export function genericProduct(materialId: string, newId: () => string): Product {
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

/**
 * A part of a home mix as it stands on the shelf: as it was bought, with no label for plants. Its line holds the
 * recipe's own amount and no other, so that no bench can offer more.
 */
export function kitchenProduct(
  materialId: string,
  { name, by, perLitre }: Pick<RecipePart, 'name' | 'by' | 'perLitre'>,
  newId: () => string,
): Product {
  const inMixes = line(
    newId(),
    'In home mixes; no label',
    ['in-leaf', 'dormant', 'delayed-dormant'],
    [perLitre, perLitre],
    {
      groups: TARGET_GROUPS,
      rateUnit: by === 'weight' ? 'g-per-l' : 'ml-per-l',
    },
  );
  return {
    ...genericProduct(materialId, newId),
    name,
    formulation: by === 'weight' ? 'powder' : materialById(materialId).formulation,
    unlabelled: true,
    lines: [inMixes],
  };
}
