import { isFlag, isNumber, isText, listOf, nullOr, oneOf, optional, record, type Shape } from './readableShape.js';

const reads = (shape: Shape, values: readonly unknown[]) => values.map(shape);

test('plain values are of their own kind alone', () => {
  const values = ['', 0, NaN, Infinity, '1', true, false, null, undefined, {}, []];
  const are = (shape: Shape) => values.filter((value) => shape(value));
  expect(are(isText)).toEqual(['', '1']);
  expect(are(isNumber)).toEqual([0]);
  expect(are(isFlag)).toEqual([true, false]);
});

test('one of a list is a text of it, and no number that is written so', () => {
  expect(reads(oneOf(['1', 'a']), ['a', '1', 'b', 1, undefined, null])).toEqual([
    true,
    true,
    false,
    false,
    false,
    false,
  ]);
});

test('what may be left out may be nothing; what may be null may not be left out', () => {
  expect(reads(optional(isNumber), [1, undefined, null, '1'])).toEqual([true, true, true, false]);
  expect(reads(nullOr(isNumber), [1, undefined, null, '1'])).toEqual([true, false, true, false]);
});

test('a list is of one shape throughout, and may be empty', () => {
  expect(reads(listOf(isNumber), [[], [1, 2], [1, '2'], { length: 0 }, 'a', null])).toEqual([
    true,
    true,
    false,
    false,
    false,
    false,
  ]);
});

test('a record has its fields, whatever others it has, and is no list', () => {
  const shape = record({ x: isNumber, y: optional(isText) });
  expect(reads(shape, [{ x: 1 }, { x: 1, y: 'a', z: [] }, { x: 1, y: 2 }, {}, null, undefined, 'x'])).toEqual([
    true,
    true,
    false,
    false,
    false,
    false,
    false,
  ]);
  expect(record({})([])).toBe(false);
  expect(record({})({})).toBe(true);
});
