import { Injectable } from '@nestjs/common';
import { sql } from 'drizzle-orm';
import type { FishingRecord, FishTaken } from '@keeper/core/findings/fishingRecord';
import { outingFished } from '@keeper/core/findings/outingFished';
import type { Position } from '@keeper/core/domain/water/water';
import { IN_THE_BOOK } from '../captures/inTheBook.js';
import { OutingsService } from '../outings/outings.service.js';
import { Database } from '../storage/database.js';
import { captures, waters } from '../storage/schema.js';

/** Every outing that took place with the time of its rods, and every fish that took, landed or lost. */
@Injectable()
export class FindingsService {
  constructor(
    private readonly database: Database,
    private readonly outings: OutingsService,
  ) {}

  record(): FishingRecord {
    const outings = this.outings.states().flatMap((state) => outingFished(state) ?? []);
    return { outings, fish: this.fish(), positions: this.positions() };
  }

  private fish(): FishTaken[] {
    const told = <T>(path: string) => sql<T | null>`json_extract(${captures.summary}, ${path})`;
    return this.database.drizzle
      .select({
        captureId: captures.id,
        outingId: captures.outingId,
        waterId: captures.waterId,
        startedAt: captures.startedAt,
        species: sql<FishTaken['species']>`${captures.species}`,
        isDated: told<string>('$.dated'),
        rod: told<number>('$.rod.rod'),
        swimId: told<string>('$.swimId'),
        bait: told<string>('$.rod.bait'),
        keeperId: told<string>('$.keeperId'),
        fishId: told<string>('$.fishId'),
      })
      .from(captures)
      .where(IN_THE_BOOK)
      .all()
      .map(({ startedAt, isDated, ...fish }) => {
        return { ...fish, atMs: isDated !== null || startedAt === null ? null : Date.parse(startedAt) };
      });
  }

  private positions(): Record<string, Position> {
    const rows = this.database.drizzle.select().from(waters).all();
    return Object.fromEntries(
      rows.flatMap(({ id, latitudeDeg, longitudeDeg }) =>
        latitudeDeg === null || longitudeDeg === null ? [] : [[id, { latitudeDeg, longitudeDeg }]],
      ),
    );
  }
}
