import { existsSync } from 'node:fs';
import { isNull } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/better-sqlite3';
import { bookFolder } from '../storage/bookFolder.js';
import { keepSetting } from '../storage/keepSetting.js';
import { connect } from '../storage/openBook.js';
import { devices } from '../storage/schema.js';
import { StartError } from '../storage/startError.js';
import { keepPassphrase } from './passphrase.js';
import { PASSPHRASE_SETTING } from './passphrase.repository.js';

/**
 * Sets the passphrase of a book in its file, whether a server has it open or not, and ends every session.
 * @throws StartError when there is no book
 */
export async function resetPassphrase(dataFolder: string, next: string, now: Date): Promise<void> {
  const { book } = bookFolder(dataFolder);
  if (!existsSync(book))
    throw new StartError(`There is no book in ${dataFolder}. Start the server once, or name its folder: --data FOLDER`);
  const kept = await keepPassphrase(next);
  const sqlite = connect(book);
  try {
    const orm = drizzle(sqlite);
    orm.transaction((tx) => {
      keepSetting(tx, PASSPHRASE_SETTING, kept, now);
      tx.update(devices).set({ tokenHash: null, formerHash: null }).where(isNull(devices.putOutAt)).run();
    });
  } finally {
    sqlite.close();
  }
}
