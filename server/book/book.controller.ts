import { Readable } from 'node:stream';
import { Controller, Get, Query, StreamableFile } from '@nestjs/common';
import { ExportQueryDto } from '@keeper/contract/book';
import { tellStory } from '@keeper/core/capture/story';
import { csvHeader, csvRecord } from '@keeper/core/formats/bookCsv';
import { bookJson } from '@keeper/core/formats/bookJson';
import type { WriteKitItemDto } from '@keeper/contract/kit';
import type { OutingEvents } from '@keeper/contract/outings';
import type { WriteRigDto } from '@keeper/contract/rigs';
import type { WriteSwimDto } from '@keeper/contract/swims';
import { ReadBook } from '../captures/readBook.js';
import { KeepOutings } from '../outings/keepOutings.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { resultOf } from '@keeper/core/weighing/resultOf';
import { KeepSettings } from '../settings/keepSettings.js';
import { KeepRows } from '../rows/keepRows.js';
import { Database } from '../storage/database.js';
import { kit, rigs, swims } from '../storage/schema.js';
import { KeepWaters } from '../waters/keepWaters.js';

/** The whole book in open formats, streamed: nothing is locked in. */
@Controller()
export class BookController {
  private readonly swims;
  private readonly rigs;
  private readonly kit;

  constructor(
    private readonly book: ReadBook,
    private readonly waters: KeepWaters,
    private readonly pictures: PictureStore,
    private readonly outings: KeepOutings,
    private readonly settings: KeepSettings,
    database: Database,
  ) {
    this.swims = new KeepRows<WriteSwimDto>(database, swims, 'This swim');
    this.rigs = new KeepRows<WriteRigDto>(database, rigs, 'This rig');
    this.kit = new KeepRows<WriteKitItemDto>(database, kit, 'This thing');
  }

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
        swims: this.swims.all(),
        rigs: this.rigs.all(),
        kit: this.kit.all(),
        rounding: this.settings.read().rounding,
        outings: this.everyOuting(),
        pictures: this.pictures.all(),
        captures: this.book.everyCapture(),
      },
      { positions: query.positions === 'included' },
    );
    return file(pieces, 'application/json; charset=utf-8', 'book.json');
  }

  private *everyOuting(): Generator<OutingEvents> {
    for (const { outingId } of this.outings.all().toReversed()) {
      const outing = this.outings.one(outingId);
      if (outing) yield outing;
    }
  }

  private *csvPieces(positions: boolean): Generator<string> {
    const waters = new Map(this.waters.all().map((water) => [water.id, water]));
    const places = new Map(this.swims.all().map((swim) => [swim.id, swim]));
    const shelf = this.kit.all();
    const { rounding } = this.settings.read();
    yield csvHeader({ positions });
    for (const { captureId, events } of this.book.everyCapture()) {
      const story = tellStory(captureId, events);
      const place = { water: waters.get(story.facts.waterId ?? ''), swim: places.get(story.swimId ?? '') };
      yield csvRecord(story, place, resultOf(story, shelf, rounding), { positions });
    }
  }
}

function file(pieces: Iterable<string>, type: string, name: string): StreamableFile {
  return new StreamableFile(Readable.from(pieces, { objectMode: false }), {
    type,
    disposition: `attachment; filename="${name}"`,
  });
}
