import { Body, Controller, Post, Req } from '@nestjs/common';
import type { Request } from 'express';
import type { AppendedEvents, AppendEventsDto } from '@keeper/contract/events';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import { askingOf } from '../access/asking.js';
import { assertMayLog } from '../access/assertMayLog.js';
import { CaptureEventsService } from '../captures/captureEvents.service.js';
import { EventBatchPipe } from '../errors/strictValidation.js';
import { OutingsService } from '../outings/outings.service.js';
import { Database } from '../storage/database.js';

/** One door for all that devices log, in the order in which they logged it: a batch is taken whole or not at all. */
@Controller('events')
export class EventsController {
  constructor(
    private readonly database: Database,
    private readonly captures: CaptureEventsService,
    private readonly outings: OutingsService,
  ) {}

  @Post()
  append(@Body(new EventBatchPipe()) events: AppendEventsDto['events'], @Req() request: Request): AppendedEvents {
    // The contract's classes have checked each payload against its type.
    const batch = events as unknown as (CaptureEvent | OutingEvent)[];
    const ofOutings = batch.filter((event): event is OutingEvent => 'outingId' in event);
    const ofCaptures = batch.filter((event): event is CaptureEvent => 'captureId' in event);
    const now = new Date();
    assertMayLog(
      batch,
      askingOf(request),
      (captureId) => this.captures.isKnown(captureId),
      (eventId) => this.captures.loggedBy(eventId),
    );
    try {
      return this.database.write(() => {
        const outings = ofOutings.length > 0 ? this.outings.append(ofOutings, now) : 0;
        const captures = ofCaptures.length > 0 ? this.captures.append(ofCaptures, now).written : 0;
        return { written: outings + captures, known: batch.length - outings - captures };
      });
    } catch (cause) {
      this.captures.forgetStories();
      throw cause;
    }
  }
}
