import { correctedNormals, roughMonths, type UncertainMonths } from '#core/weather';
import type { GardenState } from './garden-state.ts';

/** A place's usual months, and whether a climate table or what the gardener told of it says so. */
export interface UsualMonths extends UncertainMonths {
  readonly origin: 'table' | 'told';
}

/** Readings of the open garden by which what was told is set right. */
const READ_DAYS = 730;

/** The usual months of the open garden: by its climate table, else by what was told; null where neither is. */
export function usualMonths({
  garden,
  normals,
  places,
  days,
}: Pick<GardenState, 'garden' | 'normals' | 'places' | 'days'>): UsualMonths | null {
  if (normals.length === 12) return { origin: 'table', months: normals, widthC: 0 };
  if (!garden.climate) return null;
  const read = places.find(({ kind, stationId }) => kind === 'outdoors' && stationId !== null);
  const readings = read ? (days[read.stationId!] ?? []).slice(-READ_DAYS) : [];
  return { origin: 'told', ...correctedNormals(roughMonths(garden.climate, garden.latitudeDeg), readings) };
}
