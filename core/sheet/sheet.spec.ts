import { FIRST_SHEET, DIRTY, tableOf } from '../spec/sheets.js';
import { alikeNames } from './alikeNames.js';
import { foundOrder, ordersOf, withWholeYear } from './dateOrder.js';
import { guessColumns } from './guessColumns.js';
import { kindOfWord } from './kindOfWord.js';
import { matchNames } from './matchNames.js';
import { withoutRoughly } from './roughly.js';
import { NO_ANSWERS } from './sheetAnswers.js';
import { fieldOfHeading, unitOfHeading } from './sheetField.js';
import { sheetQuestions } from './sheetQuestions.js';
import { isFoot, tablesOf } from './tablesOf.js';

test.each([
  ['Date', 'date', null],
  ['Date caught', 'date', null],
  ['Lake', 'water', null],
  ['Weight (lb oz)', 'weight', 'lb-oz'],
  ['Wt.', 'weight', null],
  ['Weight (kg)', 'weight', 'kg'],
  ['Weight_g', null, 'g'],
  ['lbs', 'pounds', 'lb'],
  ['Weight (lb)', 'pounds', 'lb'],
  ['oz', 'ounces', 'oz'],
  ['Length (cm)', 'length', 'cm'],
  ['Length "', 'length', 'in'],
  ['Hook bait', 'bait', null],
  ['Moon', null, null],
])('the heading %s is %s in %s', (heading, field, unit) => {
  expect(fieldOfHeading(heading)).toBe(field);
  expect(unitOfHeading(heading)).toBe(unit);
});

test.each([
  ['Carp', { species: 'carp' }],
  ['MIRROR CARP', { species: 'carp', form: 'mirror' }],
  ['Common', { species: 'carp', form: 'common' }],
  ['cats', { species: 'wels' }],
  ['Pike', { species: 'pike' }],
  ['Grayling', null],
  ['other', null],
])('%s is %j', (word, kind) => expect(kindOfWord(word)).toEqual(kind));

test.each([
  ['about 12', '12'],
  ['c. 12 lb', '12 lb'],
  ['12+', '12'],
  ['12lb ish', '12lb'],
  ['~ 31.5', '31.5'],
  ['12', null],
  ['23-11', null],
  ['about', null],
  ['carp', null],
])('%s is nearly %s', (cell, bare) => expect(withoutRoughly(cell)).toBe(bare));

describe('the tables of a sheet', () => {
  test('a title stands above, headings begin it, and a foot is none of its fish', () => {
    const [table, ...others] = tablesOf(FIRST_SHEET);
    expect(others).toEqual([]);
    expect(table).toEqual({ headings: ['Date', 'Lake', 'Species', 'Weight', 'Bait'], headingRow: 2, from: 3, to: 8 });
    expect(FIRST_SHEET.rows.slice(3).map((row) => isFoot(row, tableOf(FIRST_SHEET)))).toEqual([
      ...[false, false, false, false],
      true,
    ]);
  });
  test('one heading of two is not enough to begin a table; two are', () => {
    const rows = [
      ['Date', 'Moon'],
      ['1/1/19', 'full'],
    ];
    expect(tablesOf({ name: '', rows })).toEqual([{ headings: ['', ''], headingRow: null, from: 0, to: 2 }]);
    expect(tablesOf({ name: '', rows: [['Date', 'Water'], ...rows.slice(1)] })).toMatchObject([{ headingRow: 0 }]);
  });
  test('two tables are two; headings that a page repeats begin none', () => {
    const pike = [
      ['Date', 'Water', 'Weight'],
      ['1/1/19', 'Mere', '20'],
      ['Date', 'Water', 'Weight'],
      ['2/1/19', 'Mere', '21'],
    ];
    const carp = [[''], ['Day', 'Lake', 'Lb', 'Oz'], ['3/6/19', 'Pit', '30', '4']];
    expect(tablesOf({ name: '', rows: [...pike, ...carp] })).toMatchObject([
      { headingRow: 0, from: 1, to: 5 },
      { headingRow: 5, from: 6, to: 7 },
    ]);
  });
  test('a sheet of nothing has no table', () => expect(tablesOf({ name: '', rows: [[''], []] })).toEqual([]));
});

describe('what a column is', () => {
  const guess = (rows: readonly (readonly string[])[]) => {
    const sheet = { name: '', rows };
    return guessColumns(sheet, tableOf(sheet));
  };
  test('by its heading; pounds and ounces only where both are there', () => {
    expect(guess([['Date', 'Water', 'lb', 'oz', 'Notes']])).toEqual(['date', 'water', 'pounds', 'ounces', 'note']);
    expect(guess([['Date', 'Water', 'lb', 'Moon']])).toEqual(['date', 'water', 'weight', null]);
    expect(guess([['Date', 'When', 'Lake', 'Water']])).toEqual(['date', null, 'water', null]);
  });
  test('by what seven in ten of its cells are, where nothing was written over it', () => {
    const row = (...cells: string[]) => cells;
    const rows = Array.from({ length: 10 }, (_, i) =>
      row('12/6/2019', i < 7 ? 'Pike' : 'Grayling', i < 6 ? '12 lb' : 'big', '81 cm', 'windy'),
    );
    expect(guess(rows)).toEqual(['date', 'species', null, 'length', null]);
  });
});

describe('what can mean two things is asked once', () => {
  const asked = (rows: readonly (readonly string[])[]) => {
    const sheet = { name: '', rows };
    return sheetQuestions(sheet, tableOf(sheet), guessColumns(sheet, tableOf(sheet)));
  };
  const dates = (...days: string[]) => asked([['Date', 'Water'], ...days.map((day) => [day, 'Mere'])]);
  test('the order of a date, unless one that can be in no other says it', () => {
    expect(dates('03/04/2005', '04/05/2006', '3.3.2006')).toEqual([
      { of: 'dateOrder', rows: 2, examples: ['03/04/2005', '04/05/2006'], found: null },
    ]);
    expect(dates('03/04/2005', '13/04/2005')).toMatchObject([{ rows: 1, found: 'day-month-year' }]);
    expect(dates('03/04/2005', '12/04/2005', '04/13/2005')).toMatchObject([{ rows: 2, found: 'month-day-year' }]);
    expect(dates('03/04/2005', '13/04/2005', '04/13/2005')).toMatchObject([{ found: null }]);
    expect(dates('2019-03-04', 'June 2019', '13/04/2005')).toEqual([]);
  });
  const weights = (heading: string, ...cells: string[]) =>
    asked([['Date', heading], ...cells.map((cell) => ['June 2019', cell])]);
  test('a bare weight, unless its heading names the unit', () => {
    expect(weights('Weight', '23', '12 lb', '10.5')).toEqual([
      { of: 'weightUnit', rows: 2, examples: ['23', '10.5'], found: null },
      { of: 'dotted', rows: 1, examples: ['10.5'], found: null },
    ]);
    expect(weights('Weight (kg)', '23', '10.5')).toEqual([]);
  });
  test('23.11, unless parts of a pound above fifteen say that they are no ounces', () => {
    expect(weights('Weight (lb)', '23.11')).toMatchObject([{ of: 'dotted', found: null }]);
    expect(weights('Weight (lb)', '23.11', '24.15')).toMatchObject([{ of: 'dotted', found: null }]);
    expect(weights('Weight (lb)', '23.11', '24.16')).toMatchObject([{ of: 'dotted', rows: 1, found: 'decimal' }]);
  });
  test('inches between the quarters of a board, where inches are meant', () => {
    const lengths = (heading: string, ...cells: string[]) =>
      asked([['Date', heading], ...cells.map((cell) => ['2019', cell])]);
    expect(lengths('Length (in)', '31.3', '31.25', '31.5', '79 cm')).toEqual([
      { of: 'inches', rows: 1, examples: ['31.3'], found: null },
    ]);
    expect(lengths('Length (cm)', '79.3', '31.1 in')).toMatchObject([{ of: 'inches', examples: ['31.1 in'] }]);
    const bare = {
      name: '',
      rows: [
        ['Date', 'Length'],
        ['2019', '31.3'],
      ],
    };
    const ask = (lengthUnit: 'in' | 'cm' | null) =>
      sheetQuestions(bare, tableOf(bare), ['date', 'length'], { lengthUnit }).map(({ of }) => of);
    expect(ask(null)).toEqual(['lengthUnit']);
    expect(ask('cm')).toEqual(['lengthUnit']);
    expect(ask('in')).toEqual(['lengthUnit', 'inches']);
  });
  test('what is only nearly meant', () => {
    expect(weights('Weight (lb)', 'about 12', '12+', '13')).toEqual([
      { of: 'roughly', rows: 2, examples: ['about 12', '12+'], found: null },
    ]);
  });
  test('a clean sheet asks nothing', () => {
    expect(weights('Weight', '23 lb 11 oz', '23-11', '10.5 kg')).toEqual([]);
    expect(sheetQuestions(DIRTY, tableOf(DIRTY), guessColumns(DIRTY, tableOf(DIRTY))).map(({ of }) => of)).toEqual([
      'dateOrder',
      'weightUnit',
      'dotted',
      'roughly',
    ]);
    expect(Object.values(NO_ANSWERS).every((answer) => answer === null)).toBe(true);
  });
});

test.each<[string, readonly string[]]>([
  ['3/4/2005', ['day-month-year', 'month-day-year']],
  ['31/12/05', ['day-month-year', 'year-month-day']],
  ['12/31/05', ['month-day-year']],
  ['32/12/05', ['year-month-day']],
  ['19-6-14', ['day-month-year', 'year-month-day']],
  ['19-12-3', ['year-month-day']],
  ['9-12-31', ['day-month-year', 'month-day-year']],
  ['13/13/2005', []],
  ['2019-06-14', []],
  ['June 2019', []],
])('the numbers of %s can stand in the order %j', (date, orders) => expect(ordersOf(date)).toEqual(orders));

test('one date in a hundred of another order is a slip, two are not', () => {
  const days = Array.from({ length: 98 }, () => '25/12/2005');
  expect(foundOrder([...days, '1/2/2005', '12/25/2005'])).toBe('day-month-year');
  expect(foundOrder([...days, '12/25/2005', '12/25/2005'])).toBeNull();
  expect(foundOrder([])).toBeNull();
});

test.each([
  ['19-6-14', '2019-6-14'],
  ['26/1/2', '2026/1/2'],
  ['27.1.2', '1927.1.2'],
  ['2019-6-14', '2019-6-14'],
])('%s with all its year is %s', (date, whole) => expect(withWholeYear(date, '2026-11-30')).toBe(whole));

test.each([
  // Nine pairs each: with seven shared they are 0.78 alike, with six 0.67.
  ['Harle Mere', 'Harle Mear', true],
  ['Harle Mere', 'Hurle Mere', true],
  ['Harle Mere', 'Hurle Mear', false],
  ['Harle Mere', 'Long Pond', false],
  ['', '', false],
])('%s and %s may be one: %s', (a, b, is) => expect(alikeNames(a, b)).toBe(is));

test('names are those of the book where they only differ in writing; a slip is proposed, never taken', () => {
  const book = [
    { id: 'm', name: 'Harle Mere' },
    { id: 'p', name: 'Saltern Pit' },
  ];
  const written = ['harle-mere', 'Harle Mere', 'Harle Mere', 'Harle Mear', 'Long Pond', 'Long Pond', 'Lnog Pond', ' '];
  expect(matchNames(written, book)).toEqual([
    { written: 'Harle Mere', rows: 3, is: 'm', perhaps: [], perhapsAs: [] },
    { written: 'Long Pond', rows: 2, is: null, perhaps: [], perhapsAs: [] },
    { written: 'Harle Mear', rows: 1, is: null, perhaps: [book[0]], perhapsAs: ['Harle Mere'] },
    { written: 'Lnog Pond', rows: 1, is: null, perhaps: [], perhapsAs: ['Long Pond'] },
  ]);
});
