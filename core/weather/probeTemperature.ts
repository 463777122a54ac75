import { mean } from '../statistics/mean.js';
import { weatherMessage } from './weatherMessages.js';
import { TEMP_BOUNDS } from '../measure/temperature.js';
import { ok, err, type Result } from '../measure/result.js';

/** Bluetooth SIG, Assigned Numbers: the service Environmental Sensing and its characteristic Temperature. */
export const ENVIRONMENTAL_SENSING = 0x181a;
export const TEMPERATURE_CHARACTERISTIC = 0x2a6e;

const NOT_KNOWN = -0x8000;

/**
 * Reads a packet of the Bluetooth SIG characteristic Temperature (0x2A6E, GATT Specification Supplement): sint16,
 * little-endian, in 0.01 degrees C; 0x8000 says that the value is not known. Refuses a packet of another length and
 * what no water has. Example: the bytes `D0 07` are 20.00 degrees C.
 */
export function readProbePacket(packet: DataView): Result<number> {
  if (packet.byteLength !== 2) return err(weatherMessage('probeWrongLength', { byteLength: packet.byteLength }));
  const raw = packet.getInt16(0, true);
  if (raw === NOT_KNOWN) return err(weatherMessage('probeNoValue'));
  const tempC = raw / 100;
  const { leastC, mostC } = TEMP_BOUNDS.water;
  if (tempC < leastC || tempC > mostC) return err(weatherMessage('probeNoWater', { tempC }));
  return ok(tempC);
}

/**
 * A temperature as such a packet. Throws `RangeError` for what does not go into it. Example: 20 gives the bytes `D0
 * 07`.
 */
export function writeProbePacket(tempC: number): DataView {
  const raw = Math.round(tempC * 100);
  if (raw <= NOT_KNOWN || raw > 0x7fff) throw new RangeError(`${tempC} does not go into a packet.`);
  const packet = new DataView(new ArrayBuffer(2));
  packet.setInt16(0, raw, true);
  return packet;
}

/** A probe has settled when its last readings lie this close together. */
const SETTLED_K = 0.1;
const SETTLED_READINGS = 5;

/**
 * The settled temperature of a run of readings, oldest first; null while it still moves. Example: five alike are
 * settled.
 */
export function settledTemperature(readings: readonly number[]): number | null {
  const last = readings.slice(-SETTLED_READINGS);
  if (last.length < SETTLED_READINGS || Math.max(...last) - Math.min(...last) > SETTLED_K) return null;
  return Math.round(mean(last) * 10) / 10;
}
