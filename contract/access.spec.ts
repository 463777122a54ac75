import {
  CODE_ALPHABET,
  CODE_LENGTH,
  EnterDto,
  OfferPairingDto,
  PairDto,
  readCode,
  SetPassphraseDto,
} from './access.js';
import { problemsIn } from './validation.js';

const ID = '01930000-0000-7000-8000-00000000000a';
const wrong = (dto: Parameters<typeof problemsIn>[0], body: object) => problemsIn(dto, body).map(({ field }) => field);

test('a passphrase has 12 to 128 signs as they are seen, however they are stored', () => {
  const next = (text: unknown) => wrong(SetPassphraseDto, { next: text }).length;
  expect(['a'.repeat(11), 'a'.repeat(12), 'a'.repeat(128), 'a'.repeat(129)].map(next)).toEqual([1, 0, 0, 1]);
  // Twelve letters with their marks apart are twelve signs, and so are twelve that take two units each.
  expect(next('e\u0301'.repeat(12))).toBe(0);
  expect(next('e\u0301'.repeat(11))).toBe(1);
  expect(next('🐟'.repeat(11))).toBe(1);
  expect(next('🐟'.repeat(12))).toBe(0);
  expect(next(123_456_789_012)).toBe(1);
});

test.each([
  ['abcd efgh', 'ABCDEFGH'],
  ['AB-CD-EFGH', 'ABCDEFGH'],
  [' abcdefgh ', 'ABCDEFGH'],
])('the code typed as %s is %s', (typed, code) => expect(readCode(typed)).toBe(code));

test('a code has eight signs of its alphabet', () => {
  const code = CODE_ALPHABET.slice(0, CODE_LENGTH);
  const pair = (text: string) => wrong(PairDto, { code: text, name: 'Phone', deviceId: ID });
  expect(pair(code)).toEqual([]);
  expect(pair(code.slice(1))).toEqual(['code']);
  expect(pair(`${code}${code[0] ?? ''}`)).toEqual(['code']);
  expect(pair(`${code.slice(1)}!`)).toEqual(['code']);
});

test('what a reader sees is said with its code, and with no other', () => {
  const sees = { whose: 'all', sizes: true, pictures: true };
  expect(wrong(OfferPairingDto, { role: 'reader', sees })).toEqual([]);
  expect(wrong(OfferPairingDto, { role: 'reader' })).toEqual(['role']);
  expect(wrong(OfferPairingDto, { role: 'helper' })).toEqual([]);
  expect(wrong(OfferPairingDto, { role: 'helper', sees })).toEqual(['role']);
});

test('a device that is let in has a name', () => {
  expect(wrong(EnterDto, { passphrase: 'x', name: ' ', deviceId: ID })).toEqual(['name']);
});
