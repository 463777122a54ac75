import { IsText } from './fields.js';

/** Where a backup is written every night; empty: nowhere. */
export class WriteBackupsDto {
  @IsText(1000) folder: string;
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
  /** Why the last one failed, in a sentence; null where it did not. */
  readonly trouble: string | null;
}
