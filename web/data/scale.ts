import { dataText } from './text.en-GB.js';
import { createRng } from '@keeper/core/statistics/rng';
import { gramsOf, massSystemOf, type Mass } from '@keeper/core/measure/mass';
import type { HangingScale } from '@keeper/core/weighing/hangingScale';
import { WEIGHT_MEASUREMENT, WEIGHT_SCALE } from '@keeper/core/weighing/weightMeasurement';
import { standinScale } from '@keeper/standins/scale';
import { listenTo, STANDIN_PLATFORM } from './bluetooth.js';
import type { ScaleWay } from './devicePreferences.js';
import { standinWishes } from './forecast.js';

/** The scale that this device listens to; the simulated one with what is said to hang on it. */
export function scaleOf(way: ScaleWay, hung: Hung): HangingScale {
  return way === 'bluetooth' ? bluetoothScale() : simulatedScale(hung);
}

/** A real scale that speaks Weight Measurement over Bluetooth. */
function bluetoothScale(): HangingScale {
  const spoken = { service: WEIGHT_SCALE, characteristic: WEIGHT_MEASUREMENT, name: 'scale' };
  return { name: dataText.scaleOverBluetooth, connect: (heard) => listenTo(spoken, heard) };
}

/** What is hung on the simulated scale. */
export interface Hung {
  /** The fish of a capture in its sling, or the sling alone. */
  readonly what: { readonly fishOf: string } | 'sling';
  readonly slingGrams: number;
  /** What the scale was set to zero with: the wet sling, or nothing. */
  readonly zeroGrams: number;
  readonly division: Mass;
}

/** The weight of the fish that a capture has on the simulated scale: always the same one. */
function simulatedFishGrams(captureId: string): number {
  return 9000 * Math.exp(0.35 * createRng(`fish of ${captureId}`).normal());
}

/** The simulated scale, with a fish or a sling on it. */
function simulatedScale({ what, slingGrams, zeroGrams, division }: Hung): HangingScale {
  const { behave, hangs, fish } = standinWishes();
  const sling = what === 'sling';
  return standinScale(
    {
      grams: slingGrams + (sling ? 0 : simulatedFishGrams(what.fishOf)),
      zeroGrams,
      support: hangs,
      liveliness: sling ? 0 : fish === 'lively' ? 0.8 : 0.15,
      divisionGrams: gramsOf(division),
      // A fish that is hung again kicks otherwise.
      seed: `${sling ? 'sling' : what.fishOf} ${Math.floor(Date.now() / 1000)}`,
    },
    massSystemOf(division.unit) === 'kg' ? 'kg' : 'lb',
    behave,
    STANDIN_PLATFORM,
  );
}
