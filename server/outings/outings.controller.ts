import { Controller, Get, Param, Query } from '@nestjs/common';
import { SwimsQueryDto, type OutingEvents, type SwimRate } from '@keeper/contract/outings';
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

  @Get('swims')
  swims(@Query() { without }: SwimsQueryDto): SwimRate[] {
    return this.outings.swims(without);
  }

  @Get(':outingId')
  one(@Param('outingId') outingId: string): OutingEvents {
    const found = this.outings.one(outingId);
    if (!found) throw notFound('That outing');
    return found;
  }
}
