import SqliteDatabase from 'better-sqlite3';

/**
 * What a check of the whole book found wrong, a line each; empty when it is sound. Reads every page and every index,
 * and writes nothing.
 */
export function findDamage(book: string): string[] {
  let sqlite: SqliteDatabase.Database | undefined;
  try {
    sqlite = new SqliteDatabase(book, { readonly: true, fileMustExist: true });
    const lines = sqlite.pragma('integrity_check(20)') as { integrity_check: string }[];
    const orphans = sqlite.pragma('foreign_key_check') as { table: string; rowid: number }[];
    return [
      ...lines.map(({ integrity_check: line }) => line).filter((line) => line !== 'ok'),
      ...orphans.slice(0, 20).map(({ table, rowid }) => `row ${rowid} of ${table} belongs to nothing`),
    ];
  } catch (cause) {
    return [cause instanceof Error ? cause.message : String(cause)];
  } finally {
    sqlite?.close();
  }
}
