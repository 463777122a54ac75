import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import type { ErrorBody } from '@keeper/contract/errors';
import { Problem } from './problem.js';

/** Every error leaves as JSON with a code and a sentence; what is wrong inside stays in the log. */
@Catch()
export class ErrorsAsJson implements ExceptionFilter {
  private readonly log = new Logger('Errors');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const { status, body } = this.answerTo(error);
    if (response.headersSent) {
      response.destroy();
      return;
    }
    response.status(status).json(body);
  }

  private answerTo(error: unknown): { status: number; body: ErrorBody } {
    if (error instanceof Problem) return { status: error.getStatus(), body: error.getResponse() as ErrorBody };
    const status = error instanceof HttpException ? error.getStatus() : statusOf(error);
    if (status === 404) return { status, body: { code: 'not-found', sentence: 'There is nothing at that address.' } };
    if (status === 413) {
      return {
        status,
        body: {
          code: 'too-large',
          sentence: 'That is more than is taken at once. Nothing was written; send it in parts.',
        },
      };
    }
    if (status !== undefined && status < 500) {
      return {
        status,
        body: { code: 'not-readable', sentence: 'The request could not be read. Nothing was written.' },
      };
    }
    this.log.error(error instanceof Error ? error.stack : error);
    return {
      status: 500,
      body: {
        code: 'broken',
        sentence: 'Something broke on the server. What you entered is still on your device and will be sent again.',
      },
    };
  }
}

/** Errors of the body parser are no HttpExceptions, but they carry their status. */
function statusOf(error: unknown): number | undefined {
  if (typeof error !== 'object' || error === null || !('status' in error)) return undefined;
  return typeof error.status === 'number' ? error.status : undefined;
}
