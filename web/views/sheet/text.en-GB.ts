import type { SheetQuestionOf } from '@keeper/core/sheet/sheetAnswers';
import type { SheetField } from '@keeper/core/sheet/sheetField';
import type { NoSheet } from '@keeper/core/sheet/sheetFile';
import { localised } from '../../text/localised.js';

const FIELDS: Readonly<Record<SheetField, string>> = {
  date: 'Date',
  water: 'Water',
  swim: 'Swim',
  species: 'Species',
  weight: 'Weight',
  pounds: 'Pounds',
  ounces: 'Ounces',
  length: 'Length',
  girth: 'Girth',
  rig: 'Rig',
  bait: 'Bait',
  method: 'Method',
  place: 'Where it lay',
  note: 'Note',
};

const QUESTIONS: Readonly<Record<SheetQuestionOf, string>> = {
  dateOrder: 'These dates are written',
  weightUnit: 'These weights have no unit. They are in',
  dotted: 'These weights can be read in two ways. After the point stand',
  lengthUnit: 'These lengths have no unit. They are in',
  inches: 'These inches lie between the quarters of a board',
  roughly: 'These are only nearly meant',
};

const ANSWERS: Readonly<Record<string, string>> = {
  'dateOrder.day-month-year': 'day, month, year',
  'dateOrder.month-day-year': 'month, day, year',
  'dateOrder.year-month-day': 'year, month, day',
  'weightUnit.lb': 'pounds',
  'weightUnit.oz': 'ounces',
  'weightUnit.kg': 'kilograms',
  'weightUnit.g': 'grams',
  'dotted.ounces': 'ounces',
  'dotted.decimal': 'parts of a pound',
  'lengthUnit.in': 'inches',
  'lengthUnit.cm': 'centimetres',
  'lengthUnit.mm': 'millimetres',
  'inches.decimal': 'They were measured so, to the millimetre',
  'inches.quarter': 'The quarter below is meant',
  'roughly.take': 'Take the figure, keep the words in the note',
  'roughly.leave': 'Only keep the words in the note',
};

const NO_SHEET: Readonly<Record<NoSheet, string>> = {
  'too-large': 'is larger than 60 MB. Save the sheet of fish alone, and try that.',
  'unpacks-too-large': 'would unpack to more than any sheet of fish holds. It was not opened.',
  'not-a-sheet': 'is no sheet that can be read here. Save it as XLSX, ODS or CSV, and try that.',
  'quote-never-closed': 'has a quotation mark that nothing closes',
  empty: 'has nothing in it.',
  'too-many-rows': 'has more than 100,000 rows. Part it by years, and bring the parts in one after the other.',
};

const SEPARATORS: Readonly<Record<string, string>> = {
  ',': 'commas',
  ';': 'semicolons',
  '\t': 'tabs',
  '|': 'bars',
};

/** Words of the screen “sheet”, in British English. */
export const sheetText = localised('sheet', {
  title: 'A sheet of fish',
  how: 'CSV, XLSX or ODS, as you kept it. Nothing comes into the book before you have seen what will.',
  choose: 'Choose a file',
  another: 'Another file',
  putAway: 'Put it away',
  reading: 'Reading it.',
  fields: FIELDS,
  questions: QUESTIONS,
  answers: ANSWERS,
  noSheet: ({ name, why, line }: { name: string; why: NoSheet; line?: number | undefined }) =>
    line === undefined
      ? `${name} ${NO_SHEET[why]}`
      : `${name} ${NO_SHEET[why]}, in line ${line}. Close it, and try again.`,
  parted: ({ by, encoding }: { by: string; encoding: string }) =>
    `Parted by ${SEPARATORS[by] ?? by}, written in ${encoding.toUpperCase()}.`,
  whichTable: 'Which table?',
  tableOf: ({ name, nth, rows }: { name: string; nth: number; rows: string }) =>
    `${name === '' ? 'Table' : name} ${nth}, ${rows} rows`,
  rows: ({ rows }: { rows: string }) => `${rows} rows.`,
  columns: 'Columns',
  columnsHow: 'Drag a word onto a column, or choose it there.',
  asLastTime: 'Read as the last sheet with these headings.',
  columnNumber: ({ number }: { number: number }) => `Column ${number}`,
  whatIs: ({ heading }: { heading: string }) => `What is “${heading}”?`,
  leaveOut: 'Leave it out',
  noDate: 'No column is the date. A fish needs at least its year.',
  open: 'Asked once',
  inRows: ({ rows, examples }: { rows: number; examples: readonly string[] }) =>
    `${rows === 1 ? 'In one row' : `In ${rows} rows`}: ${examples.join(', ')}.`,
  foundSo: 'The sheet itself says so.',
  watersNamed: 'Waters',
  kindsNamed: 'Kinds',
  swimsNamed: ({ water }: { water: string }) => `Swims of ${water}`,
  baitsNamed: 'Baits',
  isNew: 'New',
  sameAs: ({ name }: { name: string }) => `The same as ${name}`,
  isKnown: ({ names }: { names: readonly string[] }) => `In the book: ${names.join(', ')}.`,
  written: ({ name, rows }: { name: string; rows: number }) => `${name}, ${rows === 1 ? 'one row' : `${rows} rows`}`,
  isIt: ({ name }: { name: string }) => `Which one is “${name}”?`,
  dryRun: 'What will come in',
  willCome: ({ fish }: { fish: number }) => (fish === 1 ? 'One fish.' : `${fish} fish.`),
  nothingNew: 'Nothing that is not in the book already.',
  already: ({ already }: { already: number }) =>
    already === 1 ? 'One row came in with an earlier sheet.' : `${already} rows came in with an earlier sheet.`,
  perhaps: ({ perhaps }: { perhaps: number }) =>
    perhaps === 1 ? 'One is perhaps in the book already.' : `${perhaps} are perhaps in the book already.`,
  perhapsSame: 'perhaps in the book already',
  takePerhaps: 'Take these as well',
  more: ({ more }: { more: number }) => `and ${more} more`,
  unread: ({ rows }: { rows: number }) =>
    rows === 1
      ? 'One row without a date that can be read stays out'
      : `${rows} rows without a date that can be read stay out`,
  unreadCells: ({ cells }: { cells: number }) =>
    cells === 1
      ? 'One cell cannot be read; its words go into the note'
      : `${cells} cells cannot be read; their words go into the note`,
  leftOver: ({ rows }: { rows: number }) => (rows === 1 ? 'One row is no fish' : `${rows} rows are no fish`),
  rowNumber: ({ row }: { row: number }) => `Row ${row}`,
  take: ({ fish }: { fish: number }) => (fish === 1 ? 'Take it in' : `Take in ${fish} fish`),
  answerFirst: 'First answer what is asked once.',
  goOn: 'It was not finished: go on',
  stop: 'Stop',
  sent: ({ sent, of }: { sent: string; of: string }) => `${sent} of ${of} are in the book.`,
  stopped: 'Stopped. What is in the book stays; go on when you like, or take it back below.',
  failed: 'It could not go on. What is in the book stays. Try again when the book can be reached.',
  done: ({ fish }: { fish: string }) => `${fish} fish are in the book.`,
  toTheBook: 'To the book',
  earlier: 'Sheets that came in',
  takenIn: ({ name, fish, when }: { name: string; fish: string; when: string }) => `${name}, ${fish} fish, ${when}`,
  takeBack: 'Take it back',
  takeBackSure: ({ name }: { name: string }) => `All fish of ${name} leave the book. Their log stays.`,
  takenBack: 'taken back',
  taking: 'Taking it back.',
  keepIt: 'Keep it',
});
