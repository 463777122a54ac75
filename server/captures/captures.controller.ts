import { Controller, Get, Header, Param, Query, Req } from '@nestjs/common';
import type { Request } from 'express';
import { BookFilterDto, BookQueryDto, type BookTally, type PictureInBook } from '@keeper/contract/book';
import { HandlingQueryDto } from '@keeper/contract/handling';
import { OfKeeperDto } from '@keeper/contract/keepers';
import type { HandlingPast } from '@keeper/core/care/handling';
import type { CaptureEvents } from '@keeper/contract/events';
import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import type { ToldSetup } from '@keeper/core/domain/outing/rememberedRodWords';
import type { WeighedFish } from '@keeper/contract/weighed';
import { askingOf, keeperAsked } from '../access/asking.js';
import { notFound } from '../errors/problem.js';
import { CapturesRepository } from './captures.repository.js';
import { CaptureLogsRepository } from './captureLogs.repository.js';

@Controller()
export class CapturesController {
  constructor(
    private readonly book: CapturesRepository,
    private readonly logs: CaptureLogsRepository,
  ) {}

  /** A `BookPage`. */
  @Get('captures')
  @Header('Content-Type', 'application/json; charset=utf-8')
  page(@Query() query: BookQueryDto): string {
    return this.book.page(query);
  }

  @Get('captures/tally')
  tally(@Query() { keeperId }: OfKeeperDto, @Req() request: Request): BookTally {
    return this.book.tally(keeperAsked(askingOf(request), keeperId));
  }

  @Get('captures/handling')
  handling(@Query() query: HandlingQueryDto, @Req() request: Request): HandlingPast {
    return this.book.handling(keeperAsked(askingOf(request), query.keeperId), query);
  }

  @Get('captures/weighed')
  weighed(): WeighedFish[] {
    return this.book.weighed();
  }

  /** A list of `BookMark`. */
  @Get('captures/marks')
  @Header('Content-Type', 'application/json; charset=utf-8')
  marks(): string {
    return this.book.marks();
  }

  @Get('captures/setups')
  setups(): ToldSetup[] {
    return this.book.setups();
  }

  /** A list of `MeasuredFish`. */
  @Get('captures/measured')
  @Header('Content-Type', 'application/json; charset=utf-8')
  measured(): string {
    return this.book.measured();
  }

  /** A list of `PicturedFish`. */
  @Get('captures/pictured')
  @Header('Content-Type', 'application/json; charset=utf-8')
  pictured(): string {
    return this.book.pictured();
  }

  /** A list of `CaptureSummary`. */
  @Get('captures/known')
  @Header('Content-Type', 'application/json; charset=utf-8')
  known(): string {
    return this.book.known();
  }

  @Get('captures/decisions')
  decisions(): IdentityDecision[] {
    return this.logs.decisions();
  }

  @Get('captures/pictures')
  pictures(@Query() query: BookFilterDto): PictureInBook[] {
    return this.book.pictures(query);
  }

  @Get('captures/:captureId')
  capture(@Param('captureId') captureId: string): CaptureEvents {
    const found = this.logs.capture(captureId);
    if (!found) throw notFound('That capture');
    return found;
  }
}
