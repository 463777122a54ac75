import { mkdirSync, renameSync, rmSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import {
  Body,
  Controller,
  HttpCode,
  Inject,
  Post,
  Res,
  UploadedFile,
  UseGuards,
  UseInterceptors,
} from '@nestjs/common';
import type { Response } from 'express';
import { RestoreDto, type Restored } from '@keeper/contract/backups';
import { Problem } from '../errors/problem.js';
import type { BookFolder } from '../storage/bookFolder.js';
import { Database } from '../storage/database.js';
import { isEmptyBook } from '../storage/isEmptyBook.js';
import { StartError } from '../storage/startError.js';
import { OneFile } from '../uploads/oneFile.js';
import type { ReceivedFile } from '../uploads/receivedFile.js';
import { UploadPlaces } from '../uploads/uploadPlaces.js';
import { BOOK_FOLDER } from './backups.service.js';
import { RESTART, type Restart } from './restart.js';
import { unpackBackup } from './restoreBackup.js';
import { MIGRATIONS } from './migrations.js';

/** Brings a book back from a backup into this one, as long as nothing is in it. */
@Controller('restore')
export class RestoreController {
  constructor(
    private readonly database: Database,
    @Inject(BOOK_FOLDER) private readonly where: BookFolder,
    @Inject(MIGRATIONS) private readonly migrations: string,
    @Inject(RESTART) private readonly restart: Restart,
  ) {}

  @Post()
  @HttpCode(200)
  @UseGuards(UploadPlaces)
  @UseInterceptors(OneFile(Number.MAX_SAFE_INTEGER, 1))
  async restore(
    @UploadedFile() file: ReceivedFile | undefined,
    @Body() { passphrase }: RestoreDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Restored> {
    if (!file) throw refused('No backup came with the request. Send it as the form field "file".');
    try {
      if (!isEmptyBook(this.database)) throw refused('There is something in this book already: it was not touched.');
      const { read, place, drop } = await unpackBackup(file.path, this.where, this.migrations, passphrase);
      // Whoever asked has the answer before the server goes for a moment.
      response.once('close', () => this.restart(() => putInPlace(this.where, place, drop)));
      return { pictures: read.files - 1 };
    } catch (cause) {
      throw cause instanceof StartError ? refused(cause.message) : cause;
    } finally {
      await rm(file.path, { force: true });
    }
  }
}

/** The empty book goes to the copies, and the one that was unpacked takes its place; it comes back where that fails. */
function putInPlace(where: BookFolder, place: () => void, drop: () => void): void {
  mkdirSync(where.copies, { recursive: true, mode: 0o700 });
  const aside = join(where.copies, `empty-before-restore-${Date.now()}.sqlite`);
  for (const ending of ['-wal', '-shm']) rmSync(where.book + ending, { force: true });
  renameSync(where.book, aside);
  try {
    place();
  } catch (cause) {
    renameSync(aside, where.book);
    throw cause;
  } finally {
    drop();
  }
}

function refused(sentence: string): Problem {
  const said = sentence.includes('Nothing was restored') ? sentence : `Nothing was restored. ${sentence}`;
  return new Problem(400, { code: 'not-valid', sentence: said, fields: [{ field: 'file', sentence: said }] });
}
