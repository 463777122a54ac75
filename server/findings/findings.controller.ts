import { Controller, Get, Header } from '@nestjs/common';
import { FindingsService } from './findings.service.js';

/** What the book's findings rest on; they are worked out on the device. */
@Controller('findings')
export class FindingsController {
  constructor(private readonly findings: FindingsService) {}

  @Get('record')
  @Header('content-type', 'application/json; charset=utf-8')
  record(): string {
    return this.findings.answer();
  }
}
