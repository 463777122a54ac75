import { type CaptureState } from '../domain/capture/captureState.js';
import { replay } from '../domain/capture/replay.js';
import { summaryOf } from '../domain/capture/summary.js';
import type { CaptureEvent } from '../domain/capture/event.js';
import { localTime } from '../measure/localTime.js';
import { gramsOf } from '../measure/mass.js';
import type { OutingEvent } from '../domain/outing/event.js';
import { summaryOfOuting, replayOuting } from '../domain/outing/outingState.js';
import type { WeightResult } from '../weighing/result.js';
import { resultOf, type WeighedOn } from '../weighing/resultOf.js';
import type { Rounding } from '../weighing/rounding.js';
import type { ExportChoices } from './bookCsv.js';
import { BOOK_FORMAT } from './bookFormat.js';
import { BOOK_ROWS, type BookRows } from './bookRows.js';

/** What is kept about a picture beside its bytes. */
export interface PictureFacts {
  readonly sha256: string;
  readonly mime: string;
  readonly bytes: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly takenAt: string | null;
  readonly camera: string | null;
}

/** A capture with all its events, as it stands in an exported book. */
export interface ExportedCapture {
  readonly events: readonly CaptureEvent[];
  readonly state: Pick<CaptureState, 'facts' | 'amendments' | 'timeAmendments' | 'pictures' | 'setAside'>;
  readonly summary: ReturnType<typeof summaryOf>;
  /** By the clocks of the place, with their offset; in UTC where the place was not noted. */
  readonly startedAtLocal: string | null;
  /** The weight with its doubt, in grams, as it is worked out from reading and kit; null while there is none. */
  readonly weight: ExportedWeight | null;
}

/** Each value with the expanded uncertainty that belongs to it, 95.45 %. */
export interface ExportedWeight {
  readonly netGrams: number;
  readonly netExpandedGrams: number;
  readonly bestGrams: number;
  readonly bestExpandedGrams: number;
  readonly degreesOfFreedom: number | null;
}

/**
 * The whole book as JSON text, piece by piece, so that a large book never stands in memory at once. `captures` yields
 * each capture's events; the facts and sums beside them are worked out by the same reducer as everywhere. Positions of
 * waters and swims are left out unless asked for.
 */
export function* bookJson(
  book: {
    readonly exportedAt: string;
    readonly rows: BookRows;
    /** The ways of each keeper, by their ids. */
    readonly settings: readonly object[];
    /** A keeper's rule for what lies between two marks; of the first one's for a guest's fish. */
    readonly roundingOf: (keeperId: string | null) => Rounding;
    readonly outings: Iterable<{ readonly outingId: string; readonly events: readonly OutingEvent[] }>;
    readonly pictures: readonly PictureFacts[];
    readonly captures: Iterable<{ readonly captureId: string; readonly events: readonly CaptureEvent[] }>;
  },
  choices: ExportChoices,
): Generator<string> {
  // Where helpers are met says where it lies as well.
  const guarded = <T extends { readonly position: unknown; readonly meetingPoint?: unknown }>(place: T) => {
    const { position: _position, meetingPoint: _meetingPoint, ...rest } = place;
    return choices.positions ? place : rest;
  };
  const head = { ...BOOK_FORMAT, exportedAt: book.exportedAt, positions: choices.positions ? 'included' : 'left out' };
  const rows = { ...book.rows, waters: book.rows.waters.map(guarded), swims: book.rows.swims.map(guarded) };
  yield `${JSON.stringify(head).slice(0, -1)},\n`;
  for (const kind of BOOK_ROWS) yield `"${kind}":${JSON.stringify(rows[kind])},\n`;
  yield `"settings":${JSON.stringify(book.settings)},\n"outings":[`;
  yield* separated(book.outings, ({ outingId, events }) => {
    return { summary: summaryOfOuting(replayOuting(outingId, events)), events };
  });
  yield '\n],\n';
  yield `"pictures":${JSON.stringify(book.pictures)},\n"captures":[`;
  yield* separated(book.captures, ({ captureId, events }) =>
    exportCapture(captureId, events, book.rows.kit, book.roundingOf),
  );
  yield '\n]}\n';
}

function* separated<T extends object>(items: Iterable<T>, piece: (item: T) => object): Generator<string> {
  let between = '\n';
  for (const item of items) {
    yield `${between}${JSON.stringify(pieceOr(item, piece))}`;
    between = ',\n';
  }
}

/**
 * A piece that cannot be worked out is the bare item with its log, and says so: the rest of the book still leaves
 * whole.
 */
function pieceOr<T extends object>(item: T, piece: (item: T) => object): object {
  try {
    return piece(item);
  } catch {
    return { ...item, problem: 'could not be worked out; its log is whole' };
  }
}

/** One capture with its events and what they come to. All events are kept, undone ones too. */
export function exportCapture(
  captureId: string,
  events: readonly CaptureEvent[],
  kit: readonly WeighedOn[],
  roundingOf: (keeperId: string | null) => Rounding,
): ExportedCapture {
  const told = replay(captureId, events);
  const { facts, amendments, timeAmendments, pictures, setAside } = told;
  const summary = summaryOf(told);
  const result = resultOf(told, kit, roundingOf(summary.keeperId));
  return {
    summary,
    startedAtLocal: localTime(told.startedAt ?? '', told.zone)?.iso ?? null,
    weight: result ? exportWeight(result) : null,
    state: { facts, amendments, timeAmendments, pictures, setAside },
    events,
  };
}

function exportWeight({ net, best, standsExpandedGrams }: WeightResult): ExportedWeight {
  const tenth = (grams: number) => Math.round(grams * 10) / 10;
  return {
    netGrams: tenth(gramsOf(net)),
    netExpandedGrams: tenth(standsExpandedGrams),
    bestGrams: tenth(best.grams),
    bestExpandedGrams: tenth(best.expandedGrams),
    degreesOfFreedom: Number.isFinite(best.freedom) ? Math.floor(best.freedom) : null,
  };
}
