import { rmSync, writeFileSync, existsSync } from 'node:fs';
import type SqliteDatabase from 'better-sqlite3';
import type { BookTrouble } from '@keeper/contract/health';
import { bookFolder, fileIdentity, makePrivate, type BookFolder } from './bookFolder.js';
import { BookError, bookTroubleOf } from './bookTrouble.js';
import type { CheckBook } from './checkBook.js';
import { takeFolderLock, type FolderLock } from './folderLock.js';
import { openBook, type Drizzle, type OpenBook } from './openBook.js';
import { StartError } from './startError.js';

/** A check of the book that takes longer goes on while the server answers. */
const CHECK_PATIENCE_MS = 3000;

/** The book on disk. Every commit is on the platter before it is acknowledged, and one server has it at a time. */
export class Database {
  readonly sqlite: SqliteDatabase.Database;
  readonly drizzle: Drizzle;
  /** Where the book lies as it was before its tables were brought up to date; null where nothing was. */
  readonly copiedTo: string | null;
  private readonly identity: string | undefined;
  /** What the last writing failed for, or a check found; null while all is well. */
  private standing: BookTrouble | null = null;
  private damage: readonly string[] = [];
  private isChecking = false;

  private constructor(
    { sqlite, drizzle, copiedTo }: OpenBook,
    readonly where: BookFolder,
    private readonly lock: FolderLock,
    /** Whether the server that had the book before was stopped without closing it. */
    readonly wasInUse: boolean,
  ) {
    this.sqlite = sqlite;
    this.drizzle = drizzle;
    this.copiedTo = copiedTo;
    this.identity = fileIdentity(where.book);
  }

  /** Opens the book in a data folder and brings its tables up to date. @throws StartError with what to do about it */
  static open(folder: string, migrationsFolder: string, now = new Date()): Database {
    const where = bookFolder(folder);
    const lock = takeFolderLock(where.lock);
    if (!lock) {
      throw new StartError(
        `Another server has the book in ${folder} open. Stop it first, or name another folder: npm start -- --data FOLDER`,
      );
    }
    try {
      const wasInUse = existsSync(where.inUse);
      const open = openBook(where, migrationsFolder, now);
      makePrivate(where);
      writeFileSync(where.inUse, '', { mode: 0o600 });
      return new Database(open, where, lock, wasInUse);
    } catch (cause) {
      lock.release();
      throw cause;
    }
  }

  /**
   * Reads the whole book for damage, for a while; a check that takes longer goes on beside the server's work. Damage
   * that is found stops all writing, so that nothing is made worse.
   */
  async check(checkBook: CheckBook, patienceMs = CHECK_PATIENCE_MS): Promise<void> {
    this.isChecking = true;
    const checking = checkBook(this.where.book)
      .then((damage) => {
        this.damage = damage;
      })
      .finally(() => (this.isChecking = false));
    let late: NodeJS.Timeout | undefined;
    const patience = new Promise<void>((resolve) => {
      late = setTimeout(resolve, patienceMs);
    });
    await Promise.race([checking, patience]).finally(() => clearTimeout(late));
    // Whoever waited no longer hears of a check that could not be made; the next start makes it again.
    checking.catch(() => undefined);
  }

  /** Has the whole book read when reading a part of it has met damage; once is enough. */
  async suspectDamage(checkBook: CheckBook): Promise<void> {
    if (this.isChecking || this.damage.length > 0) return;
    await this.check(checkBook, 0);
  }

  /**
   * Writes in one transaction that begins by taking the book, so that two writers wait for each other instead of
   * failing half way.
   * @throws BookError when the book is not there any more, or damaged
   */
  write<T>(work: () => T): T {
    this.assertWritable();
    try {
      const done = this.sqlite.inTransaction ? work() : this.sqlite.transaction(work).immediate();
      this.standing = null;
      return done;
    } catch (cause) {
      const trouble = bookTroubleOf(cause);
      if (trouble && trouble !== 'book-busy') this.standing = trouble;
      throw cause;
    }
  }

  /** @throws BookError when nothing may be written, because the book is not there any more, or damaged */
  assertWritable(): void {
    if (this.damage.length > 0) throw new BookError('book-damaged');
    if (fileIdentity(this.where.book) !== this.identity) throw new BookError('book-gone');
  }

  /** What keeps the book from being written, found out by trying; null when all is well. */
  trouble(): BookTrouble | null {
    try {
      this.write(() => this.standing && this.sqlite.pragma('user_version = 0'));
      return null;
    } catch (cause) {
      return bookTroubleOf(cause) ?? 'disk-fails';
    }
  }

  /** What a check found wrong, a line each. */
  foundDamage(): readonly string[] {
    return this.damage;
  }

  onApplicationShutdown(): void {
    this.sqlite.close();
    if (this.damage.length === 0) rmSync(this.where.inUse, { force: true });
    this.lock.release();
  }
}
