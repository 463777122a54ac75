/** Heat that water gives off as it freezes, J/kg (CRC Handbook: 333.55 kJ/kg at 0 degrees C). */
export const LATENT_FUSION_JKG = 333_550;
/** Heat that water and ice take up, J/(kg K) (handbook values near 0 degrees C). */
export const WATER_JKGK = 4186;
export const ICE_JKGK = 2100;

/**
 * Water at one moment. Liquid water is never below freezing here; where some of it is ice, it stands at 0 degrees C.
 */
export interface WaterState {
  readonly tempC: number;
  /** Share of its mass that is ice; left out where there is none. */
  readonly iceShare?: number;
}

/** A body of water with something dry that shares its temperature, such as the skin of a mat: what both hold. */
interface Held {
  readonly waterKg: number;
  /** Of what is not water, J/K. */
  readonly dryJK?: number;
}

/**
 * Heat of a body against liquid water at 0 degrees C, in J. It falls through freezing without a jump of temperature.
 * Example: a kilogram at 10 degrees C holds 41 860 J, one that is half ice -166 775 J.
 */
export function heatOf({ tempC, iceShare = 0 }: WaterState, { waterKg, dryJK = 0 }: Held): number {
  const frozen = -iceShare * waterKg * LATENT_FUSION_JKG;
  const holds = dryJK + waterKg * (iceShare >= 1 ? ICE_JKGK : WATER_JKGK);
  return frozen + holds * tempC;
}

/**
 * The other way round: how warm and how frozen a body of that heat is. Example: -166 775 J in a kilogram is half ice at
 * 0 degrees C.
 */
export function stateOfHeat(heatJ: number, { waterKg, dryJK = 0 }: Held): Required<WaterState> {
  if (heatJ >= 0) return { tempC: heatJ / (dryJK + waterKg * WATER_JKGK), iceShare: 0 };
  const toFreezeJ = waterKg * LATENT_FUSION_JKG;
  if (heatJ >= -toFreezeJ) return { tempC: 0, iceShare: -heatJ / toFreezeJ };
  return { tempC: (heatJ + toFreezeJ) / (dryJK + waterKg * ICE_JKGK), iceShare: waterKg > 0 ? 1 : 0 };
}
