import { join } from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as schema from './schema.js';

export type Drizzle = BetterSQLite3Database<typeof schema>;

/** The book on disk. Every commit is on the platter before it is acknowledged. */
export class Database {
  private constructor(
    readonly sqlite: SqliteDatabase.Database,
    readonly drizzle: Drizzle,
  ) {}

  /** Opens the book in a data folder, or in memory for `:memory:`, and brings its tables up to date. */
  static open(dataFolder: string, migrationsFolder: string): Database {
    const sqlite = new SqliteDatabase(dataFolder === ':memory:' ? ':memory:' : join(dataFolder, 'book.sqlite'));
    sqlite.pragma('journal_mode = WAL');
    sqlite.pragma('synchronous = FULL');
    sqlite.pragma('foreign_keys = ON');
    sqlite.pragma('busy_timeout = 5000');
    const orm = drizzle(sqlite, { schema });
    migrate(orm, { migrationsFolder });
    return new Database(sqlite, orm);
  }

  onApplicationShutdown(): void {
    this.sqlite.close();
  }
}
