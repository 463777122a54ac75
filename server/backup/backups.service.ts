import { accessSync, constants, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { isAbsolute, join, relative } from 'node:path';
import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import type { Backups } from '@keeper/contract/backups';
import { Problem } from '../errors/problem.js';
import type { BookFolder } from '../storage/bookFolder.js';
import { Database } from '../storage/database.js';
import { keepSetting } from '../storage/keepSetting.js';
import { settings } from '../storage/schema.js';
import { writeWholeBackup } from './backup.js';
import { BACKUP_OLD_MS, isBackupDue, keptBackups } from './rota.js';

export const BOOK_FOLDER = Symbol('folder of the book');

const SETTING = 'backups';
const PASSPHRASE = 'backupPassphrase';
/** It is looked so often whether one is due. */
const LOOK_MS = 10 * 60_000;
const NAME = /^unhurried-keeper-(\d{4}-\d{2}-\d{2})T(\d{2})(\d{2})(\d{2})Z\.zip(?:\.age)?$/;

interface Made {
  readonly file: string;
  readonly atMs: number;
}

/** Backups by themselves, every night, into a folder of the keeper's choice; the newest of each span is kept. */
@Injectable()
export class BackupsService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Backup');
  private looking: NodeJS.Timeout | undefined;
  private running: Promise<void> | undefined;
  private trouble: string | null = null;

  constructor(
    private readonly database: Database,
    @Inject(BOOK_FOLDER) private readonly where: BookFolder,
  ) {}

  onApplicationBootstrap(): void {
    this.looking = setInterval(() => this.look(new Date()), LOOK_MS).unref();
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.looking);
    await this.running;
  }

  /** How they stand; what lies in the folder says it. */
  state(now: Date): Backups {
    const folder = this.folder();
    const made = folder === null ? [] : madeIn(folder);
    const last = made.at(-1);
    const isOld = last === undefined ? this.running === undefined : now.getTime() - last.atMs > BACKUP_OLD_MS;
    return {
      folder,
      lastAt: last ? new Date(last.atMs).toISOString() : null,
      firstAt: made[0] ? new Date(made[0].atMs).toISOString() : null,
      lastBytes: last ? statSync(last.file).size : null,
      count: made.length,
      isOld: folder !== null && isOld,
      sealed: this.passphrase() !== undefined,
      trouble: this.trouble,
    };
  }

  /**
   * Has them written to a folder from now on, and one at once; to none where it is empty. With a passphrase they are
   * sealed, without one no more; where nothing is said of it, it stays.
   */
  choose(typed: string, now: Date, passphrase?: string | null): Backups {
    const folder = typed.trim();
    if (folder !== '') assertFits(folder, this.where.folder);
    this.database.write(() => {
      keepSetting(this.database.drizzle, SETTING, folder, now);
      if (passphrase !== undefined) keepSetting(this.database.drizzle, PASSPHRASE, passphrase ?? '', now);
    });
    this.trouble = null;
    this.look(now);
    return this.state(now);
  }

  /** Makes the one that is due; there is never more than one at a time. */
  look(now: Date): void {
    const folder = this.folder();
    if (folder === null || this.running) return;
    const last = madeIn(folder).at(-1);
    if (!isBackupDue(last?.atMs ?? null, now)) return;
    this.running = this.make(folder, now)
      .then(
        () => (this.trouble = null),
        (cause: unknown) => {
          this.trouble = `The backup could not be made: ${cause instanceof Error ? cause.message : String(cause)}`;
          this.log.error(this.trouble);
        },
      )
      .then(() => (this.running = undefined));
  }

  /**
   * Makes one now and deletes those made before, once it is whole.
   * @throws Problem 409 where no folder is chosen, 500 where it could not be made; then all stand as they stood
   */
  async renew(now: Date): Promise<Backups> {
    const folder = this.folder();
    if (folder === null) throw noFolder();
    await this.running;
    const before = madeIn(folder);
    this.running = this.make(folder, now).finally(() => (this.running = undefined));
    await this.running.catch((cause: unknown) => {
      throw notMade(cause);
    });
    const renewed = join(folder, nameOf(now, this.passphrase()));
    for (const { file } of before) if (file !== renewed) rmSync(file, { force: true });
    return this.state(now);
  }

  /** Resolves when what is being made is done. */
  async done(): Promise<void> {
    await this.running;
  }

  private async make(folder: string, now: Date): Promise<void> {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    await writeWholeBackup(this.where, join(folder, nameOf(now, this.passphrase())), now, this.passphrase());
    const made = madeIn(folder);
    const kept = keptBackups(made.map(({ atMs }) => atMs));
    // Only now that the new one is whole.
    for (const { file, atMs } of made) if (!kept.has(atMs)) rmSync(file, { force: true });
    this.log.log(`Backed up into ${folder}.`);
  }

  private folder(): string | null {
    return this.setting(SETTING) ?? null;
  }

  private passphrase(): string | undefined {
    return this.setting(PASSPHRASE);
  }

  /** A setting that says something. */
  private setting(name: string): string | undefined {
    const row = this.database.drizzle.select().from(settings).where(eq(settings.name, name)).get();
    return row?.value ? row.value : undefined;
  }
}

function noFolder(): Problem {
  return new Problem(409, { code: 'no-backup-folder', sentence: 'No folder is chosen for backups.' });
}

function notMade(cause: unknown): Problem {
  const why = cause instanceof Error ? cause.message : String(cause);
  return new Problem(500, {
    code: 'backup-failed',
    sentence: `The backup could not be made, and none was deleted: ${why}`,
  });
}

/** What backups lie in a folder, the newest last; none where it cannot be read. */
function madeIn(folder: string): Made[] {
  let names: string[];
  try {
    names = readdirSync(folder);
  } catch {
    return [];
  }
  return names
    .flatMap((name) => {
      const [, day, hour, minute, second] = NAME.exec(name) ?? [];
      return day === undefined
        ? []
        : { file: join(folder, name), atMs: Date.parse(`${day}T${hour}:${minute}:${second}Z`) };
    })
    .sort((a, b) => a.atMs - b.atMs);
}

/** A backup by its moment; one that is sealed says so. */
function nameOf(now: Date, passphrase: string | undefined): string {
  const moment = now.toISOString().slice(0, 19).replace(/:/g, '');
  return `unhurried-keeper-${moment}Z.zip${passphrase === undefined ? '' : '.age'}`;
}

/** @throws Problem where nothing could be written there, or it lies in the book's own folder */
function assertFits(folder: string, dataFolder: string): void {
  const refuse = (sentence: string) => new Problem(400, { code: 'not-valid', sentence });
  if (!isAbsolute(folder)) throw refuse('Write the whole path of the folder, from the root on.');
  const within = relative(dataFolder, folder);
  if (!within.startsWith('..') && !isAbsolute(within))
    throw refuse('That folder is the book’s own: what befalls the one befalls the other. Choose one on another disk.');
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    accessSync(folder, constants.W_OK);
  } catch (cause) {
    throw refuse(`Nothing can be written there: ${cause instanceof Error ? cause.message : String(cause)}`);
  }
}
