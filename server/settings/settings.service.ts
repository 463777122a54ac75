import { Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import type { WriteSettingsDto } from '@keeper/contract/settings';
import { FIRST_SETTINGS, type KeptSettings } from '@keeper/contract/preferences';
import { changedMeanwhile } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { settings } from '../storage/schema.js';

const NAME = 'keeper';

/** The keeper's preferences: units, and the school of weighing. */
@Injectable()
export class SettingsService {
  constructor(private readonly database: Database) {}

  read(): KeptSettings {
    const row = this.database.drizzle.select().from(settings).where(eq(settings.name, NAME)).get();
    if (!row) return FIRST_SETTINGS;
    const kept = JSON.parse(row.value) as Partial<KeptSettings>;
    return {
      ...FIRST_SETTINGS,
      ...kept,
      // Ways that were written before a new one was thought of have it as the first settings do.
      bank: { ...FIRST_SETTINGS.bank, ...kept.bank },
      revision: row.revision,
      updatedAt: row.updatedAt,
    };
  }

  /** Writes at the revision that was read. @throws Problem 409 when another device wrote since. */
  write({ revision, ...ways }: WriteSettingsDto, now: Date): KeptSettings {
    return this.database.write(() => {
      const standing = this.read();
      if (standing.revision !== revision) throw changedMeanwhile('Your settings', standing);
      const row = { name: NAME, value: JSON.stringify(ways), revision: revision + 1, updatedAt: now.toISOString() };
      this.database.drizzle.insert(settings).values(row).onConflictDoUpdate({ target: settings.name, set: row }).run();
      return this.read();
    });
  }
}
