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
import type { Shelved } from '@keeper/contract/rows';
import { strictValidation } from '../errors/strictValidation.js';
import { Database } from '../storage/database.js';
import type { RevisionedTable } from '../storage/schema.js';
import { KeepRows, type Writing } from './keepRows.js';

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
    constructor(private readonly rows: KeepRows<W>) {}

    @Get()
    all(): Shelved<W>[] {
      return this.rows.all();
    }

    @Put(':id')
    write(@Param('id', ParseUUIDPipe) id: string, @Body(strictValidation(contract)) body: W): Shelved<W> {
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
        provide: KeepRows,
        useFactory: (database: Database) => new KeepRows<W>(database, table, name),
        inject: [Database],
      },
    ],
    exports: [KeepRows],
  };
}
