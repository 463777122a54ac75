import { randomInt } from 'node:crypto';
import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';
import type { ErrorBody } from '@keeper/contract/errors';
import { TROUBLE_SENTENCES } from '@keeper/contract/health';
import { bookTroubleOf } from '../storage/bookTrouble.js';
import { Problem } from './problem.js';

interface Answer {
  readonly status: number;
  readonly body: ErrorBody;
}

/** What is said of a request that never reached its work, by its status. */
const UNREADABLE: Readonly<Record<number, ErrorBody>> = {
  404: { code: 'not-found', sentence: 'There is nothing at that address.' },
  413: {
    code: 'too-large',
    sentence: 'That is too much at once. Nothing was written; send it in parts.',
  },
  415: {
    code: 'not-taken',
    sentence: 'That kind of body is not taken here. Nothing was written; send JSON, or a form with a file.',
  },
};

/**
 * Every error leaves as JSON with a code and a sentence; what is wrong inside stays in the log, under a number that is
 * said.
 */
@Catch()
export class ErrorsAsJson implements ExceptionFilter {
  private readonly log = new Logger('Errors');

  /** `onDamage` hears of a book that was found damaged while it was read or written. */
  constructor(private readonly onDamage: () => void) {}

  catch(error: unknown, host: ArgumentsHost): void {
    this.answer(error, host.switchToHttp().getResponse<Response>());
  }

  /** The same for what fails before a request comes to its work, such as a body that cannot be read. */
  readonly beforeWork = (error: unknown, _request: Request, response: Response, _next: NextFunction): void => {
    this.answer(error, response);
  };

  private answer(error: unknown, response: Response): void {
    const { status, body } = this.answerTo(error);
    if (response.headersSent) {
      response.destroy();
      return;
    }
    if (status === 503) response.setHeader('Retry-After', '15');
    // What the answer would have been is not what it is.
    response.removeHeader('Content-Disposition');
    response.setHeader('Cache-Control', 'no-store').type('application/json');
    response.status(status).json(body);
  }

  private answerTo(error: unknown): Answer {
    if (error instanceof Problem) return { status: error.getStatus(), body: error.getResponse() as ErrorBody };
    const status = error instanceof HttpException ? error.getStatus() : statusOf(error);
    if (status !== undefined && status < 500) {
      const body = UNREADABLE[status];
      if (body) return { status, body };
      const sentence = 'The request could not be read. Nothing was written.';
      return { status, body: { code: 'not-readable', sentence } };
    }
    const trouble = bookTroubleOf(error);
    if (trouble) {
      if (trouble === 'book-damaged') this.onDamage();
      this.log.error(`${trouble}: ${error instanceof Error ? error.message : String(error)}`);
      return { status: 503, body: { code: trouble, sentence: TROUBLE_SENTENCES[trouble] } };
    }
    const number = randomInt(100_000, 1_000_000);
    this.log.error(`No. ${number}: ${error instanceof Error ? (error.stack ?? error.message) : String(error)}`);
    return {
      status: 500,
      body: {
        code: 'broken',
        sentence: `Something broke on the server, noted in its log as no. ${number}. What you entered is still on your device and is sent again.`,
      },
    };
  }
}

/** Errors of the body parser and of the router are no HttpExceptions, but they carry their status. */
function statusOf(error: unknown): number | undefined {
  if (typeof error !== 'object' || error === null || !('status' in error)) return undefined;
  return typeof error.status === 'number' ? error.status : undefined;
}
