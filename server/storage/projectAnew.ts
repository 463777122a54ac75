import { eq } from 'drizzle-orm';
import type { Database } from './database.js';
import { keepSetting } from './keepSetting.js';
import { settings } from './schema.js';

/**
 * Tells rows again from their log when an earlier version of the application told them, and notes under `setting` that
 * this one has. A damaged book is left as it is.
 */
export function projectAnew(
  database: Database,
  { setting, version }: { readonly setting: string; readonly version: string },
  projectAll: () => void,
): void {
  const { drizzle } = database;
  if (database.foundDamage().length > 0) return;
  const projected = drizzle.select().from(settings).where(eq(settings.name, setting)).get();
  if (projected?.value === version) return;
  database.write(() => {
    projectAll();
    keepSetting(drizzle, setting, version, new Date());
  });
}
