import { Module, type DynamicModule } from '@nestjs/common';
import { OutingsModule } from '../outings/outings.module.js';
import { CalendarController } from './calendar.controller.js';
import { CalendarService } from './calendar.service.js';

@Module({})
export class CalendarModule {
  static register(book: DynamicModule): DynamicModule {
    return {
      module: CalendarModule,
      imports: [OutingsModule, book],
      controllers: [CalendarController],
      providers: [CalendarService],
    };
  }
}
