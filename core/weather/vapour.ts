/**
 * Latent heat of evaporation of water near 25 degrees C, J/kg (handbook value; it falls by 0.1 % a degree, which is
 * left out).
 */
export const LATENT_HEAT_JKG = 2.45e6;

/** Psychrometric constant at sea level, Pa/K: cp p / (0.622 L) = 1005 x 101325 / (0.622 x 2.45e6). */
export const PSYCHROMETRIC_PA_K = 66.8;

/**
 * Pressure of saturated vapour over water, in Pa: Magnus form with the coefficients of Alduchov and Eskridge (1996), J.
 * Appl. Meteor. 35, 601-609, for -40 to 50 degrees C. Example: 2334 Pa at 20 degrees C.
 */
export function saturatedVapourPa(tempC: number): number {
  return 610.94 * Math.exp((17.625 * tempC) / (tempC + 243.04));
}

/** Pressure of the vapour that is in the air, in Pa. `humidity` is a share of 1. */
export function vapourPa(airC: number, humidity: number): number {
  return humidity * saturatedVapourPa(airC);
}
