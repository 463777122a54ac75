import { sql } from 'drizzle-orm';
import type { Database } from './database.js';
import * as schema from './schema.js';

/** What makes a book one that somebody keeps; settings and devices alone do not. */
const KEPT = [
  schema.captures,
  schema.outings,
  schema.waters,
  schema.swims,
  schema.rigs,
  schema.kit,
  schema.fish,
  schema.meetings,
  schema.pictures,
  schema.registers,
] as const;

/** Whether nothing was kept in a book yet. */
export function isEmptyBook({ drizzle }: Pick<Database, 'drizzle'>): boolean {
  return KEPT.every(
    (table) =>
      drizzle
        .select({ one: sql`1` })
        .from(table)
        .limit(1)
        .all().length === 0,
  );
}
