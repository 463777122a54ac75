import { sentenceAt, typedCentimetres, typedNumber } from './typed.js';

test('numbers as they are typed', () => {
  expect(['17.5', '17,5', ' 20 ', '−2', ''].map(typedNumber)).toEqual([17.5, 17.5, 20, -2, undefined]);
  expect(typedNumber('warm')).toBeNaN();
  expect(typedCentimetres('106,5')).toBe(1065);
});

test('the sentence of a field, or of what lies below it', () => {
  const problems = [{ field: 'position.latitudeDeg', sentence: 'No.' }];
  expect(sentenceAt(problems, 'position')).toBe('No.');
  expect(sentenceAt(problems, 'positions')).toBeUndefined();
});
