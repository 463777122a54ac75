import type { Rng } from '@keeper/core/statistics/rng';
import { widely } from './hangingLoad.js';

/** What a scale makes of the force on its hook. */
export interface ScaleSensor {
  readonly divisionGrams: number;
  readonly samplesPerS: number;
  /** How long the scale itself averages over, in seconds. */
  readonly averagesS: number;
  /** Noise of the sensor, as a share of the division. */
  readonly noise: number;
  /** Wander of the zero, in divisions a minute. */
  readonly driftPerMin: number;
  /**
   * What a change of temperature does to the gain, as a share for each degree C, and how far it is from the zeroing.
   */
  readonly gainPerC: number;
  readonly warmerC: number;
}

/** A scale drawn from the defaults, or from ranges so many times as `wider`. */
export function drawSensor(luck: Rng, divisionGrams: number, wider = 1): ScaleSensor {
  return {
    divisionGrams,
    samplesPerS: luck.between(4, 10),
    averagesS: widely(luck, 0.1, 0.35, wider),
    noise: widely(luck, 0.05, 0.35, wider),
    driftPerMin: 0.3 * wider * luck.normal(),
    gainPerC: 2e-5 * wider * luck.normal(),
    warmerC: wider * luck.between(-4, 4),
  };
}

/** Turns the force on the hook into what the scale sends, sample by sample, in whole divisions from its zero. */
export function readForce(
  sensor: ScaleSensor,
  force: { readonly stepS: number; readonly next: () => number },
  luck: Rng,
  zeroGrams = 0,
): () => { readonly atMs: number; readonly grams: number } {
  const kept: number[] = [];
  const most = Math.max(1, Math.round(sensor.averagesS / force.stepS));
  let timeS = 0;
  let sampled = 0;
  return () => {
    sampled += 1;
    while (timeS < sampled / sensor.samplesPerS) {
      timeS += force.stepS;
      kept.push(force.next());
      if (kept.length > most) kept.shift();
    }
    const mean = kept.reduce((sum, each) => sum + each, 0) / kept.length - zeroGrams;
    const { divisionGrams: d } = sensor;
    const shown =
      mean * (1 + sensor.gainPerC * sensor.warmerC) +
      d * (sensor.noise * luck.normal() + (sensor.driftPerMin * timeS) / 60);
    return { atMs: Math.round(timeS * 1000), grams: Math.max(0, Math.round(shown / d)) * d };
  };
}
