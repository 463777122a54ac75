import { Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import type { WriteSettingsDto } from '@keeper/contract/settings';
import { FIRST_SETTINGS, type KeptSettings } from '@keeper/contract/preferences';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { changedMeanwhile } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { keepSetting } from '../storage/keepSetting.js';
import { settings } from '../storage/schema.js';

/** Where a keeper's ways stand; those of the first stood there when the book had one keeper. */
const nameOf = (keeperId: string) => (keeperId === FIRST_KEEPER ? 'keeper' : `keeper ${keeperId}`);

/** The preferences of each keeper: units, and the schools. */
@Injectable()
export class SettingsService {
  constructor(private readonly database: Database) {}

  read(keeperId: string): KeptSettings {
    const row = this.database.drizzle
      .select()
      .from(settings)
      .where(eq(settings.name, nameOf(keeperId)))
      .get();
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
  write(keeperId: string, { revision, ...ways }: WriteSettingsDto, now: Date): KeptSettings {
    return this.database.write(() => {
      const standing = this.read(keeperId);
      if (standing.revision !== revision) throw changedMeanwhile('Your settings', standing);
      keepSetting(this.database.drizzle, nameOf(keeperId), JSON.stringify(ways), now, revision + 1);
      return this.read(keeperId);
    });
  }
}
