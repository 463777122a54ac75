import { Controller, Get, Logger, Query, type StreamableFile } from '@nestjs/common';
import { ExportQueryDto } from '@keeper/contract/book';
import type { CaptureRecord } from '@keeper/core/domain/capture/record';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { csvFields, csvHeader, csvRecords, csvUnreadable } from '@keeper/core/formats/bookCsv';
import { bookJson } from '@keeper/core/formats/bookJson';
import type { WriteKeeperDto } from '@keeper/contract/keepers';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import type { Rounding } from '@keeper/core/weighing/rounding';
import type { WriteKitItemDto } from '@keeper/contract/kit';
import type { WriteImportDto } from '@keeper/contract/imports';
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
import { imports, keepers, kit, meetings, rigs, swims } from '../storage/schema.js';
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
  private readonly imports;
  private readonly keepers;

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
    this.imports = new RowsRepository<WriteImportDto>(database, imports, 'This import');
    this.keepers = new RowsRepository<WriteKeeperDto>(database, keepers, 'This keeper');
  }

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
        imports: this.imports.all(),
        keepers: this.keepers.all(),
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

  private *csvPieces(positions: boolean): Generator<string> {
    const waters = new Map(this.waters.all().map((water) => [water.id, water]));
    const swims = new Map(this.swims.all().map((swim) => [swim.id, swim]));
    const shelf = this.kit.all();
    const roundingOf = this.roundings();
    const names = new Map(this.keepers.all().map(({ id, name }) => [id, name]));
    yield csvHeader({ positions });
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
        const result = weighing ? resultOfReading(weighing, startedAt ?? '', shelf, roundingOf(keeperId)) : undefined;
        return csvFields(summary, record, places, result, { positions }, say);
      });
      records.push(fields ?? csvUnreadable(captureId, { positions }));
      if (records.length >= AT_A_TIME) yield csvRecords(records.splice(0));
    }
    yield csvRecords(records);
  }
}
