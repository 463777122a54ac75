import { type CaptureStory, tellStory } from '../capture/story.js';
import { summaryOf } from '../capture/summary.js';
import type { CaptureEvent } from '../capture/event.js';
import type { Water } from '../water/water.js';
import type { ExportChoices } from './bookCsv.js';

/** Name and version that open every exported book, so that a reader knows what it holds. */
export const BOOK_FORMAT = { format: 'unhurried-keeper-book', version: 1 } as const;

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
  readonly story: Pick<CaptureStory, 'facts' | 'amendments' | 'pictures'>;
  readonly summary: ReturnType<typeof summaryOf>;
}

/**
 * The whole book as JSON text, piece by piece, so that a large book never stands in memory at once.
 * `captures` yields each capture's events; the facts and sums beside them are worked out by the same reducer as everywhere.
 * Positions of waters are left out unless asked for.
 */
export function* bookJson(
  book: {
    readonly exportedAt: string;
    readonly waters: readonly Water[];
    readonly pictures: readonly PictureFacts[];
    readonly captures: Iterable<{ readonly captureId: string; readonly events: readonly CaptureEvent[] }>;
  },
  choices: ExportChoices,
): Generator<string> {
  const waters = book.waters.map(({ position, ...rest }) => (choices.positions ? { ...rest, position } : rest));
  const head = { ...BOOK_FORMAT, exportedAt: book.exportedAt, positions: choices.positions ? 'included' : 'left out' };
  yield `${JSON.stringify(head).slice(0, -1)},\n"waters":${JSON.stringify(waters)},\n`;
  yield `"pictures":${JSON.stringify(book.pictures)},\n"captures":[`;
  let between = '\n';
  for (const { captureId, events } of book.captures) {
    yield `${between}${JSON.stringify(exportCapture(captureId, events))}`;
    between = ',\n';
  }
  yield '\n]}\n';
}

/** One capture with its events and what they come to. All events are kept, undone ones too. */
export function exportCapture(captureId: string, events: readonly CaptureEvent[]): ExportedCapture {
  const { facts, amendments, pictures, ...rest } = tellStory(captureId, events);
  return {
    summary: summaryOf({ facts, amendments, pictures, ...rest }),
    story: { facts, amendments, pictures },
    events,
  };
}
