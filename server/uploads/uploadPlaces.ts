import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import type { Response } from 'express';
import { Problem } from '../errors/problem.js';

/** So many files come in at a time; further ones are sent again a little later. */
export const MOST_UPLOADS = 8;

let taken = 0;

/** Keeps the number of files that come in at a time within bounds. */
@Injectable()
export class UploadPlaces implements CanActivate {
  canActivate(context: ExecutionContext): boolean {
    if (taken >= MOST_UPLOADS) {
      throw new Problem(503, {
        code: 'too-busy',
        sentence: 'Too many files come in at once. Nothing was kept of this one; it is sent again.',
      });
    }
    taken += 1;
    context
      .switchToHttp()
      .getResponse<Response>()
      .once('close', () => {
        taken -= 1;
      });
    return true;
  }
}
