import { Body, Controller, Post } from '@nestjs/common';
import { AppendEventsDto, type AppendedEvents } from '@keeper/contract/events';
import type { CaptureEvent } from '@keeper/core/capture/event';
import type { OutingEvent } from '@keeper/core/outing/event';
import { AppendEvents } from '../captures/appendEvents.js';
import { KeepOutings } from '../outings/keepOutings.js';
import { Database } from '../storage/database.js';

/** One door for all that devices log, in the order in which they logged it: a batch is taken whole or not at all. */
@Controller('events')
export class EventsController {
  constructor(
    private readonly database: Database,
    private readonly captures: AppendEvents,
    private readonly outings: KeepOutings,
  ) {}

  @Post()
  append(@Body() body: AppendEventsDto): AppendedEvents {
    // The contract's classes have checked each payload against its type.
    const batch = body.events as unknown as (CaptureEvent | OutingEvent)[];
    const ofOutings = batch.filter((event): event is OutingEvent => 'outingId' in event);
    const ofCaptures = batch.filter((event): event is CaptureEvent => 'captureId' in event);
    const now = new Date();
    return this.database.sqlite.transaction(() => {
      const outings = ofOutings.length > 0 ? this.outings.append(ofOutings, now) : 0;
      const captures = ofCaptures.length > 0 ? this.captures.append(ofCaptures, now).written : 0;
      return { written: outings + captures, known: batch.length - outings - captures };
    })();
  }
}
