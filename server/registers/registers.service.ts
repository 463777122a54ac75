import { randomUUID } from 'node:crypto';
import { rm } from 'node:fs/promises';
import { Worker } from 'node:worker_threads';
import { Injectable } from '@nestjs/common';
import { asc, eq, sql } from 'drizzle-orm';
import type { ImportedRegister } from '@keeper/contract/registers';
import { registerMessage } from '@keeper/core/formats/registerMessages';
import { say } from '../say.js';
import { readRegister, type RegisterFile } from '@keeper/core/formats/registerJson';
import { builtFile } from '../builtFile.js';
import type { ReceivedFile } from '../uploads/receivedFile.js';
import { notFound, Problem } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { registers } from '../storage/schema.js';

/** Registers of friends: kept as they came, marked as theirs, and removed whole. */
@Injectable()
export class RegistersService {
  constructor(private readonly database: Database) {}

  /** Takes one in; a newer one of the same friend takes the place of the older. @throws Problem 400 with the reason */
  async takeIn({ path }: ReceivedFile, now: Date): Promise<ImportedRegister> {
    const read = await readInThread(path).finally(() => rm(path, { force: true }));
    if (!read.ok)
      throw new Problem(400, {
        code: 'not-valid',
        sentence: say(read.reason),
        fields: [{ field: 'file', sentence: say(read.reason) }],
      });
    const { register } = read;
    const id = this.database.write(() => this.keep(register, now));
    const flanks = register.fish.reduce((sum, fish) => sum + fish.flanks.length, 0);
    return { id, from: register.from, fish: register.fish.length, flanks };
  }

  /** Puts one away. @throws Problem 404 */
  putAway(id: string): void {
    this.database.write(() => {
      const { changes } = this.database.drizzle.delete(registers).where(eq(registers.id, id)).run();
      if (changes === 0) throw notFound('That register');
    });
  }

  private keep(register: RegisterFile, now: Date): string {
    const { drizzle } = this.database;
    const of = sql`json_extract(${registers.body}, '$.from')`;
    const standing = drizzle.select({ id: registers.id }).from(registers).where(eq(of, register.from)).get();
    const row = { id: standing?.id ?? randomUUID(), body: JSON.stringify(register), receivedAt: now.toISOString() };
    drizzle.insert(registers).values(row).onConflictDoUpdate({ target: registers.id, set: row }).run();
    return row.id;
  }

  /** All of them as JSON, one after the other: a register may be large, and none is taken apart here. */
  *pieces(): Generator<string> {
    const { drizzle } = this.database;
    const ids = drizzle
      .select({ id: registers.id })
      .from(registers)
      .orderBy(asc(registers.receivedAt), asc(registers.id))
      .all();
    yield '[';
    for (const [i, { id }] of ids.entries()) {
      const row = drizzle.select().from(registers).where(eq(registers.id, id)).get();
      if (!row) continue;
      const { body, receivedAt } = row;
      yield `${i > 0 ? ',' : ''}{"id":${JSON.stringify(id)},"receivedAt":${JSON.stringify(receivedAt)},${body.slice(1)}`;
    }
    yield ']';
  }
}

/** A register of this size takes no more memory than that to read. */
const MOST_MB = 1024;

/** Reads a register in a thread of its own: a large one takes its time. */
async function readInThread(path: string): Promise<ReturnType<typeof readRegister>> {
  const worker = new Worker(builtFile(import.meta.url, 'registerWorker.js'), {
    workerData: path,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  try {
    return await new Promise((resolve) => {
      worker.once('message', resolve);
      worker.once('error', () => {
        resolve({ ok: false, reason: registerMessage('tooLarge') });
      });
    });
  } finally {
    await worker.terminate();
  }
}
