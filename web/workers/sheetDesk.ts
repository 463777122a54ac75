import { expose } from 'comlink';
import { sha256 } from '@noble/hashes/sha2';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { idMaker } from '@keeper/core/domain/capture/eventId';
import { pastPage } from '@keeper/core/domain/capture/pastPage';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import type { LengthOf } from '@keeper/core/domain/fish/bodyLength';
import type { BookMark } from '@keeper/core/sheet/bookMark';
import { guessColumns } from '@keeper/core/sheet/guessColumns';
import { kindsOfSheet } from '@keeper/core/sheet/kindsOfSheet';
import { matchNames, type Named, type NameInSheet } from '@keeper/core/sheet/matchNames';
import { saysWhen } from '@keeper/core/sheet/dayOfCell';
import { pageOfRow } from '@keeper/core/sheet/pageOfRow';
import { kindIn, type SheetFish } from '@keeper/core/sheet/readSheetRow';
import type { Sheet, SheetRow, SheetTable } from '@keeper/core/sheet/sheet';
import type { SheetAnswers, SheetQuestion } from '@keeper/core/sheet/sheetAnswers';
import type { Mapping, SheetField } from '@keeper/core/sheet/sheetField';
import { planSheet, type SheetPlan } from '@keeper/core/sheet/sheetPlan';
import type { SheetFile } from '@keeper/core/sheet/sheetFile';
import { sheetQuestions } from '@keeper/core/sheet/sheetQuestions';
import { swimsOfSheet, type SwimsOfWater } from '@keeper/core/sheet/swimsOfSheet';
import { fishRows, tablesOf } from '@keeper/core/sheet/tablesOf';
import { sendInBatches } from '../data/sendInBatches.js';
import { readSheetFile, SheetProblem } from './readSheetFile.js';

/** Which of the tables of a file, each after its sheet. */
export interface TableChoice {
  readonly sheet: number;
  readonly table: number;
}

/** A file as it was found. */
export type FileFound =
  | {
      readonly ok: true;
      readonly tables: readonly { readonly choice: TableChoice; readonly name: string; readonly rows: number }[];
      readonly separator: SheetFile['separator'];
      readonly encoding: SheetFile['encoding'];
    }
  | { readonly ok: false; readonly why: SheetProblem['why']; readonly line: number | undefined };

/** A table with its columns: their headings, a few of their cells, and what they may be. */
export interface TableFound {
  readonly headings: readonly string[];
  readonly examples: readonly (readonly string[])[];
  readonly guess: Mapping;
}

/** What of a table somebody has to say, with these columns. */
export interface OpenQuestions {
  readonly questions: readonly SheetQuestion[];
  readonly waters: readonly NameInSheet[];
  readonly kinds: readonly NameInSheet[];
  readonly baits: readonly NameInSheet[];
}

/** How a table is read and where its fish go. */
export interface SheetChoices {
  readonly choice: TableChoice;
  readonly mapping: Mapping;
  readonly answers: SheetAnswers;
  readonly today: string;
  readonly fieldNames: Readonly<Record<SheetField, string>>;
  /** By the folded name: the water of the book, or none while it is a new one. */
  readonly waters: Readonly<Record<string, string>>;
  /** By the folded name: the word of the kind that is meant. */
  readonly kinds: Readonly<Record<string, string>>;
  /** By the folded name: the bait as the book writes it. */
  readonly baits: Readonly<Record<string, string>>;
}

/** Where the fish go once they are kept. */
export interface KeepChoices extends SheetChoices {
  readonly importId: string;
  readonly deviceId: string;
  readonly keeperId: string | undefined;
  readonly lengthOf: LengthOf;
  /** By the id of the water and the folded name: the swim of the book. */
  readonly swims: Readonly<Record<string, Readonly<Record<string, string>>>>;
  /** Fish that are perhaps in the book come in as well. */
  readonly alsoPerhaps: boolean;
}

const EXAMPLES = 3;
const MOST_LETTERS = 60;
/** Of the dry run so many of each kind are shown. */
const SHOWN = 200;

/** A dry run as it is shown: the first of each kind, and how many there are. */
export interface DryRun extends Omit<SheetPlan, 'fish'> {
  readonly fish: SheetPlan['fish'];
  /** What the rows that are not in the book yet name, folded: nothing else is asked about or made. */
  readonly named: Readonly<Record<'waters' | 'kinds' | 'baits' | 'swims', ReadonlySet<string>>>;
  readonly counts: Readonly<Record<'fish' | 'perhaps' | 'already' | 'unread' | 'unreadCells' | 'leftOver', number>>;
}

let file: SheetFile | undefined;
let stopped = false;

const desk = {
  async open(bytes: Uint8Array<ArrayBuffer>): Promise<FileFound> {
    try {
      file = await readSheetFile(bytes);
    } catch (cause) {
      if (cause instanceof SheetProblem) return { ok: false, why: cause.why, line: cause.line };
      throw cause;
    }
    const tables = file.sheets.flatMap((sheet, s) =>
      tablesOf(sheet).map((table, t) => {
        return { choice: { sheet: s, table: t }, name: sheet.name, rows: fishRows(sheet, table).length };
      }),
    );
    return { ok: true, tables, separator: file.separator, encoding: file.encoding };
  },

  look(choice: TableChoice): TableFound {
    const { sheet, table } = tableAt(choice);
    const rows = fishRows(sheet, table);
    const examples = table.headings.map((_, column) => [
      ...new Set(rows.flatMap(({ cells }) => cells[column] || []).slice(0, 50)),
    ]);
    return {
      headings: table.headings,
      examples: examples.map((cells) => cells.slice(0, EXAMPLES).map((cell) => cell.slice(0, MOST_LETTERS))),
      guess: guessColumns(sheet, table),
    };
  },

  questions(
    choice: TableChoice,
    mapping: Mapping,
    answers: SheetAnswers,
    known: { waters: readonly Named[]; baits: readonly Named[]; today: string },
  ): OpenQuestions {
    const { sheet, table } = tableAt(choice);
    const rows = comingRows(choice, mapping, known.today);
    const cellsOf = (field: SheetField) => rows.map((cells) => cellIn(cells, mapping, field));
    return {
      questions: sheetQuestions(sheet, table, mapping, answers),
      waters: matchNames(cellsOf('water'), known.waters),
      kinds: kindsOfSheet(cellsOf('species')),
      baits: matchNames(cellsOf('bait'), known.baits),
    };
  },

  /** The swims that the sheet names, once it is said which water is which: its id, or its name if it will be made. */
  swims(
    choice: TableChoice,
    mapping: Mapping,
    waters: Readonly<Record<string, string>>,
    known: { swims: readonly (Named & { readonly waterId: string })[]; today: string },
  ): readonly SwimsOfWater[] {
    const places = comingRows(choice, mapping, known.today).map((cells) => {
      return { water: cellIn(cells, mapping, 'water'), swim: cellIn(cells, mapping, 'swim') };
    });
    return swimsOfSheet(places, waters, known.swims);
  },

  plan(choices: SheetChoices, book: readonly BookMark[]): DryRun {
    const plan = planOf(choices, book);
    return {
      fish: plan.fish.slice(0, SHOWN),
      already: plan.already,
      unread: plan.unread.slice(0, SHOWN),
      unreadCells: plan.unreadCells.slice(0, SHOWN),
      leftOver: plan.leftOver.slice(0, SHOWN),
      named: namedIn(plan.fish),
      counts: {
        fish: plan.fish.length,
        perhaps: plan.fish.filter(({ perhaps }) => perhaps !== null).length,
        already: plan.already,
        unread: plan.unread.length,
        unreadCells: plan.unreadCells.length,
        leftOver: plan.leftOver.length,
      },
    };
  },

  /** Sends the fish to the book; what is in it already by its key is not sent once more. @returns whether all went */
  async keep(
    choices: KeepChoices,
    book: readonly BookMark[],
    onSent: (fish: number, of: number) => void,
  ): Promise<boolean> {
    stopped = false;
    const plan = planOf(choices, book);
    const wanted = plan.fish.filter(({ perhaps }) => perhaps === null || choices.alsoPerhaps);
    const nextId = idMaker({ wallMs: () => Date.now(), randomBytes: (n) => crypto.getRandomValues(new Uint8Array(n)) });
    const pages = function* (): Generator<readonly CaptureEvent[]> {
      for (const { fish, key } of wanted) {
        const imported = { importId: choices.importId, key };
        const past = pageOfRow(withSwimNoted(fish, choices), imported, placeOf(fish, choices));
        yield pastPage(past, { deviceId: choices.deviceId, nowMs: Date.now(), nextId }).events;
      }
    };
    return sendInBatches(pages(), { onSent: (sent) => onSent(sent, wanted.length), isStopped: () => stopped });
  },

  stop(): void {
    stopped = true;
  },
};

export type SheetDesk = typeof desk;
expose(desk);

function tableAt({ sheet: s, table: t }: TableChoice): { readonly sheet: Sheet; readonly table: SheetTable } {
  const sheet = file?.sheets[s];
  const table = sheet && tablesOf(sheet)[t];
  if (!table) throw new Error('There is no such table.');
  return { sheet, table };
}

/** The rows that will be fish, whatever else of them can be read. */
function comingRows(choice: TableChoice, mapping: Mapping, today: string): readonly SheetRow[] {
  const { sheet, table } = tableAt(choice);
  const rows = fishRows(sheet, table).map(({ cells }) => cells);
  return rows.filter((cells) => saysWhen(cellIn(cells, mapping, 'date'), today));
}

function cellIn(cells: SheetRow, mapping: Mapping, field: SheetField): string {
  return cells[mapping.indexOf(field)] ?? '';
}

function planOf(choices: SheetChoices, book: readonly BookMark[]): SheetPlan {
  const { choice, mapping, answers, today, fieldNames, waters } = choices;
  return planSheet({
    ...tableAt(choice),
    mapping,
    answers,
    today,
    nameOf: (field) => fieldNames[field],
    book,
    waterOf: (name) => waters[foldWord(name)],
    asMeant: (fish) => inWordsOfBook(fish, choices),
    digest,
  });
}

function namedIn(fish: SheetPlan['fish']): DryRun['named'] {
  const folded = (nameOf: (written: SheetFish) => string) =>
    new Set(fish.map(({ written }) => nameOf(written)).map(foldWord));
  return {
    waters: folded(({ water }) => water),
    kinds: folded(({ kind }) => kind.kindName ?? ''),
    baits: folded(({ bait }) => bait),
    swims: folded(({ swim }) => swim),
  };
}

function placeOf(fish: SheetFish, choices: KeepChoices): Parameters<typeof pageOfRow>[2] {
  const waterId = choices.waters[foldWord(fish.water)];
  const swimId = swimOf(fish, choices);
  const { keeperId, lengthOf } = choices;
  return { lengthOf, ...(waterId && { waterId }), ...(swimId && { swimId }), ...(keeperId && { keeperId }) };
}

function swimOf({ water, swim }: SheetFish, { waters, swims }: KeepChoices): string | undefined {
  return swims[waters[foldWord(water)] ?? '']?.[foldWord(swim)];
}

/** A bait is written as the book writes it, and a kind is the one that its word was said to mean. */
function inWordsOfBook(fish: SheetFish, { kinds, baits }: SheetChoices): SheetFish {
  const meant = kinds[foldWord(fish.kind.kindName ?? '')];
  return {
    ...fish,
    bait: baits[foldWord(fish.bait)] ?? fish.bait,
    kind: meant === undefined ? fish.kind : kindIn(meant),
  };
}

/** A swim goes on in the note where no water is named that it could be of. */
function withSwimNoted(fish: SheetFish, choices: KeepChoices): SheetFish {
  if (fish.swim === '' || swimOf(fish, choices) !== undefined) return fish;
  return { ...fish, note: [fish.note, `${choices.fieldNames.swim}: ${fish.swim}`].filter(Boolean).join('\n') };
}

const encoder = new TextEncoder();

/** 128 bits of SHA-256: no two rows of anybody's years share them. */
function digest(text: string): string {
  return [...sha256(encoder.encode(text)).slice(0, 16)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}
