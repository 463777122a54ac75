import { Module } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { OutingsModule } from '../outings/outings.module.js';
import { JoiningsController } from './joinings.controller.js';
import { JoiningsService } from './joinings.service.js';

@Module({
  imports: [CapturesModule, OutingsModule],
  controllers: [JoiningsController],
  providers: [JoiningsService],
  exports: [JoiningsService],
})
export class JoiningsModule {}
