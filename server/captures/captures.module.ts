import { Module } from '@nestjs/common';
import { AppendEvents } from './appendEvents.js';
import { CapturesController } from './captures.controller.js';
import { ReadBook } from './readBook.js';
import { ReadLogs } from './readLogs.js';

@Module({
  controllers: [CapturesController],
  providers: [AppendEvents, ReadBook, ReadLogs],
  exports: [AppendEvents, ReadBook, ReadLogs],
})
export class CapturesModule {}
