import { Controller, Get, Logger, Query, type StreamableFile } from '@nestjs/common';
import { ExportQueryDto } from '@keeper/contract/book';
import type { CaptureRecord } from '@keeper/core/domain/capture/record';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { csvFields, csvHeader, csvRecords, csvUnreadable, type ExportChoices } from '@keeper/core/formats/bookCsv';
import { guardedCell } from '@keeper/core/formats/guardedCell';
import { bookJson } from '@keeper/core/formats/bookJson';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import type { Rounding } from '@keeper/core/weighing/rounding';
import type { OutingEvents } from '@keeper/contract/outings';
import { say } from '../say.js';
import { CaptureLogsRepository } from '../captures/captureLogs.repository.js';
import { OutingsService } from '../outings/outings.service.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { resultOfReading } from '@keeper/core/weighing/resultOf';
import { SettingsService } from '../settings/settings.service.js';
import { streamText } from '../streamText.js';
import { RowsOfBook } from './rowsOfBook.js';

/** So many records are written at a time: small enough to be sent on, large enough that writing them costs little. */
const AT_A_TIME = 100;

/** The whole book in open formats, streamed: nothing is locked in. */
@Controller()
export class BookController {
  private readonly log = new Logger('Export');
  constructor(
    private readonly logs: CaptureLogsRepository,
    private readonly pictures: PictureStore,
    private readonly outings: OutingsService,
    private readonly settings: SettingsService,
    private readonly rows: RowsOfBook,
  ) {}

  /** Each keeper's rule for what lies between two marks, read once. */
  private roundings(): (keeperId: string | null) => Rounding {
    const known = new Map<string, Rounding>();
    return (keeperId) => {
      const whose = keeperId ?? FIRST_KEEPER;
      const rounding = known.get(whose) ?? this.settings.read(whose).rounding;
      known.set(whose, rounding);
      return rounding;
    };
  }

  @Get('book.csv')
  csv(@Query() query: ExportQueryDto): StreamableFile {
    const choices = { positions: query.positions === 'included', guarded: query.readers === 'people' };
    return streamText(this.csvPieces(choices), 'text/csv; charset=utf-8', 'book.csv');
  }

  @Get('book.json')
  json(@Query() query: ExportQueryDto): StreamableFile {
    const pieces = bookJson(
      {
        exportedAt: new Date().toISOString(),
        rows: this.rows.all(),
        settings: this.settings.all(),
        roundingOf: this.roundings(),
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

  private *csvPieces(choices: ExportChoices & { readonly guarded: boolean }): Generator<string> {
    const rows = this.rows.all();
    const waters = new Map(rows.waters.map((water) => [water.id, water]));
    const swims = new Map(rows.swims.map((swim) => [swim.id, swim]));
    const roundingOf = this.roundings();
    const names = new Map(this.rows.of('keepers').map(({ id, name }) => [id, String(name)]));
    yield csvHeader(choices);
    const records: string[][] = [];
    for (const { captureId, ...told } of this.logs.everyTold()) {
      const fields = this.fieldsOr(captureId, () => {
        const summary = JSON.parse(told.summary) as CaptureSummary;
        const record = JSON.parse(told.record) as CaptureRecord;
        const { weighing, startedAt, waterId, swimId, keeperId } = summary;
        const places = {
          water: waters.get(waterId ?? ''),
          swim: swims.get(swimId ?? ''),
          whose: names.get(keeperId ?? ''),
        };
        const result = weighing
          ? resultOfReading(weighing, startedAt ?? '', rows.kit, roundingOf(keeperId))
          : undefined;
        const fieldsToWrite = csvFields(summary, record, places, result, choices, say);
        return choices.guarded ? fieldsToWrite.map(guardedCell) : fieldsToWrite;
      });
      records.push(fields ?? csvUnreadable(captureId, choices));
      if (records.length >= AT_A_TIME) yield csvRecords(records.splice(0));
    }
    yield csvRecords(records);
  }
}
