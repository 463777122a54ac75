import { Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import { Database } from '../storage/database.js';
import { keepSetting } from '../storage/keepSetting.js';
import { settings } from '../storage/schema.js';

export const PASSPHRASE_SETTING = 'passphrase';
const ASKED_HERE = 'passphraseAskedHere';

/** The passphrase of the book, as its hash. It is read each time: a command beside the server may have changed it. */
@Injectable()
export class PassphraseRepository {
  constructor(private readonly database: Database) {}

  /** Undefined while there is none. */
  read(): string | undefined {
    return this.database.drizzle.select().from(settings).where(eq(settings.name, PASSPHRASE_SETTING)).get()?.value;
  }

  /** Whether it is asked on the machine that keeps the book too. */
  isAskedHere(): boolean {
    const row = this.database.drizzle.select().from(settings).where(eq(settings.name, ASKED_HERE)).get();
    return row?.value === 'asked';
  }

  askHere(isAsked: boolean, now: Date): void {
    const value = isAsked ? 'asked' : 'not asked';
    this.database.write(() => keepSetting(this.database.drizzle, ASKED_HERE, value, now));
  }

  write(kept: string, now: Date): void {
    this.database.write(() => keepSetting(this.database.drizzle, PASSPHRASE_SETTING, kept, now));
  }
}
