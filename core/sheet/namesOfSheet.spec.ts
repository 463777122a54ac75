import { dayOfCell, saysWhen } from './dayOfCell.js';
import { kindsOfSheet } from './kindsOfSheet.js';
import { swimsOfSheet } from './swimsOfSheet.js';

test.each([
  ['43630', '2019-06-14'],
  ['43630.25', '2019-06-14'],
  ['9999', '9999'],
  ['60000', '60000'],
  ['2019-06-14T05:30:00Z', '2019-06-14'],
  ['14/06/2019 5:30 am', '14/06/2019'],
])('a cell %s is the day %s', (cell, day) => expect(dayOfCell(cell)).toBe(day));

test.each([
  ['14/06/2019', true],
  ['06/14/2019', true],
  ['summer 2019', true],
  ['30/11/2026', true],
  ['13/12/2026', false],
  ['31/02/2019', false],
  ['Permits', false],
  ['', false],
])('a row of %s says when it was: %s', (cell, is) => expect(saysWhen(cell, '2026-11-30')).toBe(is));

test('a kind that is a slip of one of the book is proposed; those that it has are not asked about, nor is a dash', () => {
  const kinds = kindsOfSheet(['Mirror', 'Comon', 'Comon carp', 'Comon', 'cats', 'F1 hybrid', '?', '']);
  expect(kinds.map(({ written, rows, perhaps }) => [written, rows, perhaps.map(({ id }) => id)])).toEqual([
    ['Comon', 2, ['common']],
    ['Comon carp', 1, ['common']],
    ['F1 hybrid', 1, []],
  ]);
});

test('swims are told apart by their water, and what is the same water has the same swims', () => {
  const waters = { 'harle mere': 'mere', 'harle mear': 'mere', pit: 'pit' };
  const known = [
    { id: 's', name: 'Reeds', waterId: 'mere' },
    { id: 't', name: 'Dam', waterId: 'pit' },
  ];
  const places = [
    { water: 'Harle Mere', swim: 'reeds' },
    { water: 'Harle Mear', swim: 'Dam' },
    { water: 'Pit', swim: 'Reeds' },
    { water: 'Pit', swim: 'Reedz' },
    { water: 'Pit', swim: 'Reeds' },
    { water: 'New Pool', swim: 'Dam' },
    { water: '', swim: 'Dam' },
    { water: 'Pit', swim: ' ' },
  ];
  const swims = swimsOfSheet(places, waters, known);
  expect(
    swims.map(({ waterKey, names }) => [
      waterKey,
      names.map(({ written, is, perhapsAs }) => [written, is, ...perhapsAs]),
    ]),
  ).toEqual([
    [
      'mere',
      [
        ['reeds', 's'],
        ['Dam', null],
      ],
    ],
    [
      'pit',
      [
        ['Reeds', null],
        ['Reedz', null, 'Reeds'],
      ],
    ],
    ['new pool', [['Dam', null]]],
  ]);
});
