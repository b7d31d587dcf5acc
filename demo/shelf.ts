import type { LocalAdvice, ProductRecord, Sprayer } from '#core/records';
import { adviceId, lineId, productId, sprayerId } from './ids.ts';

type Line = ProductRecord['lines'][number];

const line: Omit<Line, 'id' | 'crop' | 'groups' | 'leafStates' | 'rateLow' | 'rateHigh' | 'rateUnit'> = {
  region: '',
  hostIds: [],
  leastC: 4,
  greatestC: 29,
  intervalDays: 14,
  usesPerYear: 6,
  mostPerYear: null,
  daysToHarvest: 0,
  reentryHours: 4,
  rainFreeHours: 24,
};

const product: Pick<
  ProductRecord,
  'modeOfAction' | 'organic' | 'unlabelled' | 'mustNotTouch' | 'apart' | 'expiresOn'
> = { modeOfAction: '', organic: true, unlabelled: false, mustNotTouch: '', apart: [], expiresOn: null };

export const OIL = { product: productId(1), leafLine: lineId(1), bareLine: lineId(2) } as const;
export const SULFUR = { product: productId(4), line: lineId(6) } as const;
export const SOAP = { product: productId(2), line: lineId(4) } as const;

export const PRODUCTS: readonly ProductRecord[] = [
  {
    ...product,
    stock: { amount: 900, countedOn: '2026-05-01' },
    pack: { amount: 1000, price: 18.5 },
    mustNotTouch: 'Sulfur within 30 days.',
    apart: [{ ingredient: 'sulfur', days: 30 }],
    id: OIL.product,
    name: 'Horticultural oil, all seasons',
    materialId: 'mineral-oil',
    strengthPercent: 98,
    containsOil: true,
    formulation: 'emulsifiable-oil',
    lines: [
      {
        ...line,
        id: OIL.leafLine,
        crop: 'Trees and shrubs in leaf',
        groups: ['armored', 'soft', 'felt', 'giant'],
        leafStates: ['in-leaf'],
        rateLow: 1,
        rateHigh: 2,
        rateUnit: 'percent',
      },
      {
        ...line,
        id: OIL.bareLine,
        crop: 'Deciduous trees and shrubs, dormant to delayed dormant',
        groups: ['armored', 'soft', 'felt', 'giant'],
        leafStates: ['dormant', 'delayed-dormant'],
        rateLow: 2,
        rateHigh: 4,
        rateUnit: 'percent',
        usesPerYear: 2,
      },
      {
        ...line,
        id: lineId(3),
        crop: 'Citrus, camellia and house plants',
        hostIds: ['lemon', 'orange', 'calamondin', 'kumquat', 'camellia'],
        groups: ['armored', 'soft', 'leaf-miner'],
        leafStates: ['in-leaf'],
        rateLow: 1,
        rateHigh: 1.5,
        rateUnit: 'percent',
      },
    ],
  },
  {
    ...product,
    stock: { amount: 400, countedOn: '2026-05-01' },
    pack: { amount: 500, price: 9 },
    id: SOAP.product,
    name: 'Insecticidal soap',
    materialId: 'soap',
    strengthPercent: 49,
    containsOil: false,
    formulation: 'soap',
    lines: [
      {
        ...line,
        id: SOAP.line,
        crop: 'Ornamentals, fruit and house plants',
        groups: ['soft', 'felt', 'armored'],
        leafStates: ['in-leaf'],
        rateLow: 2.5,
        rateHigh: 5,
        rateUnit: 'tbsp-per-us-gal',
        intervalDays: 7,
        usesPerYear: null,
        greatestC: 32,
      },
    ],
  },
  {
    ...product,
    stock: { amount: 800, countedOn: '2026-04-20' },
    pack: { amount: 1000, price: 12 },
    modeOfAction: 'M2',
    mustNotTouch: 'Oil within 30 days.',
    apart: [{ ingredient: 'oil', days: 30 }],
    id: SULFUR.product,
    name: 'Wettable sulfur',
    materialId: 'sulfur',
    strengthPercent: 80,
    containsOil: false,
    formulation: 'powder',
    lines: [
      {
        ...line,
        id: SULFUR.line,
        crop: 'Apples and roses in leaf',
        hostIds: ['apple', 'rose'],
        groups: ['fungus'],
        leafStates: ['in-leaf'],
        rateLow: 3,
        rateHigh: 5,
        rateUnit: 'g-per-l',
        leastC: 10,
        greatestC: 27,
        intervalDays: 7,
        usesPerYear: 8,
        daysToHarvest: 7,
        reentryHours: 24,
        rainFreeHours: 12,
      },
    ],
  },
  {
    ...product,
    stock: null,
    pack: null,
    expiresOn: '2027-12-31',
    id: productId(3),
    name: 'Spinosad concentrate',
    materialId: 'spinosad',
    strengthPercent: 0.5,
    containsOil: false,
    formulation: 'flowable',
    lines: [
      {
        ...line,
        id: lineId(5),
        crop: 'Citrus',
        hostIds: ['lemon', 'orange', 'calamondin', 'kumquat'],
        groups: ['leaf-miner'],
        leafStates: ['in-leaf'],
        rateLow: 2,
        rateHigh: 4,
        rateUnit: 'floz-per-us-gal',
        usesPerYear: 6,
        daysToHarvest: 1,
      },
    ],
  },
];

export const PUMP_SPRAYER = sprayerId(1);

const sprayer: Pick<Sprayer, 'heldHerbicide' | 'leaks' | 'rinsedOn' | 'dial'> = {
  heldHerbicide: false,
  leaks: false,
  rinsedOn: null,
  dial: null,
};

export const SPRAYERS: readonly Sprayer[] = [
  {
    ...sprayer,
    id: sprayerId(2),
    name: 'Hand bottle',
    kind: 'hand-bottle',
    capacityMl: 1000,
    reachM: 1,
    screen: 'none',
  },
  {
    ...sprayer,
    id: PUMP_SPRAYER,
    name: 'Pump sprayer',
    kind: 'tank',
    capacityMl: 5000,
    reachM: 2.5,
    screen: 'fine',
  },
];

export const ADVICE: readonly LocalAdvice[] = [
  {
    id: adviceId(1),
    materialId: 'mineral-oil',
    on: '2025-03-20',
    from: "the growers' evening",
    says: 'Our water is hard: stir the oil with a little soft water first.',
  },
];
