import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FlanksAnswer } from '@keeper/contract/flanks';
import type { EventType } from '@keeper/core/domain/capture/event';
import { expect, test } from './keeperTest.js';
import type { KeeperServer } from './keeperServer.js';

/** The `n`th catch of a test. */
export const captureOf = (n: number) => `01990000-0000-7000-8000-0000000000a${n}`;

/** Prints are made one after the other, beside all that a busy machine does. */
const PRINTS_MS = 60_000;

/** Two catches of one pike, ten days apart, each with a picture whose print is made. Gives the pictures. */
export async function pikeTwice(server: KeeperServer): Promise<readonly string[]> {
  test.setTimeout(test.info().timeout + PRINTS_MS);
  const folder = mkdtempSync(join(tmpdir(), 'keeper-card-'));
  await server.leaveCard(folder, 5);
  const pictures = readdirSync(folder)
    .toSorted()
    .slice(1, 3)
    .map((name) => readFileSync(join(folder, name)));
  rmSync(folder, { recursive: true });
  const shas: string[] = [];
  for (const [n, picture] of pictures.entries()) shas.push(await caught(server, n, picture));
  await expect
    .poll(async () => ((await (await fetch(`${server.url}/api/flanks`)).json()) as FlanksAnswer).flanks.length, {
      timeout: PRINTS_MS,
    })
    .toBe(2);
  return shas;
}

async function caught(server: KeeperServer, n: number, picture: Buffer): Promise<string> {
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(picture)], { type: 'image/jpeg' }), 'fish.jpg');
  const kept = await fetch(`${server.url}/api/pictures`, { method: 'POST', body: form });
  const { sha256 } = (await kept.json()) as { sha256: string };
  await post(server, n, [
    ['hooked', {}],
    ['released', {}],
    ['described', { facts: { species: 'pike' } }],
    ['picture-added', { sha256 }],
  ]);
  return sha256;
}

async function post(server: KeeperServer, n: number, events: readonly [EventType, object][]): Promise<void> {
  const made = events.map(([type, payload], i) => ({
    id: captureOf(n).replace('-7000-', `-7${i + 1}00-`),
    captureId: captureOf(n),
    deviceId: 'desk',
    at: `2026-05-0${1 + n}T06:00:00.000Z`,
    elapsedMs: 1000 * i,
    type,
    payload,
  }));
  const answer = await fetch(`${server.url}/api/events`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ events: made }),
  });
  expect(answer.status, await answer.text()).toBe(201);
}
