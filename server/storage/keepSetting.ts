import { settings } from './schema.js';
import type { Database } from './database.js';

/** What writes rows: the book as it is open, or a transaction of it. */
type Writes = Pick<Database['drizzle'], 'insert'>;

/** Writes one row of the settings, whether it was there or not. */
export function keepSetting(writes: Writes, name: string, value: string, now: Date, revision = 1): void {
  const row = { name, value, revision, updatedAt: now.toISOString() };
  writes.insert(settings).values(row).onConflictDoUpdate({ target: settings.name, set: row }).run();
}
