import { createHash } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { sql } from 'drizzle-orm';
import type { WriteRigDto } from '@keeper/contract/rigs';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import type { FishingRecord, FishTaken } from '@keeper/core/findings/fishingRecord';
import { TOLD_FIELDS, fishTaken, type FishTold } from '@keeper/core/findings/fishTaken';
import { outingFished } from '@keeper/core/findings/outingFished';
import { tackleTold, type TackleNames } from '@keeper/core/findings/tackleTold';
import type { Position } from '@keeper/core/domain/water/water';
import { IN_THE_BOOK } from '../captures/inTheBook.js';
import { OutingsService } from '../outings/outings.service.js';
import { RowsRepository } from '../rows/rows.repository.js';
import { SettingsService } from '../settings/settings.service.js';
import { Database } from '../storage/database.js';
import { rigs, waters } from '../storage/schema.js';

const FISH = TOLD_FIELDS.map((name) => `'${name}', summary -> '$.${name}'`).join(', ');

/** Every outing that took place with the time of its rods, and every fish that took, landed or lost. */
@Injectable()
export class FindingsService {
  private made: { readonly stamp: string; readonly text: string } | undefined;

  constructor(
    private readonly database: Database,
    private readonly outings: OutingsService,
    private readonly settings: SettingsService,
  ) {}

  /** As JSON text: a `FishingRecordAnswer`. It is made anew only once something was written. */
  answer(): string {
    const stamp = this.stamp();
    if (this.made?.stamp === stamp) return this.made.text;
    const record = JSON.stringify(this.record());
    const revision = createHash('sha256').update(record).digest('base64url');
    const text = `{"revision":"${revision}","record":${record}}`;
    this.made = { stamp, text };
    return text;
  }

  /** Another one after each write, whoever wrote. */
  private stamp(): string {
    const { sqlite } = this.database;
    const changes = sqlite.prepare('SELECT total_changes()').pluck().get();
    return `${String(changes)} ${String(sqlite.pragma('data_version', { simple: true }))}`;
  }

  private record(): FishingRecord {
    const names = this.tackleNames();
    const outings = this.outings.states().flatMap((state) => {
      return outingFished(state, (setup) => tackleTold(setup, names)) ?? [];
    });
    return { outings, fish: this.fish(names), positions: this.positions() };
  }

  private fish(names: TackleNames): FishTaken[] {
    return this.database.drizzle
      .all<{ told: string }>(
        sql`SELECT json_object(${sql.raw(FISH)}) AS told FROM captures WHERE ${IN_THE_BOOK} ORDER BY started_at, id`,
      )
      .flatMap(({ told }) => fishTaken(JSON.parse(told) as FishTold, names) ?? []);
  }

  private tackleNames(): TackleNames {
    const rows = new RowsRepository<WriteRigDto>(this.database, rigs, 'This rig').all();
    return {
      rigs: new Map(rows.map((rig) => [rig.id, rig])),
      sameWords: this.settings.read(FIRST_KEEPER).sameWords,
    };
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
