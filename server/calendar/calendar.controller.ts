import { Controller, Delete, Get, Header, HttpCode, Param, Put, StreamableFile } from '@nestjs/common';
import type { CalendarFeed, OpenedFeed } from '@keeper/contract/calendar';
import { streamText } from '../streamText.js';
import { CalendarService } from './calendar.service.js';

const TYPE = 'text/calendar; charset=utf-8';

@Controller()
export class CalendarController {
  constructor(private readonly calendar: CalendarService) {}

  @Get('calendar.ics')
  file(): StreamableFile {
    return streamText([this.calendar.text(new Date())], TYPE, 'unhurried-keeper.ics');
  }

  @Get('calendar')
  feed(): CalendarFeed {
    return this.calendar.feed();
  }

  @Put('calendar')
  open(): OpenedFeed {
    return this.calendar.open(new Date());
  }

  @Delete('calendar')
  @HttpCode(204)
  close(): void {
    this.calendar.close();
  }

  @Get('calendar/:secret')
  @Header('Cache-Control', 'private, no-store')
  read(@Param('secret') secret: string): StreamableFile {
    return streamText([this.calendar.feedText(secret.replace(/\.ics$/, ''), new Date())], TYPE);
  }
}
