import { isPlainText, isVisible } from './plainText.js';
import { stableJson } from './stableJson.js';

test.each([
  ['plain', 'Reeds, ü and 鯉', true],
  ['empty', '', true],
  ['a line end and a tab', 'a\r\n\tb', true],
  ['an emoji, whole', '🐟', true],
  ['half of an emoji', '🐟'.slice(0, 1), false],
  ['its other half', '🐟'.slice(1), false],
  ['the bell', 'a\u0007', false],
  ['a backspace', 'a\u0008', false],
  ['a vertical tab', 'a\u000b', false],
  ['a form feed', '\u000c', false],
  ['the shift out', '\u000e', false],
  ['the last below the blank', '\u001f', false],
  ['delete', '\u007f', false],
  ['nothing of the sort', '\u0000', false],
  ['a number', 7, false],
])('%s is text that every program can read: %3$s', (_what, value, is) => {
  expect(isPlainText(value)).toBe(is);
});

test.each([
  ['a letter', ' a ', true],
  ['blanks alone', ' \t\n\u00a0', false],
  ['a space that takes no room', '\u200b', false],
  ['an accent without a letter', '\u0301', false],
  ['fillers of Korean', '\u115f\u1160\u3164\uffa0', false],
  ['an empty pattern of Braille', '\u2800', false],
  ['nothing', '', false],
  ['a number', 7, false],
])('in %s something can be seen: %3$s', (_what, value, is) => {
  expect(isVisible(value)).toBe(is);
});

test('two values that say the same have the same text, at every depth; lists keep their order', () => {
  expect(stableJson({ b: { d: 1, c: [2, 1] }, a: null })).toBe('{"a":null,"b":{"c":[2,1],"d":1}}');
  expect(stableJson([{ b: 1, a: 2 }])).toBe('[{"a":2,"b":1}]');
  expect(stableJson('a')).toBe('"a"');
  expect(stableJson(null)).toBe('null');
});
