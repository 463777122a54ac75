import { Module } from '@nestjs/common';
import { AppendEvents } from './appendEvents.js';
import { CapturesController } from './captures.controller.js';
import { ReadBook } from './readBook.js';

@Module({ controllers: [CapturesController], providers: [AppendEvents, ReadBook], exports: [AppendEvents, ReadBook] })
export class CapturesModule {}
