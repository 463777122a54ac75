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
import { FlankDescriptorsService } from '../flanks/flankDescriptors.service.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { Database } from '../storage/database.js';

/** One door for all that devices log, in the order in which they logged it: a batch is taken whole or not at all. */
@Controller('events')
export class EventsController {
  constructor(
    private readonly database: Database,
    private readonly captures: CaptureEventsService,
    private readonly outings: OutingsService,
    private readonly pictures: PictureStore,
    private readonly flanks: FlankDescriptorsService,
  ) {}

  @Post()
  async append(
    @Body(new EventBatchPipe()) events: AppendEventsDto['events'],
    @Req() request: Request,
  ): Promise<AppendedEvents> {
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
    const deleted = ofCaptures.flatMap((event) => (event.type === 'picture-deleted' ? [event.payload.sha256] : []));
    const appended = this.appendAll(ofOutings, ofCaptures, deleted, now);
    if (deleted.length > 0) {
      await this.pictures.clearDeleted(deleted);
      await this.flanks.clearUnwanted();
    }
    return appended;
  }

  private appendAll(
    ofOutings: readonly OutingEvent[],
    ofCaptures: readonly CaptureEvent[],
    deleted: readonly string[],
    now: Date,
  ): AppendedEvents {
    try {
      return this.database.write(() => {
        const outings = ofOutings.length > 0 ? this.outings.append(ofOutings, now) : 0;
        const captures = ofCaptures.length > 0 ? this.captures.append(ofCaptures, now).written : 0;
        this.pictures.noteDeleted(deleted, now);
        const written = outings + captures;
        return { written, known: ofOutings.length + ofCaptures.length - written };
      });
    } catch (cause) {
      this.captures.forgetStories();
      throw cause;
    }
  }
}
