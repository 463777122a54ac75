import { Module, type DynamicModule } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { OutingsModule } from '../outings/outings.module.js';
import { WatersModule } from '../waters/waters.module.js';
import { SettingsModule } from '../settings/settings.module.js';
import { BookController } from './book.controller.js';

@Module({})
export class BookModule {
  static register(pictures: DynamicModule): DynamicModule {
    return {
      module: BookModule,
      imports: [CapturesModule, OutingsModule, SettingsModule, WatersModule, pictures],
      controllers: [BookController],
    };
  }
}
