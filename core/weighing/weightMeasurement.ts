import { weighingMessage } from './weighingMessages.js';
import { ok, err, type Result } from '../measure/result.js';
import { gramsOf, type Mass, type MassUnit } from '../measure/mass.js';

/** The Bluetooth service and characteristic of a weighing scale. */
export const WEIGHT_SCALE = 0x181d;
export const WEIGHT_MEASUREMENT = 0x2a9d;

/** One packet of a scale. */
export interface WeightMeasurement {
  /** As the scale sent it: steps of 5 g, or of a hundredth of a pound. */
  readonly mass: Mass;
  /** The scale's own clock as it stands, without a time zone: `YYYY-MM-DDTHH:MM:SS`. */
  readonly stamp?: string;
  /** Which of the scale's users; left out when the scale does not know. */
  readonly user?: number;
}

const IMPERIAL = 0x01;
const HAS_STAMP = 0x02;
const HAS_USER = 0x04;
const HAS_BMI = 0x08;
const RESERVED = 0xf0;
/** What a scale sends when it could not weigh. */
const UNSUCCESSFUL = 0xffff;
const UNKNOWN_USER = 0xff;
const GRAMS_PER_STEP = 5;

/** The step in which a packet carries a mass. Example: 5 g, or a hundredth of a pound. */
export function packetStepGrams(unit: MassUnit): number {
  return unit === 'g' ? GRAMS_PER_STEP : gramsOf({ unit: 'lb/100', count: 1 });
}

const SHORT = weighingMessage('packetCutShort');

/**
 * Reads one Weight Measurement packet. A refused one is left out; it never becomes a number. Layout: flags (bit 0
 * imperial, 1 time stamp, 2 user, 3 body mass index and height), uint16 weight at 0.005 kg or 0.01 lb, then what the
 * flags announce, all little-endian (Bluetooth SIG, Weight Scale Service 1.0 and GATT Specification Supplement, from
 * memory).
 *
 * Example: the bytes `00 E0 2E` are 12000 steps of 5 g, that is 60 000 g.
 */
export function readWeightPacket(packet: DataView): Result<WeightMeasurement> {
  if (packet.byteLength < 3) return err(SHORT);
  const flags = packet.getUint8(0);
  if (flags & RESERVED) return err(weighingMessage('packetUnknown'));
  const steps = packet.getUint16(1, true);
  if (steps === UNSUCCESSFUL) return err(weighingMessage('packetNoWeight'));
  const wanted = 3 + (flags & HAS_STAMP ? 7 : 0) + (flags & HAS_USER ? 1 : 0) + (flags & HAS_BMI ? 4 : 0);
  if (packet.byteLength !== wanted) return err(SHORT);
  const mass: Mass = flags & IMPERIAL ? { unit: 'lb/100', count: steps } : { unit: 'g', count: steps * GRAMS_PER_STEP };
  const stamp = flags & HAS_STAMP ? stampAt(packet, 3) : undefined;
  const user = flags & HAS_USER ? packet.getUint8(flags & HAS_STAMP ? 10 : 3) : UNKNOWN_USER;
  return ok({ mass, ...(stamp && { stamp }), ...(user !== UNKNOWN_USER && { user }) });
}

/** A time stamp of seven bytes; undefined where the scale does not know the year, month or day (each 0 then). */
function stampAt(packet: DataView, offset: number): string | undefined {
  const year = packet.getUint16(offset, true);
  const [month = 0, day = 0, hour = 0, minute = 0, second = 0] = [2, 3, 4, 5, 6].map((i) =>
    packet.getUint8(offset + i),
  );
  const known = year >= 1582 && year <= 9999 && month >= 1 && month <= 12 && day >= 1 && day <= 31;
  if (!known || hour > 23 || minute > 59 || second > 59) return undefined;
  const two = (n: number) => String(n).padStart(2, '0');
  return `${year}-${two(month)}-${two(day)}T${two(hour)}:${two(minute)}:${two(second)}`;
}

/**
 * Writes one packet, as a scale would. Grams go to the nearest 5 g.
 * @throws RangeError when the mass is counted in a unit that the packet has no place for, or does not fit 16 bits.
 * Example: `writeWeightPacket({ mass: { unit: 'lb/100', count: 2369 } })` is `01 41 09`.
 */
export function writeWeightPacket({ mass, stamp, user }: WeightMeasurement): DataView {
  if (mass.unit !== 'g' && mass.unit !== 'lb/100')
    throw new RangeError('A packet carries grams or hundredths of a pound.');
  const steps = mass.unit === 'g' ? Math.round(gramsOf(mass) / GRAMS_PER_STEP) : mass.count;
  if (steps < 0 || steps >= UNSUCCESSFUL) throw new RangeError('The mass does not fit a packet.');
  const flags = (mass.unit === 'g' ? 0 : IMPERIAL) | (stamp ? HAS_STAMP : 0) | (user === undefined ? 0 : HAS_USER);
  const packet = new DataView(new ArrayBuffer(3 + (stamp ? 7 : 0) + (user === undefined ? 0 : 1)));
  packet.setUint8(0, flags);
  packet.setUint16(1, steps, true);
  if (stamp) {
    const [year = 0, ...rest] = stamp.split(/[-T:]/).map(Number);
    packet.setUint16(3, year, true);
    rest.slice(0, 5).forEach((part, i) => packet.setUint8(5 + i, part));
  }
  if (user !== undefined) packet.setUint8(packet.byteLength - 1, user);
  return packet;
}
