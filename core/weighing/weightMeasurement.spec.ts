import fc from 'fast-check';
import { readWeightPacket, writeWeightPacket } from './weightMeasurement.js';

const packet = (...bytes: number[]) => new DataView(new Uint8Array(bytes).buffer);

// Packets made by hand from the layout of the Weight Measurement characteristic (Bluetooth SIG, from memory).
test.each([
  ['60 kg', [0x00, 0xe0, 0x2e], { mass: { unit: 'g', count: 60_000 } }],
  ['23.69 lb', [0x01, 0x41, 0x09], { mass: { unit: 'lb/100', count: 2369 } }],
  [
    '10.745 kg, with a time',
    [0x02, 0x65, 0x08, 0xea, 0x07, 0x07, 0x0f, 0x06, 0x05, 0x09],
    { mass: { unit: 'g', count: 10_745 }, stamp: '2026-07-15T06:05:09' },
  ],
  [
    'with a time that the scale does not know',
    [0x02, 0x65, 0x08, 0x00, 0x00, 0x00, 0x00, 0x06, 0x05, 0x09],
    { mass: { unit: 'g', count: 10_745 } },
  ],
  ['with user 3', [0x04, 0x65, 0x08, 0x03], { mass: { unit: 'g', count: 10_745 }, user: 3 }],
  ['with an unknown user', [0x04, 0x65, 0x08, 0xff], { mass: { unit: 'g', count: 10_745 } }],
  ['with index and height', [0x08, 0x65, 0x08, 1, 2, 3, 4], { mass: { unit: 'g', count: 10_745 } }],
])('%s', (_name, bytes, says) => {
  expect(readWeightPacket(packet(...bytes))).toEqual({ ok: true, value: says });
});

test.each([
  ['one byte', [0x00], 'packetCutShort'],
  ['a time that is missing', [0x02, 0x65, 0x08], 'packetCutShort'],
  ['bytes too many', [0x00, 0x65, 0x08, 0x00], 'packetCutShort'],
  ['reserved flags', [0x10, 0x65, 0x08], 'packetUnknown'],
  ['a weighing that failed', [0x00, 0xff, 0xff], 'packetNoWeight'],
])('%s never becomes a number', (_name, bytes, reason) => {
  expect(readWeightPacket(packet(...bytes))).toEqual({ ok: false, reason: { code: `weighing.${reason}` } });
});

test('what is written reads back', () => {
  fc.assert(
    fc.property(
      fc.boolean(),
      fc.integer({ min: 0, max: 0xfffe }),
      fc.option(fc.constant('2026-11-25T18:25:52'), { nil: undefined }),
      fc.option(fc.integer({ min: 0, max: 254 }), { nil: undefined }),
      (imperial, steps, stamp, user) => {
        const mass = imperial
          ? ({ unit: 'lb/100', count: steps } as const)
          : ({ unit: 'g', count: steps * 5 } as const);
        const sent = { mass, ...(stamp && { stamp }), ...(user !== undefined && { user }) };
        expect(readWeightPacket(writeWeightPacket(sent))).toEqual({ ok: true, value: sent });
      },
    ),
  );
});

test('what a packet has no place for is not written', () => {
  expect(() => writeWeightPacket({ mass: { unit: 'oz', count: 1 } })).toThrow(/hundredths/);
  expect(() => writeWeightPacket({ mass: { unit: 'g', count: 400_000 } })).toThrow(/does not fit/);
});
