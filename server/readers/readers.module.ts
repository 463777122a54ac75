import { Module, type DynamicModule } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { ShownController } from './shown.controller.js';

@Module({})
export class ReadersModule {
  static register(pictures: DynamicModule): DynamicModule {
    return { module: ReadersModule, imports: [CapturesModule, pictures], controllers: [ShownController] };
  }
}
