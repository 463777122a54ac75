import { unzipSync } from 'fflate';
import Papa from 'papaparse';
import { MOST_COLUMNS, MOST_ROWS, type Sheet } from '@keeper/core/sheet/sheet';
import type { NoSheet, SheetFile } from '@keeper/core/sheet/sheetFile';

export const MOST_FILE_BYTES = 60 * 1024 * 1024;
/** A packed file that says of itself that it is larger than this is none that somebody kept fish in. */
export const MOST_UNPACKED_BYTES = 600 * 1024 * 1024;
/** Beside the rows of fish there may be titles and feet. */
const MOST_LINES = MOST_ROWS + 1000;

/** That a file is no sheet, by its code; `line`: where. */
export class SheetProblem extends Error {
  constructor(
    readonly why: NoSheet,
    readonly line?: number,
  ) {
    super(why);
  }
}

type CellValue = string | number | boolean | Date | null | undefined;

/**
 * Reads a file as sheets, by what it is and not by its name: XLSX, ODS, or text parted by commas, semicolons, tabs or
 * bars. Formulas are not run: of each stands what it came to when the file was written.
 * @throws SheetProblem where it is none
 */
export async function readSheetFile(bytes: Uint8Array<ArrayBuffer>): Promise<SheetFile> {
  if (bytes.length > MOST_FILE_BYTES) throw new SheetProblem('too-large');
  const file = isZip(bytes) ? await readPacked(bytes) : readText(bytes);
  const sheets = file.sheets.filter(({ rows }) => rows.some((row) => row.some((cell) => cell !== '')));
  if (sheets.length === 0) throw new SheetProblem('empty');
  if (sheets.some(({ rows }) => rows.length > MOST_LINES)) throw new SheetProblem('too-many-rows');
  return { ...file, sheets };
}

function isZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

async function readPacked(bytes: Uint8Array<ArrayBuffer>): Promise<SheetFile> {
  const names = new Set<string>();
  let unpacked = 0;
  try {
    unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        names.add(name);
        unpacked += originalSize;
        return false;
      },
    });
  } catch {
    throw new SheetProblem('not-a-sheet');
  }
  if (unpacked > MOST_UNPACKED_BYTES) throw new SheetProblem('unpacks-too-large');
  try {
    return {
      sheets: await (names.has('xl/workbook.xml') ? readXlsx(bytes) : readOds(bytes)),
      separator: null,
      encoding: null,
    };
  } catch {
    throw new SheetProblem('not-a-sheet');
  }
}

async function readXlsx(bytes: Uint8Array<ArrayBuffer>): Promise<Sheet[]> {
  const { default: readExcelFile } = await import('read-excel-file/universal');
  const sheets = await readExcelFile(new Blob([bytes]));
  return sheets.map(({ sheet, data }) => sheetOf(sheet, data as CellValue[][]));
}

async function readOds(bytes: Uint8Array): Promise<Sheet[]> {
  const { readOds: read } = await import('hucre/ods');
  const { sheets } = await read(bytes);
  return sheets.map(({ name, rows }) => sheetOf(name, rows as CellValue[][]));
}

function sheetOf(name: string, rows: readonly (readonly CellValue[])[]): Sheet {
  return { name, rows: rows.map((row) => row.slice(0, MOST_COLUMNS).map(textOfCell)) };
}

/** Table programs keep a day as a number, told as midnight in UTC; an hour alone lies before their first day. */
const FIRST_DAY_MS = Date.UTC(1900, 0, 1);

function textOfCell(value: CellValue): string {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) {
    const iso = Number.isNaN(value.getTime()) ? '' : value.toISOString();
    if (value.getTime() < FIRST_DAY_MS) return iso.slice(11, 16);
    return iso.endsWith('T00:00:00.000Z') ? iso.slice(0, 10) : iso.slice(0, 16);
  }
  // Eleven pounds and a half are kept as 11.499999999999998 by some.
  return typeof value === 'number' ? String(Number(value.toPrecision(12))) : String(value).trim();
}

const SEPARATORS = [',', ';', '\t', '|'];

function readText(bytes: Uint8Array): SheetFile {
  const { text, encoding } = decode(bytes);
  if (text.includes('\0')) throw new SheetProblem('not-a-sheet');
  const read = Papa.parse<string[]>(text, { delimitersToGuess: SEPARATORS, skipEmptyLines: false });
  const open = read.errors.find(({ code }) => code === 'MissingQuotes');
  if (open) throw new SheetProblem('quote-never-closed', lineOfQuote(text));
  const rows = read.data.map((row) => row.slice(0, MOST_COLUMNS).map((cell) => cell.trim()));
  return { sheets: [{ name: '', rows }], separator: read.meta.delimiter, encoding };
}

/** Where the last quote stands that nothing closes. */
function lineOfQuote(text: string): number {
  return text.slice(0, text.lastIndexOf('"')).split('\n').length;
}

/** By its mark where it has one; else UTF-8, and where it cannot be that, what Windows wrote in the west. */
function decode(bytes: Uint8Array): { readonly text: string; readonly encoding: string } {
  const marked =
    bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : null;
  if (marked) return { text: new TextDecoder(marked).decode(bytes), encoding: marked };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'utf-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'windows-1252' };
  }
}
