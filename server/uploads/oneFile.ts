import {
  Inject,
  mixin,
  type CallHandler,
  type ExecutionContext,
  type NestInterceptor,
  type Type,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import type { Observable } from 'rxjs';
import { Database } from '../storage/database.js';
import { receiveTo } from './receivedFile.js';

/**
 * Takes one file of a form, in its field "file", to the disk, and so many other fields beside it; a `ReceivedFile`
 * comes of it.
 */
export function OneFile(mostBytes: number, fields = 0): Type<NestInterceptor> {
  class OneFileInterceptor implements NestInterceptor {
    private readonly inner: NestInterceptor;

    constructor(@Inject(Database) database: Database) {
      const storage = receiveTo(database.where.folder);
      const Inner = FileInterceptor('file', { storage, limits: { fileSize: mostBytes, files: 1, fields } });
      this.inner = new Inner();
    }

    intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> | Promise<Observable<unknown>> {
      return this.inner.intercept(context, next);
    }
  }
  return mixin(OneFileInterceptor);
}
