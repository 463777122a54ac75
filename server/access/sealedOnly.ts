import type { NextFunction, Request, Response } from 'express';
import type { ErrorBody } from '@keeper/contract/errors';

/** Behind a proxy: only what came to it over HTTPS is answered, and only where a proxy that was named says so. */
export function sealedOnly(request: Request, response: Response, next: NextFunction): void {
  if (request.secure) {
    next();
    return;
  }
  const body: ErrorBody = {
    code: 'not-allowed',
    sentence: 'This book answers only over HTTPS, and only by way of the proxy that it was told of.',
  };
  response.status(403).json(body);
}
