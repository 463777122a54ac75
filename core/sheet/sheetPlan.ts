import { foldWord } from '../domain/outing/foldWord.js';
import { lengthMm } from '../measure/length.js';
import { gramsOf } from '../measure/mass.js';
import type { BookMark } from './bookMark.js';
import { contentOf, readSheetRow, type CellProblem, type RowReading, type SheetFish } from './readSheetRow.js';
import { MOST_CELL_LETTERS, type Sheet } from './sheet.js';
import { fishRows, isBlank, isFoot } from './tablesOf.js';

/** A row that is no fish, and why. */
export interface LeftOver {
  readonly row: number;
  readonly text: string;
  readonly why: 'before' | 'foot' | 'other-table';
}

export interface PlannedFish {
  readonly fish: SheetFish;
  /** The same in the words of its row. */
  readonly written: SheetFish;
  readonly key: string;
  /** A fish of the book that it may be already; it comes in only when it is wanted. */
  readonly perhaps: string | null;
}

/** What an import would do, before anything is done. */
export interface SheetPlan {
  readonly fish: readonly PlannedFish[];
  /** So many rows came in with an earlier sheet, and stay as they are. */
  readonly already: number;
  /** Rows without a day that can be read: they stay out. */
  readonly unread: readonly CellProblem[];
  /** Cells that could not be read: their fish come in without them, and with what was written in their note. */
  readonly unreadCells: readonly CellProblem[];
  readonly leftOver: readonly LeftOver[];
}

export interface SheetPlanInput extends RowReading {
  readonly sheet: Sheet;
  readonly book: readonly BookMark[];
  /** The water of the book that a name of the sheet is; undefined where it will be a new one. */
  readonly waterOf: (name: string) => string | undefined;
  /** A fish in the words of the book, where its own were said to mean others. */
  readonly asMeant?: (fish: SheetFish) => SheetFish;
  /** Short and the same for the same text: a digest. */
  readonly digest: (text: string) => string;
}

/** Two readings of one fish lie this near each other: they were rounded. */
const SAME_WEIGHT = 0.01;
const SAME_LENGTH_MM = 7;

/**
 * The dry run: each row as the fish that it would be, what is in the book already, and what cannot be read. Rows that
 * say the same are as many fish; each has a key of its own, by which the same sheet comes in only once.
 */
export function planSheet(input: SheetPlanInput): SheetPlan {
  const { sheet, table, book, digest, asMeant = (fish) => fish } = input;
  const keys = new Set(book.flatMap(({ imported }) => imported?.key ?? []));
  const byDay = groupByDay(book);
  const seen = new Map<string, number>();
  const fish: PlannedFish[] = [];
  const unread: CellProblem[] = [];
  const unreadCells: CellProblem[] = [];
  let already = 0;
  for (const { at, cells } of fishRows(sheet, table)) {
    const read = readSheetRow(cells, at + 1, input);
    if (read.fish === null) {
      unread.push(...read.problems);
      continue;
    }
    unreadCells.push(...read.problems);
    const content = contentOf(read.fish);
    const nth = (seen.get(content) ?? 0) + 1;
    seen.set(content, nth);
    const key = digest(`${content}#${nth}`);
    if (keys.has(key)) already += 1;
    else {
      const meant = asMeant(read.fish);
      fish.push({ fish: meant, written: read.fish, key, perhaps: perhapsOf(meant, byDay, input.waterOf) });
    }
  }
  return { fish, already, unread, unreadCells, leftOver: leftOverOf(input) };
}

function groupByDay(book: readonly BookMark[]): ReadonlyMap<string, readonly BookMark[]> {
  const byDay = new Map<string, BookMark[]>();
  for (const mark of book) byDay.set(mark.day, [...(byDay.get(mark.day) ?? []), mark]);
  return byDay;
}

/** The fish of the book of that day that no figure tells apart from it. */
function perhapsOf(
  fish: SheetFish,
  byDay: ReadonlyMap<string, readonly BookMark[]>,
  waterOf: SheetPlanInput['waterOf'],
): string | null {
  const waterId = fish.water === '' ? null : (waterOf(fish.water) ?? foldWord(fish.water));
  const differs = <T>(a: T | null, b: T | null, is: (a: T, b: T) => boolean) => a !== null && b !== null && !is(a, b);
  const grams = fish.weight && gramsOf(fish.weight);
  const mm = fish.length && lengthMm(fish.length);
  const same = byDay.get(fish.dated.from)?.find((mark) => {
    const compared = (grams !== null && mark.grams !== null) || (mm !== null && mark.lengthMm !== null);
    return (
      compared &&
      !differs(waterId, mark.waterId, (a, b) => a === b) &&
      !differs(fish.kind.species ?? null, mark.species, (a, b) => a === b) &&
      !differs(grams, mark.grams, (a, b) => Math.abs(a - b) <= SAME_WEIGHT * b) &&
      !differs(mm, mark.lengthMm, (a, b) => Math.abs(a - b) <= SAME_LENGTH_MM)
    );
  });
  return same?.captureId ?? null;
}

function leftOverOf({ sheet, table }: SheetPlanInput): readonly LeftOver[] {
  return sheet.rows.flatMap((cells, at): LeftOver[] => {
    if (isBlank(cells) || at === table.headingRow) return [];
    const text = cells
      .filter((cell) => cell.trim() !== '')
      .join(' | ')
      .slice(0, MOST_CELL_LETTERS);
    if (at < table.from) return [{ row: at + 1, text, why: 'before' }];
    if (at >= table.to) return [{ row: at + 1, text, why: 'other-table' }];
    return isFoot(cells, table) ? [{ row: at + 1, text, why: 'foot' }] : [];
  });
}
