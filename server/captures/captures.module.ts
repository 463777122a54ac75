import { Module } from '@nestjs/common';
import { CaptureEventsService } from './captureEvents.service.js';
import { CapturesController } from './captures.controller.js';
import { CapturesRepository } from './captures.repository.js';
import { CaptureLogsRepository } from './captureLogs.repository.js';
import { SettingsModule } from '../settings/settings.module.js';

@Module({
  imports: [SettingsModule],
  controllers: [CapturesController],
  providers: [CaptureEventsService, CapturesRepository, CaptureLogsRepository],
  exports: [CaptureEventsService, CapturesRepository, CaptureLogsRepository],
})
export class CapturesModule {}
