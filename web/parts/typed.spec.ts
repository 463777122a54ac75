import { sentenceAt, parseTypedNumber, parseTypedSize } from './typed.js';

test('numbers as they are typed', () => {
  expect(['17.5', '17,5', ' 20 ', '−2', ''].map(parseTypedNumber)).toEqual([17.5, 17.5, 20, -2, undefined]);
  expect(parseTypedNumber('warm')).toBeNaN();
  expect([parseTypedSize('106,5', false), parseTypedSize('42', true), parseTypedSize('', true)]).toEqual([
    1065,
    1067,
    undefined,
  ]);
});

test('the sentence of a field, or of what lies below it', () => {
  const problems = [{ field: 'position.latitudeDeg', sentence: 'No.' }];
  expect(sentenceAt(problems, 'position')).toBe('No.');
  expect(sentenceAt(problems, 'positions')).toBeUndefined();
});
