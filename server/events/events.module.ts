import { Module } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { OutingsModule } from '../outings/outings.module.js';
import { EventsController } from './events.controller.js';

@Module({ imports: [CapturesModule, OutingsModule], controllers: [EventsController] })
export class EventsModule {}
