import { Module, type DynamicModule } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { OutingsModule } from '../outings/outings.module.js';
import { EventsController } from './events.controller.js';

@Module({})
export class EventsModule {
  static register(pictures: DynamicModule, flanks: DynamicModule): DynamicModule {
    return {
      module: EventsModule,
      imports: [CapturesModule, OutingsModule, pictures, flanks],
      controllers: [EventsController],
    };
  }
}
