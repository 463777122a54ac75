import { dataText } from './text.en-GB.js';
import type { Position } from '@keeper/core/domain/water/water';
import type { WaterProbe } from '@keeper/core/weather/probe';
import { ENVIRONMENTAL_SENSING, TEMPERATURE_CHARACTERISTIC } from '@keeper/core/weather/probeTemperature';
import { standinProbe } from '@keeper/standins/probe';
import { standinHour, standinWaterC } from '@keeper/standins/weather';
import { listenTo, STANDIN_PLATFORM } from './bluetooth.js';
import { standinWishes } from './forecast.js';

/** A real probe that speaks Environmental Sensing over Bluetooth. */
export function bluetoothProbe(): WaterProbe {
  const spoken = { service: ENVIRONMENTAL_SENSING, characteristic: TEMPERATURE_CHARACTERISTIC, name: 'probe' };
  return { name: dataText.waterProbeOverBluetooth, connect: (heard) => listenTo(spoken, heard) };
}

/** The simulated probe, hanging in the water that the stand-in's day would have. */
export function simulatedProbe(atMs: number, position: Position | null): WaterProbe {
  const { day, behave } = standinWishes();
  const place = position ?? { latitudeDeg: 46, longitudeDeg: 0 };
  const truth = {
    waterC: standinWaterC(atMs, place, day),
    airC: standinHour(atMs, place, day).airC,
    seed: `probe ${Math.floor(atMs / 60_000)}`,
  };
  return standinProbe(truth, behave, STANDIN_PLATFORM);
}
