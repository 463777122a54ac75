import { LAST_ELAPSED_MS, type CaptureEvent } from '../domain/capture/event.js';
import type { OutingEvent } from '../domain/outing/event.js';
import { isId } from '../measure/id.js';
import { isMoment, utcOf } from '../measure/moment.js';
import { BOOK_FORMAT } from './bookFormat.js';
import { BOOK_ROWS, type BookRowKind } from './bookRows.js';

/** A row of a book that came, as far as every row is alike. */
export interface CameRow extends Readonly<Record<string, unknown>> {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: string;
}

/** A book as it came, with as much of it as can stand in another. */
export interface CameBook {
  readonly exportedAt: string;
  readonly rows: Readonly<Record<BookRowKind, readonly CameRow[]>>;
  /** The ways of each keeper. */
  readonly settings: readonly CameRow[];
  readonly outings: readonly OutingEvent[];
  readonly captures: readonly CaptureEvent[];
  /** The SHA-256 of each picture that its fish have. */
  readonly pictures: readonly string[];
  /** How many rows and events could not be read, and stay out. */
  readonly leftOut: number;
}

export type BookReadWhy = 'not-json' | 'register' | 'no-book' | 'newer';
export type BookRead =
  { readonly ok: true; readonly book: CameBook } | { readonly ok: false; readonly why: BookReadWhy };

const MOST_LETTERS = 64;

/**
 * Reads a book that left as JSON, of this keeper or of another. Of events the head must hold; what their payload says
 * is kept as it came and told as far as it can be read, as everywhere in a log. What stands beside what is known here
 * is left behind.
 *
 * @example readBookJson('{}') // { ok: false, why: 'no-book' }
 */
export function readBookJson(text: string): BookRead {
  let given: unknown;
  try {
    given = JSON.parse(text);
  } catch {
    return { ok: false, why: 'not-json' };
  }
  if (!isRecord(given)) return { ok: false, why: 'no-book' };
  if (given['format'] === 'unhurried-keeper-register') return { ok: false, why: 'register' };
  if (given['format'] !== BOOK_FORMAT.format || typeof given['version'] !== 'number')
    return { ok: false, why: 'no-book' };
  if (given['version'] > BOOK_FORMAT.version) return { ok: false, why: 'newer' };
  return { ok: true, book: readBook(given) };
}

function readBook(given: Readonly<Record<string, unknown>>): CameBook {
  let leftOut = 0;
  const keepGood = <T>(list: readonly unknown[], isGood: (each: unknown) => each is T): T[] => {
    const good = list.filter(isGood);
    leftOut += list.length - good.length;
    return good;
  };
  const rows = Object.fromEntries(
    BOOK_ROWS.map((kind) => [kind, keepGood(listIn(given[kind]), isRow)]),
  ) as unknown as Record<BookRowKind, CameRow[]>;
  const logs = (of: unknown) => listIn(of).flatMap((each) => (isRecord(each) ? listIn(each['events']) : []));
  return {
    exportedAt: isMoment(given['exportedAt']) ? given['exportedAt'] : '',
    rows,
    settings: keepGood(listIn(given['settings']), isRow),
    outings: keepGood(logs(given['outings']), isOutingEvent).map(inUtc),
    captures: keepGood(logs(given['captures']), isCaptureEvent).map(inUtc),
    pictures: listIn(given['pictures']).flatMap((each) =>
      isRecord(each) && typeof each['sha256'] === 'string' ? each['sha256'] : [],
    ),
    leftOut,
  };
}

function listIn(value: unknown): readonly unknown[] {
  return Array.isArray(value) ? value : [];
}

function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function isRow(value: unknown): value is CameRow {
  if (!isRecord(value)) return false;
  const { id, revision, updatedAt } = value;
  return isId(id) && Number.isSafeInteger(revision) && Number(revision) >= 0 && isMoment(updatedAt);
}

function isHead({ id, deviceId, at, type, payload }: Readonly<Record<string, unknown>>): boolean {
  return isId(id) && isMoment(at) && [deviceId, type].every(isName) && isRecord(payload);
}

function isName(text: unknown): boolean {
  return typeof text === 'string' && text !== '' && text.length <= MOST_LETTERS;
}

function isOutingEvent(value: unknown): value is OutingEvent {
  return isRecord(value) && isHead(value) && isId(value['outingId']);
}

function isCaptureEvent(value: unknown): value is CaptureEvent {
  if (!isRecord(value) || !isHead(value) || !isId(value['captureId'])) return false;
  const { elapsedMs } = value;
  return Number.isSafeInteger(elapsedMs) && Number(elapsedMs) >= 0 && Number(elapsedMs) <= LAST_ELAPSED_MS;
}

/** Moments sort as text in a log. */
function inUtc<T extends { readonly at: string }>(event: T): T {
  return { ...event, at: utcOf(event.at) ?? event.at };
}
