import { Injectable, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common';
import { gte } from 'drizzle-orm';
import type { Request } from 'express';
import { map, type Observable } from 'rxjs';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { Database } from '../storage/database.js';
import { captures } from '../storage/schema.js';
import { askingOf, roleOf } from './asking.js';

/** A helper sees the places of fish that were taken since then: those of the day. */
const OF_THE_DAY_MS = 24 * 3600_000;
/** What lists places. */
const PLACES: readonly string[] = ['/api/waters', '/api/swims'];

/** Shows a helper the water and the swim of the day, and no other place of the book. */
@Injectable()
export class HelperSees implements NestInterceptor {
  constructor(private readonly database: Database) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const request = context.switchToHttp().getRequest<Request>();
    const answer = next.handle();
    if (roleOf(askingOf(request)) !== 'helper' || !PLACES.includes(request.path)) return answer;
    const shown = this.placesOfTheDay(Date.now());
    return answer.pipe(map((rows: readonly { readonly id: string }[]) => rows.filter(({ id }) => shown.has(id))));
  }

  private placesOfTheDay(nowMs: number): ReadonlySet<string> {
    const since = new Date(nowMs - OF_THE_DAY_MS).toISOString();
    const rows = this.database.drizzle
      .select({ summary: captures.summary })
      .from(captures)
      .where(gte(captures.startedAt, since))
      .all();
    return new Set(
      rows.flatMap(({ summary }) => {
        const { waterId, swimId } = JSON.parse(summary) as CaptureSummary;
        return [waterId, swimId].filter((id) => id !== null);
      }),
    );
  }
}
