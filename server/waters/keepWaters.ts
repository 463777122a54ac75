import { Injectable } from '@nestjs/common';
import { asc, eq } from 'drizzle-orm';
import type { KeptWater, WriteWaterDto } from '@keeper/contract/waters';
import type { WaterKind } from '@keeper/core/water/water';
import { changedMeanwhile } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { waters } from '../storage/schema.js';

/** The keeper's waters, as ordinary rows that count their revisions. */
@Injectable()
export class KeepWaters {
  constructor(private readonly database: Database) {}

  all(): KeptWater[] {
    return this.database.drizzle.select().from(waters).orderBy(asc(waters.name)).all().map(keptWater);
  }

  /** Writes a water at the revision it was read at. @throws Problem 409 when it has been written since. */
  write(id: string, wanted: WriteWaterDto, now: Date): KeptWater {
    return this.database.drizzle.transaction((tx) => {
      const standing = tx.select().from(waters).where(eq(waters.id, id)).get();
      if ((standing?.revision ?? 0) !== wanted.revision) {
        throw changedMeanwhile('This water', standing ? keptWater(standing) : null);
      }
      const row = {
        id,
        name: wanted.name,
        kind: wanted.kind,
        latitudeDeg: wanted.position?.latitudeDeg ?? null,
        longitudeDeg: wanted.position?.longitudeDeg ?? null,
        note: wanted.note ?? null,
        revision: wanted.revision + 1,
        updatedAt: now.toISOString(),
      };
      tx.insert(waters).values(row).onConflictDoUpdate({ target: waters.id, set: row }).run();
      return keptWater(row);
    });
  }
}

function keptWater(row: typeof waters.$inferSelect): KeptWater {
  const { latitudeDeg, longitudeDeg, ...rest } = row;
  const position = latitudeDeg === null || longitudeDeg === null ? null : { latitudeDeg, longitudeDeg };
  return { ...rest, kind: row.kind as WaterKind, position };
}
