import { Controller, Get, Logger, Query, type StreamableFile } from '@nestjs/common';
import { ExportQueryDto } from '@keeper/contract/book';
import type { CaptureRecord } from '@keeper/core/domain/capture/record';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { csvFields, csvHeader, csvRecords, csvUnreadable } from '@keeper/core/formats/bookCsv';
import { bookJson } from '@keeper/core/formats/bookJson';
import type { WriteKitItemDto } from '@keeper/contract/kit';
import type { WriteMeetingDto } from '@keeper/contract/meetings';
import type { OutingEvents } from '@keeper/contract/outings';
import type { WriteRigDto } from '@keeper/contract/rigs';
import type { WriteSwimDto } from '@keeper/contract/swims';
import { say } from '../say.js';
import { CaptureLogsRepository } from '../captures/captureLogs.repository.js';
import { OutingsService } from '../outings/outings.service.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { resultOfReading } from '@keeper/core/weighing/resultOf';
import { SettingsService } from '../settings/settings.service.js';
import { RowsRepository } from '../rows/rows.repository.js';
import { Database } from '../storage/database.js';
import { streamText } from '../streamText.js';
import { kit, meetings, rigs, swims } from '../storage/schema.js';
import { WatersRepository } from '../waters/waters.repository.js';

/** So many records are written at a time: small enough to be sent on, large enough that writing them costs little. */
const AT_A_TIME = 100;

/** The whole book in open formats, streamed: nothing is locked in. */
@Controller()
export class BookController {
  private readonly log = new Logger('Export');
  private readonly swims;
  private readonly rigs;
  private readonly kit;
  private readonly meetings;

  constructor(
    private readonly logs: CaptureLogsRepository,
    private readonly waters: WatersRepository,
    private readonly pictures: PictureStore,
    private readonly outings: OutingsService,
    private readonly settings: SettingsService,
    database: Database,
  ) {
    this.swims = new RowsRepository<WriteSwimDto>(database, swims, 'This swim');
    this.rigs = new RowsRepository<WriteRigDto>(database, rigs, 'This rig');
    this.kit = new RowsRepository<WriteKitItemDto>(database, kit, 'This thing');
    this.meetings = new RowsRepository<WriteMeetingDto>(database, meetings, 'This meeting');
  }

  @Get('book.csv')
  csv(@Query() query: ExportQueryDto): StreamableFile {
    return streamText(this.csvPieces(query.positions === 'included'), 'text/csv; charset=utf-8', 'book.csv');
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
        meetings: this.meetings.all(),
        rounding: this.settings.read().rounding,
        outings: this.everyOuting(),
        pictures: this.pictures.all(),
        captures: this.logs.everyCapture(),
      },
      { positions: query.positions === 'included' },
    );
    return streamText(pieces, 'application/json; charset=utf-8', 'book.json');
  }

  /** One record; undefined, and noted in the log, where it cannot be worked out. */
  private fieldsOr(captureId: string, record: () => string[]): string[] | undefined {
    try {
      return record();
    } catch (cause) {
      this.log.error(
        `Capture ${captureId} could not be exported: ${cause instanceof Error ? cause.stack : String(cause)}`,
      );
      return undefined;
    }
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
    const records: string[][] = [];
    for (const { captureId, ...told } of this.logs.everyTold()) {
      const fields = this.fieldsOr(captureId, () => {
        const summary = JSON.parse(told.summary) as CaptureSummary;
        const record = JSON.parse(told.record) as CaptureRecord;
        const { weighing, startedAt, waterId, swimId } = summary;
        const place = { water: waters.get(waterId ?? ''), swim: places.get(swimId ?? '') };
        const result = weighing ? resultOfReading(weighing, startedAt ?? '', shelf, rounding) : undefined;
        return csvFields(summary, record, place, result, { positions }, say);
      });
      records.push(fields ?? csvUnreadable(captureId, { positions }));
      if (records.length >= AT_A_TIME) yield csvRecords(records.splice(0));
    }
    yield csvRecords(records);
  }
}
