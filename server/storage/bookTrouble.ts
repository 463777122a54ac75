import type { BookTrouble } from '@keeper/contract/health';

interface SystemError {
  readonly code?: unknown;
}

/** By the codes of SQLite and of the system: https://www.sqlite.org/rescode.html, errno(3). */
const BY_CODE: readonly (readonly [RegExp, BookTrouble])[] = [
  [/^(SQLITE_FULL|ENOSPC|EDQUOT)$/, 'disk-full'],
  [/^(SQLITE_READONLY_DBMOVED|SQLITE_CANTOPEN.*|ENOENT)$/, 'book-gone'],
  [/^(SQLITE_READONLY.*|SQLITE_PERM|EROFS|EACCES|EPERM)$/, 'read-only'],
  [/^(SQLITE_CORRUPT.*|SQLITE_NOTADB)$/, 'book-damaged'],
  [/^(SQLITE_BUSY.*|SQLITE_LOCKED.*)$/, 'book-busy'],
  [/^(SQLITE_IOERR.*|EIO)$/, 'disk-fails'],
];

/**
 * What is wrong with the book or its disk, by an error that reading or writing threw; undefined for any other error.
 */
export function bookTroubleOf(error: unknown): BookTrouble | undefined {
  if (error instanceof BookError) return error.trouble;
  const { code } = (typeof error === 'object' && error !== null ? error : {}) as SystemError;
  return typeof code === 'string' ? BY_CODE.find(([pattern]) => pattern.test(code))?.[1] : undefined;
}

/** The book cannot be written or read, and it is known why. */
export class BookError extends Error {
  constructor(readonly trouble: BookTrouble) {
    super(trouble);
  }
}
