import { Readable } from 'node:stream';
import { Controller, Get, Query, StreamableFile } from '@nestjs/common';
import { ExportQueryDto } from '@keeper/contract/book';
import { tellStory } from '@keeper/core/capture/story';
import { csvHeader, csvRecord } from '@keeper/core/formats/bookCsv';
import { bookJson } from '@keeper/core/formats/bookJson';
import { ReadBook } from '../captures/readBook.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { KeepWaters } from '../waters/keepWaters.js';

/** The whole book in open formats, streamed: nothing is locked in. */
@Controller()
export class BookController {
  constructor(
    private readonly book: ReadBook,
    private readonly waters: KeepWaters,
    private readonly pictures: PictureStore,
  ) {}

  @Get('book.csv')
  csv(@Query() query: ExportQueryDto): StreamableFile {
    return file(this.csvPieces(query.positions === 'included'), 'text/csv; charset=utf-8', 'book.csv');
  }

  @Get('book.json')
  json(@Query() query: ExportQueryDto): StreamableFile {
    const pieces = bookJson(
      {
        exportedAt: new Date().toISOString(),
        waters: this.waters.all(),
        pictures: this.pictures.all(),
        captures: this.book.everyCapture(),
      },
      { positions: query.positions === 'included' },
    );
    return file(pieces, 'application/json; charset=utf-8', 'book.json');
  }

  private *csvPieces(positions: boolean): Generator<string> {
    const waters = new Map(this.waters.all().map((water) => [water.id, water]));
    yield csvHeader({ positions });
    for (const { captureId, events } of this.book.everyCapture()) {
      const story = tellStory(captureId, events);
      yield csvRecord(story, waters.get(story.facts.waterId ?? ''), { positions });
    }
  }
}

function file(pieces: Iterable<string>, type: string, name: string): StreamableFile {
  return new StreamableFile(Readable.from(pieces, { objectMode: false }), {
    type,
    disposition: `attachment; filename="${name}"`,
  });
}
