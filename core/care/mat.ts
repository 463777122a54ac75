import { type MatFace } from '../domain/outing/careDeed.js';
import { heatOf, ICE_JKGK, LATENT_FUSION_JKG, stateOfHeat, WATER_JKGK } from './freezing.js';
import { rungeKutta } from '../statistics/rungeKutta.js';
import type { Irradiance } from '../weather/irradiance.js';
import {
  airHeatWm2,
  convectionWm2K,
  evaporationKgM2S,
  longwaveBalanceWm2,
  type SurfaceAir,
} from '../weather/surface.js';
import { LATENT_HEAT_JKG } from '../weather/vapour.js';

/** A mat at one moment. The face is the side on which a fish is laid. */
export interface MatState {
  readonly faceC: number;
  readonly backC: number;
  /** Water that the face holds, in kg (that is litres) per square metre. */
  readonly waterKgM2: number;
  /** Share of that which is frozen; left out where none is. */
  readonly iceShare?: number;
}

/** What acts on the mat at one moment. */
export interface MatSurroundings {
  readonly air: SurfaceAir;
  readonly light: Irradiance;
  /** Whether the sun's beam is kept off by a tree or a brolly. */
  readonly shaded: boolean;
  readonly face: MatFace;
  readonly groundC: number;
}

/** What one good soaking leaves on the face once it has run off, in kg/m2 (common practice, no source; ours). */
export const SOAKED_KG_M2 = 0.6;

/** The mat of the model: 3 cm of foam in dark coated cloth. Material values after handbooks; the mat itself is ours. */
const ABSORBS = 0.9;
const SKIN_J_M2K = 1900;
const FOAM_WM2K = 0.04 / 0.03;
const CONTACT_WM2K = 8;
const STEP_S = 20;
/**
 * A step is at most this share of the time in which the skin follows the air: well inside where Runge-Kutta is stable
 * (2.78).
 */
const STABLE_SHARE = 0.7;
/** Of 20 degrees C, what evaporation adds to the pull of the air, as many times as it. */
const WET_PULL = 4;
/** In the shade of a tree or a brolly a good third of the sky is covered too (ours). */
const SKY_IN_SHADE = 0.6;

/** The flows of heat and water through a mat, in W/m2 and kg/(m2 s): into the mat is positive. */
export interface MatFlows {
  readonly sunWm2: number;
  readonly longwaveWm2: number;
  readonly airWm2: number;
  readonly evaporationWm2: number;
  /** From the upper side through the foam to the lower. */
  readonly foamWm2: number;
  readonly groundWm2: number;
  readonly dryingKgM2S: number;
}

/** All flows of a mat at one moment. Only a face that lies up dries; one that lies down holds its water. */
export function matFlows(state: MatState, around: MatSurroundings): MatFlows {
  const up = around.face === 'up';
  const upperC = up ? state.faceC : state.backC;
  const lowerC = up ? state.backC : state.faceC;
  const { beamWm2, diffuseWm2 } = around.light;
  const light = around.shaded ? SKY_IN_SHADE * diffuseWm2 : beamWm2 + diffuseWm2;
  // The last film dries in patches: it goes on at a falling rate, so that nothing jumps.
  const wetShare = up ? Math.min(1, Math.max(0, state.waterKgM2) / 0.05) : 0;
  const dryingKgM2S = wetShare * Math.max(0, evaporationKgM2S(upperC, around.air));
  return {
    sunWm2: ABSORBS * light,
    longwaveWm2: longwaveBalanceWm2(upperC, around.air),
    airWm2: airHeatWm2(upperC, around.air),
    evaporationWm2: -dryingKgM2S * LATENT_HEAT_JKG,
    foamWm2: FOAM_WM2K * (upperC - lowerC),
    groundWm2: CONTACT_WM2K * (around.groundC - lowerC),
    dryingKgM2S,
  };
}

/**
 * The mat after `spanS` seconds under surroundings that are given for each moment (seconds from the beginning): an
 * energy balance of both skins with foam between them, by Runge-Kutta in steps of at most 20 s, shorter in a gale. Its
 * water freezes at 0 degrees C and gives off its latent heat. Stated error: about 5 degrees in sun, 2 in shade.
 * Example: a dry dark mat face up under a high sun and light wind settles more than 30 degrees above the air.
 */
export function matAfter(state: MatState, spanS: number, around: (tS: number) => MatSurroundings): MatState {
  const pullWm2K = convectionWm2K(around(0).air.windMs) * (1 + (state.waterKgM2 > 0 ? WET_PULL : 0)) + CONTACT_WM2K;
  const steps = Math.max(1, Math.ceil(spanS / Math.min(STEP_S, (STABLE_SHARE * SKIN_J_M2K) / pullWm2K)));
  const stepS = spanS / steps;
  let y: number[] = [faceHeat(state), state.backC, state.waterKgM2];
  for (let i = 0; i < steps; i += 1) {
    y = rungeKutta((tS, values) => slopes(values, around(tS)), i * stepS, y, stepS);
    // The last film cannot be more than gone; the heat that it would have carried stays.
    if ((y[2] ?? 0) < 0) y = [y[0] ?? 0, y[1] ?? 0, 0];
  }
  const [heatJM2 = 0, backC = 0, waterKgM2 = 0] = y;
  const { tempC, iceShare } = stateOfHeat(heatJM2, faceHolds(waterKgM2));
  return { faceC: tempC, backC, waterKgM2, ...(iceShare > 0 && { iceShare }) };
}

function faceHolds(waterKgM2: number) {
  return { waterKg: Math.max(0, waterKgM2), dryJK: SKIN_J_M2K };
}

/** What the face holds, in J/m2, against 0 degrees C and its water liquid. */
export function faceHeat({ faceC, waterKgM2, iceShare = 0 }: MatState): number {
  return heatOf({ tempC: faceC, iceShare }, faceHolds(waterKgM2));
}

function slopes([heatJM2 = 0, backC = 0, waterKgM2 = 0]: readonly number[], around: MatSurroundings): number[] {
  const { tempC: faceC, iceShare } = stateOfHeat(heatJM2, faceHolds(waterKgM2));
  const flows = matFlows({ faceC, backC, waterKgM2, iceShare }, around);
  const upper = flows.sunWm2 + flows.longwaveWm2 + flows.airWm2 + flows.evaporationWm2 - flows.foamWm2;
  const lower = flows.foamWm2 + flows.groundWm2;
  // What leaves as vapour carries along what it held.
  const carriedJKg =
    iceShare >= 1 ? ICE_JKGK * faceC - LATENT_FUSION_JKG : WATER_JKGK * faceC - iceShare * LATENT_FUSION_JKG;
  const up = around.face === 'up';
  return [(up ? upper : lower) - flows.dryingKgM2S * carriedJKg, (up ? lower : upper) / SKIN_J_M2K, -flows.dryingKgM2S];
}

/** A mat that has just been soaked with water from the lake: it takes on the water's temperature, all but a little. */
export function soaked(state: MatState, waterC: number): MatState {
  // A soaking is several times what stays: the rest runs off and takes the skin's heat along, or freezes to it.
  const held = { waterKg: SOAKED_KG_M2 * 4, dryJK: SKIN_J_M2K };
  const heatJM2 = SKIN_J_M2K * state.faceC + heatOf({ tempC: waterC }, { waterKg: held.waterKg });
  const { tempC, iceShare } = stateOfHeat(heatJM2, held);
  return { backC: state.backC, faceC: tempC, waterKgM2: SOAKED_KG_M2, ...(iceShare > 0 && { iceShare }) };
}
