import { Body, Controller, Get, Header, Param, Post, Query } from '@nestjs/common';
import { BookQueryDto, type BookTally } from '@keeper/contract/book';
import { AppendEventsDto, type AppendedEvents, type CaptureEvents } from '@keeper/contract/events';
import type { CaptureEvent } from '@keeper/core/capture/event';
import { notFound } from '../errors/problem.js';
import { AppendEvents } from './appendEvents.js';
import { ReadBook } from './readBook.js';

@Controller()
export class CapturesController {
  constructor(
    private readonly appendEvents: AppendEvents,
    private readonly book: ReadBook,
  ) {}

  @Post('events')
  append(@Body() body: AppendEventsDto): AppendedEvents {
    // The contract's classes have checked each payload against its type.
    return this.appendEvents.append(body.events as unknown as CaptureEvent[], new Date());
  }

  /** A `BookPage`. */
  @Get('captures')
  @Header('Content-Type', 'application/json; charset=utf-8')
  page(@Query() query: BookQueryDto): string {
    return this.book.page(query);
  }

  @Get('captures/tally')
  tally(): BookTally {
    return this.book.tally();
  }

  @Get('captures/:captureId')
  capture(@Param('captureId') captureId: string): CaptureEvents {
    const found = this.book.capture(captureId);
    if (!found) throw notFound('That capture');
    return found;
  }
}
