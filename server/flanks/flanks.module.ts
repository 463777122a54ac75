import { Module, type DynamicModule } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { FlankPrints, PRINT_FOLDER } from './flankPrints.js';
import { FlanksController } from './flanks.controller.js';

@Module({})
export class FlanksModule {
  static register(pictures: DynamicModule, folder: string): DynamicModule {
    return {
      module: FlanksModule,
      imports: [CapturesModule, pictures],
      controllers: [FlanksController],
      providers: [FlankPrints, { provide: PRINT_FOLDER, useValue: folder }],
      exports: [FlankPrints],
    };
  }
}
