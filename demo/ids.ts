/** A fixed id for the made-up garden's records, of the shape the app makes. */
export function demoId(family: number, number: number): string {
  const hex = (value: number, width: number) => value.toString(16).padStart(width, '0');
  return `01900000-0000-7${hex(family, 3)}-8000-${hex(number, 12)}`;
}

const numbered = (family: number) => (number: number) => demoId(family, number);

export const stationId = numbered(1);
export const placeId = numbered(2);
export const plantId = numbered(3);
export const watchId = numbered(4);
export const productId = numbered(5);
export const lineId = numbered(6);
export const sprayerId = numbered(7);
export const adviceId = numbered(8);
export const recordOf = (watch: number) => numbered(16 + watch);
