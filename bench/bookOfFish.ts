import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type SqliteDatabase from 'better-sqlite3';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { recordOf } from '@keeper/core/domain/capture/record';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { replay } from '@keeper/core/domain/capture/replay';
import { createRng } from '@keeper/core/statistics/rng';
import { paintedKind } from '@keeper/core/domain/fish/anatomy';
import { flankFrame } from '@keeper/core/recognition/landmarks/flankFrame';
import { descriptorFile, descriptorKey } from '@keeper/server/flanks/descriptorFile';
import { Database } from '@keeper/server/storage/database';
import { event, newId } from './events.js';

const MIGRATIONS = fileURLToPath(new URL('../../server/drizzle', import.meta.url));
const KINDS = ['carp', 'pike', 'barbel', 'wels'] as const;

/**
 * Writes a book of so many fish as a server would have, without its requests; of the first of them the flank has a
 * print, of noise. Each fish has one picture, whose bytes are not there.
 */
export function bookOfFish(folder: string, fish: number, printed: number): void {
  const database = Database.open(folder, MIGRATIONS);
  fill(database.sqlite, fish, printed);
  database.onApplicationShutdown();
  for (let i = 0; i < printed; i += 1) writePrint(join(folder, 'prints'), i);
}

function fill(sqlite: SqliteDatabase.Database, fish: number, printed: number): void {
  const addCapture = sqlite.prepare(
    `INSERT INTO captures (id, started_at, outcome, species, net_grams, weight_rank, written_up, summary, record)
     VALUES (?, ?, ?, ?, ?, ?, 1, ?, ?)`,
  );
  const addEvent = sqlite.prepare('INSERT INTO events VALUES (?, ?, ?, ?, ?, ?, ?, ?)');
  const addPicture = sqlite.prepare(
    `INSERT INTO pictures VALUES (?, 'image/jpeg', 900000, 4000, 3000, NULL, NULL, '')`,
  );
  sqlite.transaction(() => {
    for (let i = 0; i < fish; i += 1) {
      const events = oneFish(i, i < printed);
      const captureId = events[0]?.captureId ?? '';
      const state = replay(captureId, events);
      const summary = summaryOf(state);
      const { startedAt, outcome, species, netGrams } = summary;
      addCapture.run(
        captureId,
        startedAt,
        outcome,
        species,
        netGrams,
        netGrams ?? -1,
        JSON.stringify(summary),
        JSON.stringify(recordOf(state)),
      );
      for (const { id, deviceId, at, elapsedMs, type, payload } of events) {
        addEvent.run(id, captureId, deviceId, at, elapsedMs, type, JSON.stringify(payload), at);
      }
      addPicture.run(nameOf(i));
    }
  })();
}

function nameOf(i: number): string {
  return i.toString(16).padStart(64, '0');
}

function oneFish(i: number, hasPrint: boolean): CaptureEvent[] {
  const captureId = newId();
  const at = new Date(Date.UTC(1990, 0, 1) + i * 15 * 3_600_000).toISOString();
  const species = (['carp', 'pike', 'barbel', 'wels'] as const)[i % 4] ?? 'carp';
  const fishId = `01930000-0000-7000-8000-${(i % 3000).toString(16).padStart(12, '0')}`;
  const length = { unit: 'quarter-in', count: 80 + (i % 120), of: 'tip' } as const;
  return [
    event(captureId, 'hooked', at, 0, { zone: 'Europe/London', around: { waterC: 8 + (i % 14) } }),
    event(captureId, 'netted', at, 300_000, {}),
    event(captureId, 'hook-out', at, 330_000, {}),
    event(captureId, 'zeroed', at, 340_000, {}),
    event(captureId, 'lifted', at, 360_000, {}),
    event(captureId, 'reading-taken', at, 380_000, {
      weight: { asRead: { unit: 'oz', count: 100 + (i % 500) }, method: 'zeroed', support: 'hung', way: 'set' },
    }),
    event(captureId, 'pictured', at, 390_000, {}),
    event(captureId, 'picture-added', at, 391_000, { sha256: nameOf(i), role: hasPrint ? 'left-flank' : 'scale' }),
    event(captureId, 'returned', at, 400_000, {}),
    event(captureId, 'released', at, 540_000, {}),
    event(captureId, 'described', at, 900_000, {
      facts: { species, ...(species === 'carp' && { form: 'mirror' }), length, note: `Fish ${i} of the book.` },
    }),
    ...(i % 3 === 0 ? [event(captureId, 'identified', at, 910_000, { says: 'same', fishId })] : []),
    event(captureId, 'written-up', at, 920_000, {}),
  ];
}

function writePrint(folder: string, i: number): void {
  const species = KINDS[i % 4] ?? 'carp';
  const kind = paintedKind(species, species === 'carp' ? 'mirror' : null);
  if (!kind) return;
  const { columns, rows } = flankFrame(kind);
  const drawn = createRng(`print ${i}`);
  const cells = Buffer.from(Array.from({ length: columns * rows }, () => drawn.whole(-127, 127))).toString('base64');
  const at = (x: number, y: number) => ({ x, y });
  const landmarks = {
    snout: at(400, 1500),
    eye: at(520, 1440),
    dorsal: at(1700, 1000),
    pelvic: at(1800, 1900),
    anal: at(2700, 1800),
    fork: at(3500, 1500),
  };
  const file = descriptorFile(folder, descriptorKey(nameOf(i), kind, null));
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, JSON.stringify({ side: 'left', landmarks, cells }));
}
