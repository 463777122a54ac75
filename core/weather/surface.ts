import { LATENT_HEAT_JKG, PSYCHROMETRIC_PA_K, saturatedVapourPa, vapourPa } from './vapour.js';
import type { WeatherHour } from '../domain/outing/weather.js';

/** The part of the weather that a surface feels. */
export type SurfaceAir = Pick<WeatherHour, 'airC' | 'humidity' | 'windMs' | 'cloudOctas'>;

const STEFAN_BOLTZMANN = 5.670374419e-8;
const ZERO_C = 273.15;

/** Emissivity of water, cloth and grass alike in the thermal infrared (handbooks: 0.93 to 0.97). */
const EMISSIVITY = 0.95;

const FRESH_MS = 5;

/**
 * Heat that moving air takes off a plane, in W/m2 per degree: 5.7 + 3.8 v under 5 m/s, growing with v^0.78 above
 * (McAdams 1954, Heat Transmission, 3rd ed., from memory; the two are set on to each other where they meet). Example:
 * 5.7 in still air.
 */
export function convectionWm2K(windMs: number): number {
  const fresh = 5.7 + 3.8 * Math.min(windMs, FRESH_MS);
  return windMs <= FRESH_MS ? fresh : fresh * (windMs / FRESH_MS) ** 0.78;
}

/**
 * Long-wave light that comes down from the sky, in W/m2. Clear sky: Brutsaert (1975), Water Resour. Res. 11, 742-744;
 * cloud: Bolz (1949), a factor of 1 + 0.22 c^2.5 (from memory, to be verified). Example: about 340 on a clear day of 25
 * degrees.
 */
export function skyLongwaveWm2({ airC, humidity, cloudOctas }: SurfaceAir): number {
  const kelvin = airC + ZERO_C;
  const clear = 1.24 * (vapourPa(airC, humidity) / 100 / kelvin) ** (1 / 7);
  const emissivity = Math.min(clear * (1 + 0.22 * (cloudOctas / 8) ** 2.5), 1);
  return emissivity * STEFAN_BOLTZMANN * kelvin ** 4;
}

/** Long-wave balance of a plane that looks up, in W/m2: what the sky sends less what the plane sends back. */
export function longwaveBalanceWm2(surfaceC: number, air: SurfaceAir): number {
  return EMISSIVITY * (skyLongwaveWm2(air) - STEFAN_BOLTZMANN * (surfaceC + ZERO_C) ** 4);
}

/** Heat from the air to a plane, in W/m2; negative when the plane is warmer. */
export function airHeatWm2(surfaceC: number, { airC, windMs }: SurfaceAir): number {
  return convectionWm2K(windMs) * (airC - surfaceC);
}

/**
 * Water that leaves a wet plane, in kg/(m2 s), from the likeness of heat and vapour transfer (Lewis; the psychrometer
 * equation). Negative when dew falls. Example: a plane at the wet-bulb temperature loses as much heat by it as the air
 * brings.
 */
export function evaporationKgM2S(surfaceC: number, { airC, humidity, windMs }: SurfaceAir): number {
  const drop = saturatedVapourPa(surfaceC) - vapourPa(airC, humidity);
  return (convectionWm2K(windMs) * drop) / (PSYCHROMETRIC_PA_K * LATENT_HEAT_JKG);
}
