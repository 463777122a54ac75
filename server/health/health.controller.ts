import { Controller, Get } from '@nestjs/common';
import { sql } from 'drizzle-orm';
import { Database } from '../storage/database.js';

@Controller('health')
export class HealthController {
  constructor(private readonly database: Database) {}

  /** Answers only when the book can be read. */
  @Get()
  health(): { status: 'well' } {
    this.database.drizzle.get(sql`SELECT 1`);
    return { status: 'well' };
  }
}
