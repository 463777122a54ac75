import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { asc, eq } from 'drizzle-orm';
import type { TakenIn, TheirRegister } from '@keeper/contract/registers';
import { readRegister, type RegisterFile } from '@keeper/core/formats/registerJson';
import { notFound, Problem } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { registers } from '../storage/schema.js';

/** Registers of friends: kept as they came, marked as theirs, and put away whole. */
@Injectable()
export class KeepRegisters {
  constructor(private readonly database: Database) {}

  all(): TheirRegister[] {
    return this.database.drizzle
      .select()
      .from(registers)
      .orderBy(asc(registers.receivedAt))
      .all()
      .map(({ id, body, receivedAt }) => ({ ...(JSON.parse(body) as RegisterFile), id, receivedAt }));
  }

  /** Takes one in; a newer one of the same friend takes the place of the older. @throws Problem 400 with the reason */
  takeIn(text: string, now: Date): TakenIn {
    const read = readRegister(text);
    if (!read.ok)
      throw new Problem(400, {
        ...{ code: 'not-valid', sentence: read.sentence },
        fields: [{ field: 'file', sentence: read.sentence }],
      });
    const { register } = read;
    const id = this.all().find(({ from }) => from === register.from)?.id ?? randomUUID();
    const row = { id, body: JSON.stringify(register), receivedAt: now.toISOString() };
    this.database.drizzle.insert(registers).values(row).onConflictDoUpdate({ target: registers.id, set: row }).run();
    const flanks = register.fish.reduce((sum, fish) => sum + fish.flanks.length, 0);
    return { id, from: register.from, fish: register.fish.length, flanks };
  }

  /** Puts one away. @throws Problem 404 */
  putAway(id: string): void {
    const { changes } = this.database.drizzle.delete(registers).where(eq(registers.id, id)).run();
    if (changes === 0) throw notFound('That register');
  }
}
