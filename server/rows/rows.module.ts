import {
  Body,
  Controller,
  Get,
  Module,
  Param,
  ParseUUIDPipe,
  Put,
  type DynamicModule,
  type Type,
} from '@nestjs/common';
import type { Archived } from '@keeper/contract/rows';
import { strictValidation } from '../errors/strictValidation.js';
import { Database } from '../storage/database.js';
import type { RevisionedTable } from '../storage/schema.js';
import { RowsRepository, type Writing } from './rows.repository.js';

/** A kind of rows with addresses of its own: all of them, and writing one. */
interface RowKind<W extends Writing> {
  readonly path: string;
  readonly table: RevisionedTable;
  readonly contract: Type<W>;
  readonly name: string;
}

/** The module of one kind of rows. Example: swims are read at `/swims` and written at `/swims/{id}`. */
export function rowsModule<W extends Writing>({ path, table, contract, name }: RowKind<W>): DynamicModule {
  @Controller(path)
  class RowsController {
    constructor(private readonly rows: RowsRepository<W>) {}

    @Get()
    all(): Archived<W>[] {
      return this.rows.all();
    }

    @Put(':id')
    write(@Param('id', ParseUUIDPipe) id: string, @Body(strictValidation(contract)) body: W): Archived<W> {
      return this.rows.write(id, body, new Date());
    }
  }
  class RowsModule {}
  Module({})(RowsModule);
  return {
    module: RowsModule,
    controllers: [RowsController],
    providers: [
      {
        provide: RowsRepository,
        useFactory: (database: Database) => new RowsRepository<W>(database, table, name),
        inject: [Database],
      },
    ],
    exports: [RowsRepository],
  };
}
