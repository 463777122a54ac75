import { asc, eq } from 'drizzle-orm';
import type { Archived } from '@keeper/contract/rows';
import { changedMeanwhile } from '../errors/problem.js';
import type { Database } from '../storage/database.js';
import type { RevisionedTable } from '../storage/schema.js';

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
      const text = JSON.stringify(body);
      // The same writing once more, from an outbox that did not hear the answer, is no other one.
      if (standing?.revision === revision + 1 && standing.body === text) return keptRow<W>(standing);
      if ((standing?.revision ?? 0) !== revision) {
        throw changedMeanwhile(this.name, standing ? keptRow<W>(standing) : null);
      }
      const row = { id, body: text, revision: revision + 1, updatedAt: now.toISOString() };
      drizzle.insert(this.table).values(row).onConflictDoUpdate({ target: this.table.id, set: row }).run();
      return keptRow<W>(row);
    });
  }
}

function keptRow<W>({ body, ...row }: RevisionedTable['$inferSelect']): Archived<W> {
  return { ...(JSON.parse(body) as object), ...row } as unknown as Archived<W>;
}
