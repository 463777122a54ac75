import { readFile, rm } from 'node:fs/promises';
import { Controller, HttpCode, Post, Query, UploadedFile, UseGuards, UseInterceptors } from '@nestjs/common';
import { MergeQueryDto, type BookMerge } from '@keeper/contract/bookMerge';
import { MOST_BOOK_BYTES } from '@keeper/contract/limits';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { asKeeper } from '@keeper/core/formats/asKeeper';
import { readBookJson, type BookReadWhy, type CameBook } from '@keeper/core/formats/readBookJson';
import { Problem } from '../errors/problem.js';
import { OneFile } from '../uploads/oneFile.js';
import type { ReceivedFile } from '../uploads/receivedFile.js';
import { UploadPlaces } from '../uploads/uploadPlaces.js';
import { MergeBookService } from './mergeBook.service.js';

const WHY: Readonly<Record<BookReadWhy, string>> = {
  'not-json': 'This file is not JSON, or breaks off.',
  register: 'This is a register of fish, not a book: take it in on the page of your fish.',
  'no-book': 'This is not a book of Unhurried Keeper.',
  newer: 'This book was written by a newer version of Unhurried Keeper: use that one, or a newer one.',
};

/** A book that left as JSON comes in again, or another one. */
@Controller('book')
export class MergeController {
  constructor(private readonly merging: MergeBookService) {}

  @Post()
  @HttpCode(200)
  @UseGuards(UploadPlaces)
  @UseInterceptors(OneFile(MOST_BOOK_BYTES))
  async merge(@UploadedFile() file: ReceivedFile | undefined, @Query() query: MergeQueryDto): Promise<BookMerge> {
    if (!file) throw noBook('No book came with the request. Send it as the form field "file".');
    const text = await readFile(file.path, 'utf8').finally(() => rm(file.path, { force: true }));
    const read = readBookJson(text);
    if (!read.ok) throw noBook(WHY[read.why]);
    const now = new Date();
    const book = forKeeper(read.book, query, now);
    return query.dryRun ? this.merging.preview(book) : this.merging.merge(book, now);
  }
}

/** The book as that of the keeper who it is said to be of; one who is not known here yet comes with it. */
function forKeeper(book: CameBook, { keeperId = FIRST_KEEPER, name }: MergeQueryDto, now: Date): CameBook {
  const theirs = asKeeper(book, keeperId);
  if (name === undefined || theirs.rows.keepers.some(({ id }) => id === keeperId)) return theirs;
  const keeper = { id: keeperId, name, retired: false, revision: 1, updatedAt: now.toISOString() };
  return { ...theirs, rows: { ...theirs.rows, keepers: [...theirs.rows.keepers, keeper] } };
}

function noBook(sentence: string): Problem {
  const said = `Nothing was written. ${sentence}`;
  return new Problem(400, { code: 'not-valid', sentence: said, fields: [{ field: 'file', sentence }] });
}
