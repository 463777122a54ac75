import { STANDARD_PRESSURE_HPA } from '../weather/atmosphere.js';

/** What decides how much oxygen water can hold. */
export interface OxygenWater {
  readonly tempC: number;
  /** Pressure of the air at the water, not reduced to sea level. */
  readonly pressureHpa: number;
  /** Practical salinity; 0 in fresh water. */
  readonly salinity: number;
}

/**
 * Dissolved oxygen at saturation with moist air, in mg/L, for 0 to 40 degrees C, 500 to 1100 hPa and salinity 0 to 40.
 * Source: Benson and Krause (1984), Limnol. Oceanogr. 29(3), 620-632, in the form of APHA Standard Methods 4500-O and
 * USGS Office of Water Quality Technical Memorandum 2011.03. Example: fresh water at 20 degrees C and 1013.25 hPa holds
 * 9.092 mg/L.
 */
export function oxygenAtSaturation({ tempC, pressureHpa, salinity }: OxygenWater): number {
  const kelvin = tempC + 273.15;
  const fresh =
    -139.34411 + 1.575701e5 / kelvin - 6.642308e7 / kelvin ** 2 + 1.2438e10 / kelvin ** 3 - 8.621949e11 / kelvin ** 4;
  const salt = salinity * (1.7674e-2 - 1.0754e1 / kelvin + 2.1407e3 / kelvin ** 2);
  return Math.exp(fresh - salt) * pressureFactor(tempC, pressureHpa / STANDARD_PRESSURE_HPA);
}

/** How much less water holds under a pressure of `atm` standard atmospheres than under one (the same source). */
function pressureFactor(tempC: number, atm: number): number {
  const kelvin = tempC + 273.15;
  const vapourAtm = Math.exp(11.8571 - 3840.7 / kelvin - 216961 / kelvin ** 2);
  const theta = 0.000975 - 1.426e-5 * tempC + 6.436e-8 * tempC ** 2;
  return ((atm - vapourAtm) * (1 - theta * atm)) / ((1 - vapourAtm) * (1 - theta));
}

/** Bounds of what a meter can show in a water that is fished; beyond them it has slipped. */
export const MOST_OXYGEN_MGL = 30;
