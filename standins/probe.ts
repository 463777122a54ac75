import type { Behaviour } from '@keeper/core/weather/standinDay';
import { createRng } from '@keeper/core/statistics/rng';
import type { ProbeEvents, WaterProbe } from '@keeper/core/weather/probe';
import { writeProbePacket } from '@keeper/core/weather/probeTemperature';
import { asItFalls } from './behaviour.js';
import type { StandinPlatform } from './platform.js';

const SEND_MS = 500;
/** A probe that is lowered from the air comes two thirds of the way in this time. */
const LAG_S = 3;

/**
 * A water probe that hangs in water of a given temperature: it starts as warm as the air, comes nearer with a lag, and
 * trembles by some hundredths. It can be told to fail, to be late, or to send nonsense.
 */
export function standinProbe(
  truth: { readonly waterC: number; readonly airC: number; readonly seed: string },
  behaviour: Behaviour,
  { wait, every }: StandinPlatform,
): WaterProbe {
  return {
    name: 'simulated water probe',
    connect: async ({ onPacket }: ProbeEvents) => {
      await asItFalls(behaviour, wait, 'No probe answers. Is it switched on, and near?');
      const luck = createRng(truth.seed);
      let sent = 0;
      return every(SEND_MS, () => {
        const passedS = (sent * SEND_MS) / 1000;
        sent += 1;
        const tempC = truth.waterC + (truth.airC - truth.waterC) * Math.exp(-passedS / LAG_S) + 0.015 * luck.normal();
        onPacket(behaviour === 'nonsense' ? nonsense(sent) : writeProbePacket(tempC));
      });
    },
  };
}

/** Too short, not known, and boiling: in turn. */
function nonsense(sent: number): DataView {
  if (sent % 3 === 0) return new DataView(new ArrayBuffer(1));
  return writeProbePacket(sent % 3 === 1 ? 250 : -300);
}
