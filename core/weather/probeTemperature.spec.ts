import fc from 'fast-check';
import { readProbePacket, settledTemperature, writeProbePacket } from './probeTemperature.js';

const bytes = (...values: number[]) => new DataView(Uint8Array.from(values).buffer);

// Hand-made after the GATT Specification Supplement: sint16, little-endian, hundredths of a degree.
test.each([
  [[0xd0, 0x07], 20],
  [[0x9d, 0x08], 22.05],
  [[0x00, 0x00], 0],
  [[0xce, 0xff], -0.5],
])('bytes %j are %s degrees C', (packet, tempC) => {
  expect(readProbePacket(bytes(...packet))).toEqual({ ok: true, value: tempC });
});

test.each([
  [[0x00, 0x80], 'probeNoValue'],
  [[0xd0], 'probeWrongLength'],
  [[0xd0, 0x07, 0x00], 'probeWrongLength'],
  [[0xff, 0x7f], 'probeNoWater'],
])('bytes %j are refused', (packet, reason) => {
  expect(readProbePacket(bytes(...packet))).toMatchObject({ ok: false, reason: { code: `weather.${reason}` } });
});

test('what is written is read again', () => {
  fc.assert(
    fc.property(fc.integer({ min: -100, max: 4000 }), (hundredths) => {
      expect(readProbePacket(writeProbePacket(hundredths / 100))).toEqual({ ok: true, value: hundredths / 100 });
    }),
  );
  expect(() => writeProbePacket(400)).toThrow(RangeError);
});

test('it has settled when five in a row lie within a tenth', () => {
  expect(settledTemperature([20, 20, 20, 20])).toBeNull();
  expect(settledTemperature([25, 18.02, 18.0, 18.05, 17.98, 18.03])).toBe(18);
  expect(settledTemperature([18.2, 18.15, 18.1, 18.05, 18])).toBeNull();
});
