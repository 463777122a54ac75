import { CODE_ALPHABET, CODE_LIVES_MS, readCode } from '@keeper/contract/access';
import { PairingCodes } from './pairingCodes.js';

const HELPER = { role: 'helper', keeperId: 'ann', sees: null, captureId: null } as const;

/** Draws 0, 1, 2, and so on. */
function inOrder(): (bound: number) => number {
  let drawn = -1;
  return (bound) => (drawn += 1) % bound;
}

test('a code has eight signs of the alphabet, none of which is taken for another', () => {
  expect(new PairingCodes(inOrder()).offer(HELPER, 0)).toEqual({
    ...HELPER,
    code: '23456789',
    untilMs: CODE_LIVES_MS,
  });
  expect(CODE_ALPHABET).not.toMatch(/[01OILU]/);
  expect(new Set(CODE_ALPHABET).size).toBe(30);
});

test('it works until its two minutes are over, and once', () => {
  const codes = new PairingCodes(inOrder());
  const offers = [codes.offer(HELPER, 0), codes.offer(HELPER, 0)];
  expect(codes.use(offers[0]?.code ?? '', CODE_LIVES_MS - 1)).toBe(offers[0]);
  expect(codes.use(offers[0]?.code ?? '', 1)).toBeUndefined();
  expect(codes.use(offers[1]?.code ?? '', CODE_LIVES_MS)).toBeUndefined();
  expect(codes.use('', 0)).toBeUndefined();
});

test('twenty stand at once, and the oldest gives way', () => {
  // Each code is that of the one before, with its last sign another.
  let made = 0;
  const codes = new PairingCodes((bound) => Math.floor((made += 1) / 8) % bound);
  const offers = Array.from({ length: 21 }, () => codes.offer(HELPER, 0).code);
  expect(codes.use(offers[0] ?? '', 1)).toBeUndefined();
  expect(codes.use(offers[1] ?? '', 1)).toBeDefined();
});

test('typed in small letters and with gaps it is the same', () => {
  expect(readCode(' abcd-2345 ')).toBe('ABCD2345');
});
