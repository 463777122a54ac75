import { UnsupportedMediaTypeException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

const TAKEN = ['application/json', 'multipart/form-data'];

/** Refuses bodies of a kind that nothing here reads, instead of taking them for an empty one. */
export function refuseOtherBodies(request: Request, _response: Response, next: NextFunction): void {
  const hasBody = request.headers['transfer-encoding'] !== undefined || Number(request.headers['content-length']) > 0;
  const isOther = hasBody && request.path.startsWith('/api/') && !request.is(TAKEN);
  next(isOther ? new UnsupportedMediaTypeException() : undefined);
}
