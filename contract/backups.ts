import { IsOptional } from 'class-validator';
import { IsText, Maybe } from './fields.js';
import { IsPassphrase, LONGEST_PASSPHRASE } from './access.js';

/** Where a backup is written every night; empty: nowhere. */
export class WriteBackupsDto {
  @IsText(1000) folder: string;
  /** What they are sealed with from now on; null: they are not. Left out it stays as it is. */
  @IsOptional() @IsPassphrase() passphrase?: string | null;
}

/** How the nightly backups stand. */
export interface Backups {
  /** Null where none are made. */
  readonly folder: string | null;
  /** When the newest that was read back and found whole was made, ISO 8601; null where there is none. */
  readonly lastAt: string | null;
  readonly lastBytes: number | null;
  /** When the oldest was made; null where there is none. */
  readonly firstAt: string | null;
  /** How many lie in the folder. */
  readonly count: number;
  /** The newest is older than it should be, or there is none though there should be. */
  readonly isOld: boolean;
  /** Whether they are sealed with a passphrase. */
  readonly sealed: boolean;
  /** Why the last one failed, in a sentence; null where it did not. */
  readonly trouble: string | null;
}

/** What a backup is sealed with that is fetched by hand. */
export class SealBackupDto {
  @IsPassphrase() passphrase: string;
}

/** Where a sealed backup is fetched, once, within a minute. */
export interface SealedDownload {
  readonly path: string;
}

/** What comes with a backup that is to be restored. */
export class RestoreDto {
  @Maybe() @IsText(LONGEST_PASSPHRASE * 4) passphrase?: string;
}

/** What came back; the server goes for a moment, and comes back with that book. */
export interface Restored {
  readonly pictures: number;
}
