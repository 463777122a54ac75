import { Injectable } from '@nestjs/common';
import { asc, eq } from 'drizzle-orm';
import type { KeptWater, WriteWaterDto } from '@keeper/contract/waters';
import { NO_RULES, type WaterRules } from '@keeper/core/domain/water/rules';
import type { WaterPractices } from '@keeper/core/domain/practice/practicesAt';
import type { WaterKind } from '@keeper/core/domain/water/water';
import { rowToStand } from '../rows/rowToStand.js';
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
        practices: practicesText(wanted.practices, standing?.practices ?? null),
        // A form that knows nothing of them does not wipe them out.
        country: wanted.country === undefined ? (standing?.country ?? null) : wanted.country,
        meetingPoint: wanted.meetingPoint === undefined ? (standing?.meetingPoint ?? null) : wanted.meetingPoint,
        note: wanted.note ?? null,
        revision: wanted.revision + 1,
        updatedAt: now.toISOString(),
        retired: wanted.retired ?? standing?.retired ?? false,
      };
      const stands = rowToStand(standing, row, { name: 'This water', kept: keptWater });
      if (stands !== standing)
        drizzle.insert(waters).values(row).onConflictDoUpdate({ target: waters.id, set: row }).run();
      return keptWater(stands);
    });
  }

  /** Puts a water there as it stands, with its revision and its moment. Call it inside a transaction. */
  put({ position, rules, practices, ...rest }: Put): void {
    const row = {
      ...rest,
      latitudeDeg: position?.latitudeDeg ?? null,
      longitudeDeg: position?.longitudeDeg ?? null,
      altitudeM: rest.altitudeM ?? null,
      salinity: rest.salinity ?? 0,
      rules: rules ? JSON.stringify(rules) : null,
      practices: practicesText(practices, null),
      country: rest.country ?? null,
      meetingPoint: rest.meetingPoint ?? null,
      note: rest.note ?? null,
      retired: rest.retired ?? false,
    };
    this.database.drizzle.insert(waters).values(row).onConflictDoUpdate({ target: waters.id, set: row }).run();
  }
}

/** A water as it was written, with what it is known by and since when it stands so. */
type Put = WriteWaterDto & { readonly id: string; readonly updatedAt: string };

/** What is written of the ways here; a form that knows nothing of them does not wipe them out. */
function practicesText(wanted: WriteWaterDto['practices'], standing: string | null): string | null {
  if (wanted === undefined) return standing;
  return wanted === null || Object.keys(wanted).length === 0 ? null : JSON.stringify(wanted);
}

type Row = typeof waters.$inferSelect;

function keptWater(row: Row): KeptWater {
  const { latitudeDeg, longitudeDeg, rules, practices, ...rest } = row;
  const position = latitudeDeg === null || longitudeDeg === null ? null : { latitudeDeg, longitudeDeg };
  const parsed = practices === null ? null : (JSON.parse(practices) as WaterPractices);
  const written = rules === null ? {} : (JSON.parse(rules) as Partial<WaterRules>);
  return { ...rest, kind: row.kind as WaterKind, position, rules: { ...NO_RULES, ...written }, practices: parsed };
}
