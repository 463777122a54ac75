import { keepUnchanged } from './keepUnchanged.js';

const row = (order: number, name: string) => ({ order, body: { name } });
const keyOf = ({ order }: { order: number }) => order;
const before = [row(1, 'a'), row(2, 'b')];

test('read again and the same, it is the very list of before', () => {
  expect(keepUnchanged(before, [row(1, 'a'), row(2, 'b')], keyOf)).toBe(before);
});

test.each([
  ['one has changed', [row(1, 'a'), row(2, 'c')], [true, false]],
  ['one is new', [row(1, 'a'), row(2, 'b'), row(3, 'c')], [true, true, false]],
  ['the first has gone', [row(2, 'b')], [true]],
  ['they change places', [row(2, 'b'), row(1, 'a')], [true, true]],
])('%s: the others stay the objects they were', (_, now, same) => {
  const kept = keepUnchanged(before, now, keyOf);
  expect(kept).not.toBe(before);
  expect(kept).toEqual(now);
  expect(kept.map((each) => before.includes(each))).toEqual(same);
});

test('what is no plain data is left out of the comparison', () => {
  const one = { order: 1, bytes: new Blob(['a']) };
  const again = { order: 1, bytes: new Blob(['a']) };
  expect(keepUnchanged([one], [again], keyOf)[0]).toBe(again);
  expect(keepUnchanged([one], [again], keyOf, ({ order }) => order)[0]).toBe(one);
});
