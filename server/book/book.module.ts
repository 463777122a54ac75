import { Module, type DynamicModule } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { OutingsModule } from '../outings/outings.module.js';
import { WatersModule } from '../waters/waters.module.js';
import { SettingsModule } from '../settings/settings.module.js';
import { BookController } from './book.controller.js';
import { MergeBookService } from './mergeBook.service.js';
import { MergeController } from './merge.controller.js';
import { RowsOfBook } from './rowsOfBook.js';

@Module({})
export class BookModule {
  static register(pictures: DynamicModule, flanks: DynamicModule): DynamicModule {
    return {
      module: BookModule,
      imports: [CapturesModule, OutingsModule, SettingsModule, WatersModule, pictures, flanks],
      controllers: [BookController, MergeController],
      providers: [RowsOfBook, MergeBookService],
      exports: [RowsOfBook],
    };
  }
}
