import { Injectable } from '@nestjs/common';
import { inArray } from 'drizzle-orm';
import type { BookMerge } from '@keeper/contract/bookMerge';
import { problemsIn } from '@keeper/contract/validation';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import { BOOK_ROWS, type BookRowKind } from '@keeper/core/formats/bookRows';
import { mergeRow } from '@keeper/core/formats/mergeRow';
import type { CameBook, CameRow } from '@keeper/core/formats/readBookJson';
import { CaptureEventsService } from '../captures/captureEvents.service.js';
import { isSameEvent } from '../events/isSameEvent.js';
import { FlankDescriptorsService } from '../flanks/flankDescriptors.service.js';
import { OutingsService } from '../outings/outings.service.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { SettingsService } from '../settings/settings.service.js';
import { Database } from '../storage/database.js';
import { captures, events, outingEvents, outings } from '../storage/schema.js';
import { ROW_CONTRACTS, RowsOfBook } from './rowsOfBook.js';

/** So many are looked for in one question. */
const AT_A_TIME = 500;

interface Kept {
  readonly id: string;
  readonly deviceId: string;
  readonly at: string;
  readonly type: string;
  readonly payload: string;
  readonly elapsedMs?: number;
}

/** Merges a book into this one by the ids of all that it holds: what is here already is not doubled. */
@Injectable()
export class MergeBookService {
  constructor(
    private readonly database: Database,
    private readonly rows: RowsOfBook,
    private readonly settings: SettingsService,
    private readonly captureEvents: CaptureEventsService,
    private readonly outingsService: OutingsService,
    private readonly pictures: PictureStore,
    private readonly flanks: FlankDescriptorsService,
  ) {}

  /** What would come of it; nothing is written. */
  preview(book: CameBook): BookMerge {
    return this.sortOut(book).said;
  }

  /** Merges all of it in one transaction: all, or nothing. */
  async merge(book: CameBook, now: Date): Promise<BookMerge> {
    const deleted = book.captures.flatMap((event) => (event.type === 'picture-deleted' ? [event.payload.sha256] : []));
    const said = this.write(book, deleted, now);
    if (deleted.length > 0) {
      await this.pictures.clearDeleted(deleted);
      await this.flanks.clearUnwanted();
    }
    return said;
  }

  private write(book: CameBook, deleted: readonly string[], now: Date): BookMerge {
    try {
      return this.database.write(() => {
        const { said, puts, captureEvents, outingEvents: ofOutings, settings } = this.sortOut(book);
        for (const [kind, row] of puts) this.rows.put(kind, row);
        for (const row of settings) this.settings.put(row);
        if (ofOutings.length > 0) this.outingsService.append(ofOutings, now);
        if (captureEvents.length > 0) this.captureEvents.append(captureEvents, now);
        this.pictures.noteDeleted(deleted, now);
        return said;
      });
    } catch (cause) {
      this.captureEvents.forgetStories();
      throw cause;
    }
  }

  private sortOut(book: CameBook) {
    const rows = this.sortRows(book.rows);
    const settings = book.settings.flatMap((came) => {
      const merged = mergeRow(this.settings.row(came.id), came);
      return 'row' in merged ? [merged.row] : [];
    });
    const ofCaptures = this.sortEvents<CaptureEvent>(book.captures, 'captures');
    const ofOutings = this.sortEvents<OutingEvent>(book.outings, 'outings');
    const said: BookMerge = {
      captures: ofCaptures.subjects,
      outings: ofOutings.subjects,
      rows: rows.counts,
      freshOf: rows.freshOf,
      clashing: ofCaptures.clashing + ofOutings.clashing,
      leftOut: book.leftOut + rows.leftOut,
      missingPictures: book.pictures.filter((sha256) => !this.pictures.facts(sha256)),
      exportedAt: book.exportedAt,
    };
    return { said, puts: rows.puts, settings, captureEvents: ofCaptures.fresh, outingEvents: ofOutings.fresh };
  }

  private sortRows(rows: CameBook['rows']) {
    const counts = { fresh: 0, newer: 0, older: 0, known: 0 };
    const freshOf: Partial<Record<BookRowKind, string[]>> = {};
    const puts: [BookRowKind, CameRow][] = [];
    let leftOut = 0;
    for (const kind of BOOK_ROWS) {
      const standing = new Map(this.rows.of(kind).map((row) => [row.id, row]));
      for (const came of rows[kind]) {
        const merged = mergeRow(standing.get(came.id), came);
        if ('row' in merged && !canStand(kind, merged.row)) {
          leftOut += 1;
          continue;
        }
        counts[merged.kind] += 1;
        if (!('row' in merged)) continue;
        puts.push([kind, merged.row]);
        const { name } = merged.row;
        if (merged.kind === 'fresh' && typeof name === 'string') (freshOf[kind] ??= []).push(name);
      }
    }
    return { counts, freshOf, puts, leftOut };
  }

  private sortEvents<T extends CaptureEvent | OutingEvent>(came: readonly T[], of: 'captures' | 'outings') {
    const once = [...new Map(came.map((event) => [event.id, event])).values()];
    const fresh: T[] = [];
    let clashing = 0;
    for (const some of chunks(once)) {
      const kept = new Map(this.keptEvents(some, of).map((event) => [event.id, event]));
      for (const event of some) {
        const standing = kept.get(event.id);
        if (!standing) fresh.push(event);
        else if (!isSameEvent(standing, event)) clashing += 1;
      }
    }
    const all = new Set(once.map(subjectIn));
    const touched = new Set(fresh.map(subjectIn));
    const here = this.subjectsHere([...all], of);
    const grown = [...touched].filter((id) => here.has(id)).length;
    const subjects = { fresh: touched.size - grown, grown, known: all.size - touched.size };
    return { fresh, clashing, subjects };
  }

  private keptEvents(some: readonly { readonly id: string }[], of: 'captures' | 'outings'): Kept[] {
    const ids = some.map(({ id }) => id);
    const { drizzle } = this.database;
    return of === 'captures'
      ? drizzle.select().from(events).where(inArray(events.id, ids)).all()
      : drizzle.select().from(outingEvents).where(inArray(outingEvents.id, ids)).all();
  }

  private subjectsHere(ids: readonly string[], of: 'captures' | 'outings'): Set<string> {
    const { drizzle } = this.database;
    const table = of === 'captures' ? captures : outings;
    return new Set(
      [...chunks(ids)].flatMap((some) =>
        drizzle
          .select({ id: table.id })
          .from(table)
          .where(inArray(table.id, [...some]))
          .all()
          .map(({ id }) => id),
      ),
    );
  }
}

function subjectIn(event: CaptureEvent | OutingEvent): string {
  return 'captureId' in event ? event.captureId : event.outingId;
}

/** Whether a row holds what the book asks of its kind. */
function canStand(kind: BookRowKind, { id: _id, updatedAt: _at, ...row }: CameRow): boolean {
  return problemsIn(ROW_CONTRACTS[kind], row).length === 0;
}

function* chunks<T>(of: readonly T[]): Generator<readonly T[]> {
  for (let at = 0; at < of.length; at += AT_A_TIME) yield of.slice(at, at + AT_A_TIME);
}
