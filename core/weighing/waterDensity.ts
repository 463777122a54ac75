/**
 * Density of air-free pure water at 101.325 kPa in g/mL, from 0 to 40 degrees C. Source: Tanaka, Girard, Davis, Peuto
 * and Bignell (2001), Metrologia 38, 301-309, with the coefficients from memory; checked against handbook values (CRC
 * Handbook: 0.99997 at 4, 0.99970 at 10, 0.99821 at 20, 0.99705 at 25, 0.99565 at 30 degrees C).
 * @throws RangeError outside 0 to 40 degrees C.
 * Example: `waterDensity(20)` is 0.99821.
 */
export function waterDensity(tempC: number): number {
  if (!(tempC >= 0 && tempC <= 40)) throw new RangeError('The density of water is known here from 0 to 40 degrees C.');
  const around = ((tempC - 3.983035) ** 2 * (tempC + 301.797)) / (522528.9 * (tempC + 69.34881));
  return 0.99997495 * (1 - around);
}

/** Air at the bank, in g/mL: 1.2 kg/m3, the conventional value (OIML D 28, 2004). */
const AIR_DENSITY = 0.0012;
/** The conventional density of the masses that scales are set with, in g/mL (OIML D 28, 2004). */
const STEEL_DENSITY = 8;

/**
 * What a true scale shows for a volume of water, in grams: the air carries more of the water than of steel, about a
 * gram in a litre. Example: 1000 mL at 20 degrees C shows 997.2 g.
 */
export function shownWaterGrams(volumeMl: number, tempC: number): number {
  const density = waterDensity(tempC);
  return (volumeMl * density * (1 - AIR_DENSITY / density)) / (1 - AIR_DENSITY / STEEL_DENSITY);
}
