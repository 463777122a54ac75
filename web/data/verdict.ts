import { dataText } from './text.en-GB.js';
import type { FieldProblem } from '@keeper/contract/errors';
import { ApiError, NotHere, NotLetIn, NotNow } from './api.js';
import { BytesGone } from './ownCopy.js';

/**
 * What an answer means for the entry that was sent. `never`: not as it is; it can be mended. `later`: this server does
 * not take it; it is sent again when the application starts, or when the keeper says so. `skip`: not this time; the
 * others go on, and it is sent again by itself. `stop`: nothing goes just now.
 */
export type Verdict =
  | { readonly kind: 'never'; readonly problem: string; readonly fields: readonly FieldProblem[] }
  | { readonly kind: 'later' | 'skip'; readonly problem: string }
  | { readonly kind: 'stop'; readonly trouble: SendTrouble };

/**
 * Why nothing goes just now. `unreachable`: no answer; `not-here`: the address is to be put right; `not-let-in`: this
 * device is to be paired; `not-now`: the server said why.
 */
export interface SendTrouble {
  readonly kind: 'unreachable' | 'not-here' | 'not-let-in' | 'not-now';
  readonly sentence: string;
}

/** Too large for what stands in between, or for this server as it was started: neither is a fault of the entry. */
const TOO_LARGE = 413;
const NEVER: readonly number[] = [400, 409, 410, 413, 415];

/**
 * Reads what went wrong. Example: a 403 says nothing of the entry, but that the server does not answer under this name.
 */
export function verdictOn(error: unknown): Verdict {
  if (error instanceof BytesGone) return { kind: 'never', problem: error.message, fields: [] };
  if (error instanceof NotLetIn) return stop('not-let-in', error.message);
  if (error instanceof NotHere) return stop('not-here', error.message);
  if (error instanceof NotNow) {
    return error.status === 503 ? stop('not-now', error.message) : { kind: 'skip', problem: error.message };
  }
  if (!(error instanceof ApiError)) return stop('unreachable', dataText.theServerCannotBe);
  const { status, body } = error;
  if (status === TOO_LARGE && body.code !== 'too-many-pixels') return { kind: 'later', problem: error.message };
  // Logged after this device was put out: it stays here, to be saved, or sent once the device is let in again.
  if (body.code === 'put-out') return { kind: 'later', problem: error.message };
  if (NEVER.includes(status)) return { kind: 'never', problem: error.message, fields: body.fields ?? [] };
  return { kind: 'skip', problem: error.message };
}

function stop(kind: SendTrouble['kind'], sentence: string): Verdict {
  return { kind: 'stop', trouble: { kind, sentence } };
}
