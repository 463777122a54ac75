import { asc, eq } from 'drizzle-orm';
import type { Archived } from '@keeper/contract/rows';
import type { Database } from '../storage/database.js';
import type { RevisionedTable } from '../storage/schema.js';
import { rowToStand } from './rowToStand.js';

/** What a row is written with, beside what it is of itself. */
export interface Writing {
  readonly revision: number;
  readonly retired: boolean;
}

/** Keeps rows of one kind (swims, rigs, kit) that count their revisions. */
export class RowsRepository<W extends Writing> {
  constructor(
    private readonly database: Database,
    private readonly table: RevisionedTable,
    /** How one is called in a sentence, such as `This swim`. */
    private readonly name: string,
  ) {}

  all(): Archived<W>[] {
    return this.database.drizzle
      .select()
      .from(this.table)
      .orderBy(asc(this.table.id))
      .all()
      .map(keptRow<W>);
  }

  /** Writes a row at the revision it was read at. @throws Problem 409 when it has been written since. */
  write(id: string, wanted: W, now: Date): Archived<W> {
    const { revision, ...body } = wanted;
    return this.database.write(() => {
      const { drizzle } = this.database;
      const standing = drizzle.select().from(this.table).where(eq(this.table.id, id)).get();
      const row = { id, body: JSON.stringify(body), revision: revision + 1, updatedAt: now.toISOString() };
      const stands = rowToStand(standing, row, { name: this.name, kept: keptRow<W> });
      if (stands !== standing)
        drizzle.insert(this.table).values(row).onConflictDoUpdate({ target: this.table.id, set: row }).run();
      return keptRow<W>(stands);
    });
  }

  /** Puts a row there as it stands, with its revision and its moment. Call it inside a transaction. */
  put({ id, revision, updatedAt, ...body }: { id: string; revision: number; updatedAt: string }): void {
    const row = { id, body: JSON.stringify(body), revision, updatedAt };
    this.database.drizzle.insert(this.table).values(row).onConflictDoUpdate({ target: this.table.id, set: row }).run();
  }
}

function keptRow<W>({ body, ...row }: RevisionedTable['$inferSelect']): Archived<W> {
  return { ...(JSON.parse(body) as object), ...row } as unknown as Archived<W>;
}
