import { Controller, Get } from '@nestjs/common';
import type { FishingRecord } from '@keeper/core/findings/fishingRecord';
import { FindingsService } from './findings.service.js';

/** What the book's findings rest on; they are worked out on the device. */
@Controller('findings')
export class FindingsController {
  constructor(private readonly findings: FindingsService) {}

  @Get('record')
  record(): FishingRecord {
    return this.findings.record();
  }
}
