/**
 * @jest-environment node
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { zipSync, strToU8 } from 'fflate';
import { guessColumns } from '@keeper/core/sheet/guessColumns';
import { NO_ANSWERS } from '@keeper/core/sheet/sheetAnswers';
import { planSheet } from '@keeper/core/sheet/sheetPlan';
import { sheetQuestions } from '@keeper/core/sheet/sheetQuestions';
import { tablesOf } from '@keeper/core/sheet/tablesOf';
import { MOST_FILE_BYTES, MOST_UNPACKED_BYTES, readSheetFile, SheetProblem } from './readSheetFile.js';

const folder = join(__dirname, '..', 'spec', 'sheets');
const bytesOf = (text: string) => new Uint8Array(new TextEncoder().encode(text));
const fixture = (name: string) => new Uint8Array(readFileSync(join(folder, name)));
const why = async (bytes: Uint8Array<ArrayBuffer>) => {
  const problem = await readSheetFile(bytes).catch((cause: unknown) => cause);
  return problem instanceof SheetProblem ? [problem.why, problem.line] : problem;
};

/**
 * One sheet of three fish with a title over merged cells and a sum below, written by LibreOffice 7.4 in five locales:
 * the comma or the point in numbers, the day, the month or the year first, and Windows-1252 where it is written so.
 */
test.each([
  ['season.xlsx', null, null],
  ['season.ods', null, null],
  ['season-en-GB.csv', ',', 'utf-8'],
  ['season-en-US.csv', ',', 'utf-8'],
  ['season-de-DE.csv', ';', 'windows-1252'],
  ['season-fr-FR.csv', ';', 'utf-8'],
  ['season-pl-PL.csv', '\t', 'utf-8'],
])('%s is read as what it was', async (name, separator, encoding) => {
  const file = await readSheetFile(fixture(name));
  expect(file).toMatchObject({ separator, encoding });
  const [sheet] = file.sheets;
  const [table, ...others] = sheet ? tablesOf(sheet) : [];
  if (!sheet || !table) throw new Error('no table');
  expect(others).toEqual([]);
  const mapping = guessColumns(sheet, table);
  expect(mapping).toEqual(['date', 'water', 'species', 'weight', 'bait']);
  const found = sheetQuestions(sheet, table, mapping).map(({ of, found: is }) => [of, is]);
  const answers = { ...NO_ANSWERS, ...(Object.fromEntries(found) as object) };
  const plan = planSheet({
    sheet,
    table,
    mapping,
    answers,
    today: '2026-11-30',
    book: [],
    nameOf: (field) => field,
    waterOf: () => undefined,
    digest: (text) => text,
  });
  expect(plan.fish.map(({ fish }) => [fish.dated.from, fish.water, fish.weight, fish.bait])).toEqual([
    ['2019-06-14', 'Harle Mere', { unit: 'g', count: 10750 }, 'Boilie, 15 mm'],
    ['2019-12-03', 'Großer Weiher', { unit: 'g', count: 8500 }, 'Köderfisch'],
    ['2020-02-29', 'Étang rond', { unit: 'g', count: 12250 }, ''],
  ]);
  expect(plan.leftOver.map(({ row, why: left }) => [row, left])).toEqual([
    [1, 'before'],
    [6, 'foot'],
  ]);
  expect([...plan.unread, ...plan.unreadCells]).toEqual([]);
});

test('a mark at the beginning says how the letters are written, and is none of them', async () => {
  const marked = await readSheetFile(bytesOf('\uFEFFDate,Water\n2019,Mere'));
  expect(marked.sheets[0]?.rows[0]).toEqual(['Date', 'Water']);
  const wide = new Uint8Array([0xff, 0xfe, ...[...'Date;Water\n2019;Mère'].flatMap((c) => [c.charCodeAt(0), 0])]);
  expect(await readSheetFile(wide)).toMatchObject({ encoding: 'utf-16le', separator: ';' });
});

test('a file that is no sheet is refused by what is wrong with it', async () => {
  expect(await why(bytesOf('Date,Note\n2019,"windy\n2020,calm\n'))).toEqual(['quote-never-closed', 2]);
  expect(await why(bytesOf(''))).toEqual(['empty', undefined]);
  expect(await why(bytesOf(' , \n,'))).toEqual(['empty', undefined]);
  expect(await why(new Uint8Array([0x25, 0x50, 0, 0, 1]))).toEqual(['not-a-sheet', undefined]);
  expect(await why(new Uint8Array([0x50, 0x4b, 3, 4, 9, 9]))).toEqual(['not-a-sheet', undefined]);
  expect(await why(zipSync({ 'word/document.xml': strToU8('<w/>') }))).toEqual(['not-a-sheet', undefined]);
  const cut = fixture('season.xlsx').slice(0, 3000);
  expect(await why(cut)).toEqual(['not-a-sheet', undefined]);
  expect(await why(new Uint8Array(MOST_FILE_BYTES + 1))).toEqual(['too-large', undefined]);
});

test('what would unpack to more than any sheet is not opened', async () => {
  const bomb = zipSync({ 'xl/workbook.xml': strToU8('<x/>'), 'xl/worksheets/sheet1.xml': new Uint8Array(1000) });
  // The size that the second entry says it has, in its line of the directory at the end.
  const at = new TextDecoder('latin1').decode(bomb).lastIndexOf('PK\u0001\u0002') + 24;
  new DataView(bomb.buffer).setUint32(at, MOST_UNPACKED_BYTES, true);
  expect(await why(bomb)).toEqual(['unpacks-too-large', undefined]);
});

test('rows without end are refused, a row of a megabyte and three hundred columns are cut', async () => {
  expect(await why(bytesOf(`Date,Water\n${'2019,Mere\n'.repeat(101_001)}`))).toEqual(['too-many-rows', undefined]);
  const wide = await readSheetFile(bytesOf(`Date,Water${',x'.repeat(298)}\n2019,${'m'.repeat(1_000_000)}`));
  expect(wide.sheets[0]?.rows.map((row) => row.length)).toEqual([60, 2]);
});
