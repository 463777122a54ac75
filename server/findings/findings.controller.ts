import { Controller, Get } from '@nestjs/common';
import type { FishingRecordAnswer } from '@keeper/contract/findings';
import { FindingsService } from './findings.service.js';

/** What the book's findings rest on; they are worked out on the device. */
@Controller('findings')
export class FindingsController {
  constructor(private readonly findings: FindingsService) {}

  @Get('record')
  record(): FishingRecordAnswer {
    return this.findings.answer();
  }
}
