import type { Garden, Plant } from './garden.ts';
import type { Series, StepPlan } from './series.ts';
import type { ProductRecord, Sprayer, SprayRecord } from './shelf.ts';

type Line = ProductRecord['lines'][number];

/** Records with everything that can be left open left open; what must be said is given. */

export function blankGarden(
  said: Pick<Garden, 'name' | 'latitudeDeg' | 'longitudeDeg' | 'timeZone'> & Partial<Garden>,
): Garden {
  return {
    temperatureUnit: 'C',
    measureSystem: 'metric',
    spoonIds: [],
    schools: {},
    country: 'other',
    climate: null,
    upBearingDeg: 0,
    windFromDeg: null,
    ...said,
  };
}

export function blankPlant(said: Pick<Plant, 'id' | 'name' | 'hostId' | 'placeId'> & Partial<Plant>): Plant {
  return {
    count: 1,
    heightM: 1,
    spreadM: 1,
    lengthM: null,
    yearPlanted: null,
    vigour: 'fair',
    light: 'sun',
    watering: 'rain',
    edible: false,
    age: 'mature',
    evergreen: null,
    leastC: null,
    outOfReach: false,
    retiredOn: null,
    retiredWhy: '',
    harvestFrom: null,
    harvestTo: null,
    resists: [],
    schools: {},
    note: '',
    ...said,
  };
}

export function blankLine(said: Pick<Line, 'id' | 'crop' | 'rateLow' | 'rateHigh'> & Partial<Line>): Line {
  return {
    region: '',
    hostIds: [],
    groups: [],
    leafStates: ['in-leaf'],
    rateUnit: 'percent',
    leastC: null,
    greatestC: null,
    intervalDays: null,
    usesPerYear: null,
    mostPerYear: null,
    daysToHarvest: null,
    reentryHours: null,
    rainFreeHours: null,
    ...said,
  };
}

export function blankProduct(
  said: Pick<ProductRecord, 'id' | 'name' | 'materialId' | 'strengthPercent' | 'lines'> &
    Partial<ProductRecord>,
): ProductRecord {
  return {
    containsOil: false,
    formulation: 'soluble',
    modeOfAction: '',
    organic: false,
    unlabelled: false,
    mustNotTouch: '',
    apart: [],
    stock: null,
    expiresOn: null,
    pack: null,
    ...said,
  };
}

export function blankSprayer(
  said: Pick<Sprayer, 'id' | 'name' | 'capacityMl' | 'reachM'> & Partial<Sprayer>,
): Sprayer {
  return {
    kind: 'tank',
    heldHerbicide: false,
    leaks: false,
    screen: 'coarse',
    rinsedOn: null,
    dial: null,
    ...said,
  };
}

export function blankSpray(
  said: Pick<SprayRecord, 'id' | 'watchId' | 'parts' | 'sprayerId' | 'on' | 'leafState' | 'sprayMl'> &
    Partial<SprayRecord>,
): SprayRecord {
  return {
    plantId: null,
    loadId: null,
    scope: 'whole',
    coverage: null,
    stageSeen: null,
    toldWeather: null,
    againstLabel: false,
    note: '',
    ...said,
  };
}

export function blankStep(said: Pick<StepPlan, 'action'> & Partial<StepPlan>): StepPlan {
  return {
    hand: null,
    says: '',
    materials: [],
    trigger: { kind: 'after', leastDays: 0, mostDays: 0 },
    every: null,
    times: 1,
    until: [],
    ...said,
  };
}

export function blankSeries(said: Pick<Series, 'id' | 'name' | 'startedOn'> & Partial<Series>): Series {
  return {
    watchId: null,
    plantId: null,
    templateId: null,
    steps: [],
    winter: false,
    endedOn: null,
    note: '',
    ...said,
  };
}
