import { DIRTY, FIRST_SHEET, tableOf } from '../spec/sheets.js';
import { replay } from '../domain/capture/replay.js';
import { pastPage } from '../domain/capture/pastPage.js';
import { summaryOf } from '../domain/capture/summary.js';
import type { BookMark } from './bookMark.js';
import { guessColumns } from './guessColumns.js';
import { pageOfRow } from './pageOfRow.js';
import { readSheetRow } from './readSheetRow.js';
import { NO_ANSWERS, type SheetAnswers } from './sheetAnswers.js';
import { planSheet, type SheetPlanInput } from './sheetPlan.js';
import type { Sheet } from './sheet.js';

const ANSWERS: SheetAnswers = {
  dateOrder: 'day-month-year',
  weightUnit: 'lb',
  dotted: 'ounces',
  lengthUnit: 'cm',
  inches: null,
  roughly: 'take',
};
const reading = (sheet: Sheet, answers = ANSWERS) => ({
  table: tableOf(sheet),
  mapping: guessColumns(sheet, tableOf(sheet)),
  answers,
  today: '2026-11-30',
  nameOf: (field: string) => field,
});
const plan = (sheet: Sheet, change: Partial<SheetPlanInput> = {}) =>
  planSheet({ ...reading(sheet), sheet, book: [], waterOf: () => undefined, digest: (text) => text, ...change });
const ounces = (count: number) => ({ unit: 'oz' as const, count });

test('a tidy sheet comes in as it is, and its foot stays out', () => {
  const { fish, unread, unreadCells, leftOver } = plan(FIRST_SHEET);
  expect(fish.map(({ fish: each }) => each)).toMatchObject([
    { row: 4, dated: { as: 'day', from: '2019-06-14' }, water: 'Harle Mere', weight: ounces(379), bait: 'Boilie' },
    { row: 5, kind: { species: 'carp', form: 'common' }, weight: ounces(308) },
    { row: 7, water: 'Long Pond', kind: { species: 'tench' }, weight: ounces(98) },
  ]);
  expect([...unread, ...unreadCells]).toEqual([]);
  expect(leftOver).toEqual([
    { row: 1, text: 'My season', why: 'before' },
    { row: 8, text: 'Total | 3 fish', why: 'foot' },
  ]);
});

test('dirt: what cannot be read is told with its row, and its words go on in the note', () => {
  const { fish, unread, unreadCells } = plan(DIRTY);
  expect(fish.map(({ fish: { row, dated, weight, note } }) => [row, dated.from, weight, note])).toEqual([
    [2, '2005-04-03', ounces(379), 'wind'],
    [3, '2006-06-01', ounces(192), 'weight: about 12'],
    [5, '2007-01-01', null, 'first of its kind\nweight: a monster\nlength: 38.25'],
    [6, '2019-06-14', ounces(17 * 16), ''],
    [7, '2019-08-14', { unit: 'g', count: 8450 }, ''],
  ]);
  expect(fish[2]?.fish.kind).toEqual({ species: 'other', kindName: 'Grayling' });
  expect(unread).toMatchObject([
    { row: 4, field: 'date', text: 'sometime', reason: { code: 'measure.pastDateNotUnderstood' } },
  ]);
  expect(unreadCells).toMatchObject([
    { row: 5, field: 'weight', text: 'a monster' },
    { row: 5, field: 'length', reason: { code: 'measure.lengthNotUnderstood' } },
  ]);
});

test('the answers decide: month first, decimal pounds, kilograms, what is rough left out', () => {
  const read = (answers: Partial<SheetAnswers>, row: number) =>
    readSheetRow(DIRTY.rows[row] ?? [], row + 1, reading(DIRTY, { ...ANSWERS, ...answers })).fish;
  expect(read({ dateOrder: 'month-day-year' }, 1)?.dated.from).toBe('2005-03-04');
  expect(read({ dotted: 'decimal' }, 1)?.weight).toEqual({ unit: 'lb/100', count: 2311 });
  expect(read({ weightUnit: 'kg' }, 1)?.weight).toEqual({ unit: 'g', count: 23110 });
  expect(read({ roughly: 'leave' }, 2)).toMatchObject({ weight: null, note: 'weight: about 12' });
  // While nobody has answered, nothing is taken for one of two things.
  const open = readSheetRow(DIRTY.rows[1] ?? [], 2, reading(DIRTY, NO_ANSWERS));
  expect(open.fish?.weight).toBeNull();
  expect(open.problems).toMatchObject([{ field: 'weight', text: '23.11' }]);
});

test.each([
  ['31.25', null, { unit: 'quarter-in', count: 125 }],
  ['31.3', null, null],
  ['31.3', 'decimal', { unit: 'mm', count: 795 }],
  ['31.3', 'quarter', { unit: 'quarter-in', count: 125 }],
  ['31.24 in', 'quarter', { unit: 'quarter-in', count: 124 }],
  ['157.4', 'decimal', { unit: 'mm', count: 3998 }],
  ['157.6', 'decimal', null],
  ['79 cm', 'decimal', { unit: 'half-cm', count: 158 }],
] as const)('%s of a column in inches, between the quarters %s', (text, inches, length) => {
  const sheet = { name: '', rows: [['Date', 'Length (in)']] };
  const read = readSheetRow(['2019', text], 2, reading(sheet, { ...ANSWERS, inches }));
  expect(read.fish?.length).toEqual(length);
  expect(read.problems).toHaveLength(length === null ? 1 : 0);
});

test.each([
  ['43629', '2019-06-13'],
  ['43630.75', '2019-06-14'],
  ['2019-06-14T08:00', '2019-06-14'],
  ['14/06/2019 6:05 pm', '2019-06-14'],
])('a day written as %s is %s (day 43630 is 14 June 2019: ECMA-376, part 1, 18.17.4.1)', (text, day) => {
  const sheet = {
    name: '',
    rows: [
      ['Date', 'Water'],
      [text, 'Mere'],
    ],
  };
  expect(readSheetRow([text, 'Mere'], 2, reading(sheet)).fish?.dated).toEqual({ as: 'day', from: day, to: day });
});

test('pounds and ounces in two columns are one weight', () => {
  const sheet = { name: '', rows: [['Date', 'lb', 'oz']] };
  const weight = (lb: string, oz: string) => readSheetRow(['2019', lb, oz], 2, reading(sheet));
  expect(weight('23', '11').fish?.weight).toEqual(ounces(379));
  expect(weight('23 lb', '').fish?.weight).toEqual(ounces(368));
  expect(weight('', '14').fish?.weight).toEqual(ounces(14));
  expect(weight('', '').fish?.weight).toBeNull();
  expect(weight('23', '16').problems).toMatchObject([{ reason: { code: 'measure.massOuncesOverAPound' } }]);
});

test('several columns of notes are one note, each under its heading; a long bait is cut, and whole in the note', () => {
  const sheet = { name: '', rows: [['Date', 'Bait', 'Notes', 'Remarks']] };
  const told = readSheetRow(['2019', 'b'.repeat(61), 'windy', 'lost another'], 2, reading(sheet)).fish;
  expect(told).toMatchObject({
    bait: 'b'.repeat(60),
    note: `Notes: windy\nRemarks: lost another\nbait: ${'b'.repeat(61)}`,
  });
  expect(readSheetRow(['2019', 'b'.repeat(60), 'windy'], 2, reading(sheet)).fish).toMatchObject({
    note: 'Notes: windy',
  });
});

test.each(['-', '?', 'n/a', '...', ''])('a bait, a weight or a length of “%s” is none, and no problem', (cell) => {
  const sheet = { name: '', rows: [['Date', 'Bait', 'Weight', 'Length (cm)']] };
  const { fish, problems } = readSheetRow(['2019', cell, cell, cell], 2, reading(sheet));
  expect(fish).toMatchObject({ bait: '', weight: null, length: null, note: '' });
  expect(problems).toEqual([]);
});

describe('what is in the book', () => {
  test('the same sheet comes in once; rows that say the same are as many fish', () => {
    const twice = { ...FIRST_SHEET, rows: [...FIRST_SHEET.rows.slice(0, 5), FIRST_SHEET.rows[4] ?? []] };
    const first = plan(twice);
    expect(new Set(first.fish.map(({ key }) => key)).size).toBe(3);
    const marks = first.fish.map(({ key }, i) => mark({ captureId: `c${i}`, imported: { importId: 'i', key } }));
    expect(plan(twice, { book: marks })).toMatchObject({ already: 3, fish: [] });
    expect(plan({ ...twice, rows: [...twice.rows, ['1/8/2019', 'Mere']] }, { book: marks }).fish).toHaveLength(1);
  });

  test('a kind that is meant otherwise is compared as it is meant, and its row is the same row', () => {
    const comon = {
      ...FIRST_SHEET,
      rows: FIRST_SHEET.rows.map((row) => row.map((cell) => (cell === 'Mirror' ? 'Comon' : cell))),
    };
    const asMeant: SheetPlanInput['asMeant'] = (fish) =>
      fish.kind.kindName === 'Comon' ? { ...fish, kind: { species: 'carp', form: 'common' } } : fish;
    const [unasked] = plan(comon).fish;
    const [meant] = plan(comon, { asMeant, book: [mark({})], waterOf: () => 'mere' }).fish;
    expect(meant).toMatchObject({ key: unasked?.key, perhaps: 'c', fish: { kind: { form: 'common' } } });
    expect(unasked?.fish.kind).toEqual({ species: 'other', kindName: 'Comon' });
  });

  const mark = (change: Partial<BookMark>): BookMark => ({
    captureId: 'c',
    day: '2019-06-14',
    waterId: 'mere',
    species: 'carp',
    grams: 10745,
    lengthMm: null,
    imported: null,
    ...change,
  });
  const perhaps = (change: Partial<BookMark>) =>
    plan(FIRST_SHEET, { book: [mark(change)], waterOf: () => 'mere' }).fish[0]?.perhaps ?? null;
  test.each<[string, Partial<BookMark>, string | null]>([
    ['all of it agrees', {}, 'c'],
    ['a hundredth lighter', { grams: 10744.37 / 1.0099 }, 'c'],
    ['more than a hundredth lighter', { grams: 10744.37 / 1.011 }, null],
    ['another day', { day: '2019-06-15' }, null],
    ['another water', { waterId: 'pit' }, null],
    ['no water told', { waterId: null }, 'c'],
    ['another species', { species: 'tench' }, null],
    ['nothing to compare', { grams: null }, null],
  ])('a fish of that day where %s', (_what, change, is) => expect(perhaps(change)).toBe(is));
});

test('a row becomes a page of the book with its day, its facts and its rod, and no clocks', () => {
  const [planned] = plan(FIRST_SHEET).fish;
  if (!planned) throw new Error('no fish');
  let n = 0;
  const nextId = () => `01900000-0000-7000-8000-${String((n += 1)).padStart(12, '0')}`;
  const past = pageOfRow(planned.fish, { importId: 'i', key: planned.key }, { waterId: 'mere', lengthOf: 'pinched' });
  const page = pastPage(past, { deviceId: 'desk', nowMs: Date.UTC(2026, 10, 30), nextId });
  expect(page.events.map(({ type }) => type)).toEqual(['hooked', 'released', 'described', 'rod-told', 'written-up']);
  expect(summaryOf(replay(page.captureId, page.events))).toMatchObject({
    origin: 'memory',
    dated: { as: 'day', from: '2019-06-14' },
    imported: { importId: 'i', key: planned.key },
    waterId: 'mere',
    species: 'carp',
    form: 'mirror',
    net: ounces(379),
    rod: { bait: 'Boilie' },
    writtenUp: true,
    outcome: 'released',
  });
});
