import { Controller, Get, Param } from '@nestjs/common';
import type { OutingEvents } from '@keeper/contract/outings';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { notFound } from '../errors/problem.js';
import { OutingsService } from './outings.service.js';

@Controller('outings')
export class OutingsController {
  constructor(private readonly outings: OutingsService) {}

  @Get()
  all(): OutingSummary[] {
    return this.outings.all();
  }

  @Get(':outingId')
  one(@Param('outingId') outingId: string): OutingEvents {
    const found = this.outings.one(outingId);
    if (!found) throw notFound('That outing');
    return found;
  }
}
