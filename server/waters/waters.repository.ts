import { Injectable } from '@nestjs/common';
import { asc, eq } from 'drizzle-orm';
import type { KeptWater, WriteWaterDto } from '@keeper/contract/waters';
import { NO_RULES, type WaterRules } from '@keeper/core/domain/water/rules';
import type { WaterKind } from '@keeper/core/domain/water/water';
import { changedMeanwhile } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { waters } from '../storage/schema.js';

/** The keeper's waters, as ordinary rows that count their revisions. */
@Injectable()
export class WatersRepository {
  constructor(private readonly database: Database) {}

  all(): KeptWater[] {
    return this.database.drizzle.select().from(waters).orderBy(asc(waters.name)).all().map(keptWater);
  }

  /** Writes a water at the revision it was read at. @throws Problem 409 when it has been written since. */
  write(id: string, wanted: WriteWaterDto, now: Date): KeptWater {
    return this.database.write(() => {
      const { drizzle } = this.database;
      const standing = drizzle.select().from(waters).where(eq(waters.id, id)).get();
      const row = {
        id,
        name: wanted.name,
        kind: wanted.kind,
        latitudeDeg: wanted.position?.latitudeDeg ?? null,
        longitudeDeg: wanted.position?.longitudeDeg ?? null,
        altitudeM: wanted.altitudeM ?? null,
        salinity: wanted.salinity ?? 0,
        rules: wanted.rules ? JSON.stringify(wanted.rules) : (standing?.rules ?? null),
        note: wanted.note ?? null,
        revision: wanted.revision + 1,
        updatedAt: now.toISOString(),
        retired: wanted.retired ?? standing?.retired ?? false,
      };
      // The same writing once more, from an outbox that did not hear the answer, is no other one.
      if (standing && isSame(standing, row)) return keptWater(standing);
      if ((standing?.revision ?? 0) !== wanted.revision) {
        throw changedMeanwhile('This water', standing ? keptWater(standing) : null);
      }
      drizzle.insert(waters).values(row).onConflictDoUpdate({ target: waters.id, set: row }).run();
      return keptWater(row);
    });
  }
}

type Row = typeof waters.$inferSelect;

function isSame(a: Row, b: Row): boolean {
  const bare = ({ updatedAt: _at, ...rest }: Row) => rest;
  return Object.entries(bare(a)).every(([name, value]) => value === bare(b)[name as keyof ReturnType<typeof bare>]);
}

function keptWater(row: Row): KeptWater {
  const { latitudeDeg, longitudeDeg, rules, ...rest } = row;
  const position = latitudeDeg === null || longitudeDeg === null ? null : { latitudeDeg, longitudeDeg };
  const written = rules === null ? {} : (JSON.parse(rules) as Partial<WaterRules>);
  return { ...rest, kind: row.kind as WaterKind, position, rules: { ...NO_RULES, ...written } };
}
