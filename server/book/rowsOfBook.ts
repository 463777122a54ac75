import { Injectable } from '@nestjs/common';
import { WriteFishDto } from '@keeper/contract/fish';
import { WriteImportDto } from '@keeper/contract/imports';
import { StandingJoiningDto } from '@keeper/contract/joinings';
import { WriteKeeperDto } from '@keeper/contract/keepers';
import { WriteKitItemDto } from '@keeper/contract/kit';
import { WriteMeetingDto } from '@keeper/contract/meetings';
import { WriteRehearsalDto } from '@keeper/contract/rehearsals';
import { WriteRigDto } from '@keeper/contract/rigs';
import { WriteSwimDto } from '@keeper/contract/swims';
import { WriteViewDto } from '@keeper/contract/views';
import { WriteWaterDto } from '@keeper/contract/waters';
import { BOOK_ROWS, type BookRowKind, type BookRows } from '@keeper/core/formats/bookRows';
import { RowsRepository, type Writing } from '../rows/rows.repository.js';
import { Database } from '../storage/database.js';
import * as schema from '../storage/schema.js';
import { WatersRepository } from '../waters/waters.repository.js';

type PlainKind = Exclude<BookRowKind, 'waters'>;

/** What a row of each kind must hold to stand in a book. */
export const ROW_CONTRACTS: Readonly<Record<BookRowKind, new () => object>> = {
  waters: WriteWaterDto,
  swims: WriteSwimDto,
  keepers: WriteKeeperDto,
  rigs: WriteRigDto,
  kit: WriteKitItemDto,
  meetings: WriteMeetingDto,
  imports: WriteImportDto,
  fish: WriteFishDto,
  views: WriteViewDto,
  joinings: StandingJoiningDto,
  rehearsals: WriteRehearsalDto,
};

/** All rows of a book, whatever their kind. */
@Injectable()
export class RowsOfBook {
  private readonly plain: Readonly<Record<PlainKind, RowsRepository<Writing>>>;

  constructor(
    database: Database,
    private readonly waters: WatersRepository,
  ) {
    const kinds = BOOK_ROWS.filter((kind): kind is PlainKind => kind !== 'waters');
    this.plain = Object.fromEntries(
      kinds.map((kind) => [kind, new RowsRepository<Writing>(database, schema[kind], 'This row')]),
    ) as Record<PlainKind, RowsRepository<Writing>>;
  }

  all(): BookRows {
    return Object.fromEntries(BOOK_ROWS.map((kind) => [kind, this.of(kind)])) as unknown as BookRows;
  }

  of(kind: BookRowKind): readonly StandingRow[] {
    const rows: readonly object[] = kind === 'waters' ? this.waters.all() : this.plain[kind].all();
    return rows as readonly StandingRow[];
  }

  /** Puts a row there as it stands, with its revision and its moment. Call it inside a transaction. */
  put(kind: BookRowKind, row: StandingRow): void {
    if (kind === 'waters') this.waters.put(row as unknown as Parameters<WatersRepository['put']>[0]);
    else this.plain[kind].put(row);
  }
}

/** A row as it stands, of whatever kind. */
export interface StandingRow extends Readonly<Record<string, unknown>> {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: string;
}
