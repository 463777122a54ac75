import { HttpException } from '@nestjs/common';
import type { ErrorBody } from '@keeper/contract/errors';

/** An error that says what happened in the contract's own shape. */
export class Problem extends HttpException {
  constructor(status: number, body: ErrorBody) {
    super(body, status);
  }
}

/** Example: `notFound('That capture')` says "That capture is not in this book." */
export function notFound(what: string): Problem {
  return new Problem(404, { code: 'not-found', sentence: `${what} is not in this book.` });
}

/** Somebody else wrote in between: both versions go back, nothing is overwritten. */
export function changedMeanwhile(what: string, theirs: unknown): Problem {
  return new Problem(409, {
    code: 'changed-meanwhile',
    sentence: `${what} was changed on another device since you opened it. Your version was not written; both are shown.`,
    theirs,
  });
}

/** An id that is in the book with another content: then nothing of the batch is written. */
export function eventIdReused(id: string): Problem {
  return new Problem(409, {
    code: 'event-id-reused',
    sentence: `Event ${id} is in the book with another content. Nothing of this batch was written.`,
  });
}
