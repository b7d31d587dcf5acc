/** A fungus's answer to temperature and wetness, where there is no table of its own. */
export interface GenericFungus {
  readonly minC: number;
  readonly bestC: number;
  readonly maxC: number;
  /** Least wet hours at the best temperature, and the most it ever needs. */
  readonly leastHours: number;
  readonly mostHours: number;
}

/**
 * Hours leaves must stay wet to be infected at a mean temperature: least hours ÷ f(T), f by Magarey, Sutton &
 * Russo 2005 (Phytopathology 95:92), with f = ((Tmax − T)/(Tmax − Topt)) · ((T − Tmin)/(Topt − Tmin))^((Topt −
 * Tmin)/(Tmax − Topt)). Null outside its temperatures, and where more than the most hours would be needed. Grade
 * C: it misses by hours at the cold end.
 * @throws RangeError when the three temperatures do not rise.
 */
export function genericWetHours(fungus: GenericFungus, meanC: number): number | null {
  const { minC, bestC, maxC, leastHours, mostHours } = fungus;
  if (!(minC < bestC && bestC < maxC)) throw new RangeError('least, best and greatest temperature must rise');
  if (meanC <= minC || meanC >= maxC) return null;
  const share =
    ((maxC - meanC) / (maxC - bestC)) *
    ((meanC - minC) / (bestC - minC)) ** ((bestC - minC) / (maxC - bestC));
  const hours = leastHours / share;
  return hours <= mostHours ? hours : null;
}
