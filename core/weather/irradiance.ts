/** Sunlight on level ground, in W/m2, told apart by where it comes from. */
export interface Irradiance {
  /** Straight from the sun, per square metre of level ground. */
  readonly beamWm2: number;
  /** From the rest of the sky: it reaches into the shade too. */
  readonly diffuseWm2: number;
}

const RAD = Math.PI / 180;

/**
 * Global irradiance under a clear sky, in W/m2: Haurwitz (1945), J. Meteor. 2, 154-166, with the coefficients as in
 * Reno, Hansen and Stein (2012), SAND2012-2389. Nothing with the sun at or below the horizon. Example: 1035 with the
 * sun overhead.
 */
export function clearSkyWm2(sunAltitudeDeg: number): number {
  const cosZenith = Math.sin(sunAltitudeDeg * RAD);
  return cosZenith <= 0 ? 0 : 1098 * cosZenith * Math.exp(-0.059 / cosZenith);
}

/**
 * Irradiance under a sky with clouds, in W/m2, and how it is shared between sun and sky: Kasten and Czeplak (1980),
 * Solar Energy 24, 177-189. `cloudOctas` runs from 0 to 8. Example: an overcast sky lets a quarter through, all of it
 * diffuse.
 */
export function irradianceAt(sunAltitudeDeg: number, cloudOctas: number): Irradiance {
  const cover = Math.min(Math.max(cloudOctas, 0), 8) / 8;
  const global = clearSkyWm2(sunAltitudeDeg) * (1 - 0.75 * cover ** 3.4);
  const diffuseWm2 = global * (0.3 + 0.7 * cover ** 2);
  return { beamWm2: global - diffuseWm2, diffuseWm2 };
}
