import { Injectable } from '@nestjs/common';
import { asc, eq } from 'drizzle-orm';
import type { WriteSettingsDto } from '@keeper/contract/settings';
import { FIRST_SETTINGS, type KeptSettings } from '@keeper/contract/preferences';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { changedMeanwhile } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { keepSetting } from '../storage/keepSetting.js';
import { settings } from '../storage/schema.js';

/** Where a keeper's ways stand; those of the first stood there when the book had one keeper. */
const nameOf = (keeperId: string) => (keeperId === FIRST_KEEPER ? 'keeper' : `keeper ${keeperId}`);

function keeperIn(name: string): string | undefined {
  if (name === nameOf(FIRST_KEEPER)) return FIRST_KEEPER;
  return name.startsWith('keeper ') ? name.slice('keeper '.length) : undefined;
}

/** What was written of the ways of a keeper, by the id of that keeper. */
export interface SettingsRow extends Readonly<Record<string, unknown>> {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: string;
}

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

  /** What was written of the ways of each keeper, by their ids. */
  all(): SettingsRow[] {
    const rows = this.database.drizzle.select().from(settings).orderBy(asc(settings.name)).all();
    return rows.flatMap(({ name, value, revision, updatedAt }) => {
      const id = keeperIn(name);
      return id === undefined ? [] : [{ ...(JSON.parse(value) as object), id, revision, updatedAt }];
    });
  }

  /** The same of one keeper; undefined where nothing was written. */
  row(keeperId: string): SettingsRow | undefined {
    return this.all().find(({ id }) => id === keeperId);
  }

  /** Puts the ways of a keeper there as they stand. Call it inside a transaction. */
  put({ id, revision, updatedAt, ...ways }: SettingsRow): void {
    keepSetting(this.database.drizzle, nameOf(id), JSON.stringify(ways), new Date(updatedAt), revision);
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
