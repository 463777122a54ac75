import { createRng } from '@keeper/core/statistics/rng';
import type { Behaviour } from '@keeper/core/weather/standinDay';
import { GRAMS_PER_POUND } from '@keeper/core/measure/mass';
import type { HangingScale, ScaleEvents } from '@keeper/core/weighing/hangingScale';
import { writeWeightPacket } from '@keeper/core/weighing/weightMeasurement';
import { asItFalls } from './behaviour.js';
import type { StandinPlatform } from './platform.js';
import { drawLoad, hangingForce, type Support } from './hangingLoad.js';
import { drawSensor, readForce } from './scaleSensor.js';

/** What depends on the simulated scale, and how. */
export interface OnTheHook {
  /** Fish and sling together, or the sling alone. */
  readonly grams: number;
  /** What the scale was set to zero with. */
  readonly zeroGrams: number;
  readonly support: Support;
  /** 0 lies calm, 1 is a wild one. */
  readonly liveliness: number;
  readonly divisionGrams: number;
  readonly seed: string;
}

/** The scale sends as hundredths of a pound, or in grams. */
export type ScaleFamily = 'lb' | 'kg';

/**
 * A hanging scale that weighs an invented load: a spring, a pendulum, kicks, a hand where a hand holds it, its own
 * noise and steps. It can be told to fail, to be late, or to send nonsense: packets twice, broken, jumping, and then to
 * vanish.
 */
export function standinScale(
  hook: OnTheHook,
  family: ScaleFamily,
  behaviour: Behaviour,
  { wait, every }: StandinPlatform,
): HangingScale {
  return {
    name: 'simulated hanging scale',
    connect: async ({ onPacket, onGone }: ScaleEvents) => {
      await asItFalls(behaviour, wait, 'No scale answers. Is it switched on, and near?');
      const luck = createRng(hook.seed);
      const load = drawLoad(luck, hook.grams, hook.support, hook.liveliness);
      const sensor = drawSensor(luck, hook.divisionGrams);
      const read = readForce(sensor, hangingForce(load, luck), luck, hook.zeroGrams);
      let sent = 0;
      const stop = every(1000 / sensor.samplesPerS, () => {
        sent += 1;
        const packet = packetOf(read().grams, family);
        if (behaviour !== 'nonsense') return onPacket(packet);
        if (sent > 40) {
          stop();
          return onGone('The scale has gone out of reach, or its battery is flat.');
        }
        const odd = nonsense(packet, sent);
        odd.forEach(onPacket);
      });
      return stop;
    },
  };
}

function packetOf(grams: number, family: ScaleFamily): DataView {
  return family === 'kg'
    ? writeWeightPacket({ mass: { unit: 'g', count: grams } })
    : writeWeightPacket({ mass: { unit: 'lb/100', count: Math.round((grams * 100) / GRAMS_PER_POUND) } });
}

/** In turn: sent twice, broken off, of no known kind, not weighed, and a jump. */
function nonsense(packet: DataView, sent: number): DataView[] {
  const bytes = (...values: number[]) => new DataView(new Uint8Array(values).buffer);
  switch (sent % 5) {
    case 0:
      return [packet, packet];
    case 1:
      return [bytes(0, 1)];
    case 2:
      return [bytes(0xf0, 1, 2)];
    case 3:
      return [bytes(0, 0xff, 0xff)];
    default:
      return [bytes(0, 0x10 + sent, 0x27)];
  }
}
