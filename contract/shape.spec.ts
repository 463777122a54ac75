import { DEEPEST, LONGEST_LIST, MOST_KEYS, MOST_VALUES, whyMisshapen } from './shape.js';

const nested = (levels: number): unknown => (levels === 0 ? 1 : { inside: nested(levels - 1) });
const listed = (levels: number): unknown => (levels === 0 ? 1 : [listed(levels - 1)]);
const wide = (keys: number) => Object.fromEntries(Array.from({ length: keys }, (_, i) => [`k${i}`, i]));

test.each([
  ['depth', nested(DEEPEST), undefined],
  ['depth', nested(DEEPEST + 1), /levels deep/],
  ['depth of lists', listed(DEEPEST), undefined],
  ['depth of lists', listed(DEEPEST + 1), /levels deep/],
  ['length', { events: Array(LONGEST_LIST).fill({}) }, undefined],
  ['length', { events: Array(LONGEST_LIST + 1).fill({}) }, /more than 500 entries/],
  ['width', wide(MOST_KEYS), undefined],
  ['width', wide(MOST_KEYS + 1), /more than 100 fields/],
  ['gaps', { events: [null] }, /no gaps/],
  ['nothing at all', null, undefined],
  ['a bare number', 7, undefined],
])('%s', (_, body, why) => {
  if (why) expect(whyMisshapen(body)).toMatch(why);
  else expect(whyMisshapen(body)).toBeUndefined();
});

test('all values together', () => {
  // One for the whole, one for its list, and so many lists of a hundred.
  const lists = (count: number, last: number) => ({
    all: [...Array.from({ length: count }, () => Array(99).fill(0) as number[]), Array(last).fill(0)],
  });
  expect(whyMisshapen(lists(399, 97))).toBeUndefined();
  expect(whyMisshapen(lists(399, 98))).toMatch(`more than ${MOST_VALUES} values`);
});

test.each(['__proto__', 'constructor', 'prototype'])('a field called %s', (name) => {
  expect(whyMisshapen(JSON.parse(`{"${name}":{"at":1}}`))).toMatch('a name that no field');
});
