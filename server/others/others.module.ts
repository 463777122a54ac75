import { Module, type DynamicModule } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { SettingsModule } from '../settings/settings.module.js';
import { ForOthersController } from './forOthers.controller.js';
import { ForOthersService } from './forOthers.service.js';

@Module({})
export class OthersModule {
  static register(book: DynamicModule): DynamicModule {
    return {
      module: OthersModule,
      imports: [CapturesModule, SettingsModule, book],
      controllers: [ForOthersController],
      providers: [ForOthersService],
    };
  }
}
