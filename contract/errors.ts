import type { BookTrouble } from './health.js';

/** What went wrong at one field. `field` is a path such as `events.0.payload.why`. */
export interface FieldProblem {
  readonly field: string;
  readonly sentence: string;
}

/** Codes that the interface can act on. */
export type ErrorCode =
  | 'not-valid'
  | 'not-found'
  | 'not-a-picture'
  | 'picture-too-large'
  | 'too-many-pixels'
  | 'changed-meanwhile'
  | 'event-id-reused'
  | 'foreign-host'
  | 'foreign-origin'
  | 'service-failed'
  | 'not-readable'
  | 'too-large'
  | 'not-taken'
  | 'too-busy'
  | 'picture-damaged'
  | 'picture-deleted'
  | 'no-backup-folder'
  | 'backup-failed'
  | BookTrouble
  | 'not-let-in'
  | 'session-over'
  | 'put-out'
  | 'not-allowed'
  | 'wrong-passphrase'
  | 'wrong-code'
  | 'wait'
  | 'refused'
  | 'broken';

/** The body of every answer that is not a success. */
export interface ErrorBody {
  readonly code: ErrorCode;
  /** What happened, what was kept, what to do: for a person. */
  readonly sentence: string;
  readonly fields?: readonly FieldProblem[];
  /** With `changed-meanwhile`: the version that the server holds. */
  readonly theirs?: unknown;
}
