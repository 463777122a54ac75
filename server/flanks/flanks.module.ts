import { Module, type DynamicModule } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { FlankDescriptorsService, PRINT_FOLDER } from './flankDescriptors.service.js';
import { WantedFlanks } from './wantedFlanks.js';
import { FlanksController } from './flanks.controller.js';

@Module({})
export class FlanksModule {
  static register(pictures: DynamicModule, folder: string): DynamicModule {
    return {
      module: FlanksModule,
      imports: [CapturesModule, pictures],
      controllers: [FlanksController],
      providers: [WantedFlanks, FlankDescriptorsService, { provide: PRINT_FOLDER, useValue: folder }],
      exports: [FlankDescriptorsService],
    };
  }
}
