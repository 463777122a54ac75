import { Controller, Get, Res } from '@nestjs/common';
import type { Response } from 'express';
import { TROUBLE_SENTENCES, type Health } from '@keeper/contract/health';
import { Database } from '../storage/database.js';

@Controller('health')
export class HealthController {
  constructor(private readonly database: Database) {}

  /** Whether the book can be read and written, tried out where it could not be the last time; 503 where it cannot. */
  @Get()
  health(@Res({ passthrough: true }) response: Response): Health {
    const trouble = this.database.trouble();
    if (!trouble) return { status: 'well' };
    response.status(503);
    return { status: 'cannot-write', code: trouble, sentence: TROUBLE_SENTENCES[trouble] };
  }
}
