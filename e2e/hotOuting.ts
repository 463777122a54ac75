import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import type { Forecast } from '@keeper/contract/weather';
import type { KeeperServer } from './keeperServer.js';

/** The next summer that is still to come: what is past is not advised on any more. */
export const SUMMER = new Date().getUTCFullYear() + 1;
/** Five in the morning of a July day by the sun of the place. */
export const HOT_DAY_MS = Date.UTC(SUMMER, 6, 15, 6);

let made = 0;
/** An id as a device makes it. */
export function uuid7(): string {
  made += 1;
  return `01983000-0000-7000-8000-${String(made).padStart(4, '0')}${randomUUID().slice(-8)}`;
}

/** Writes to the server as a device would. */
export async function send(server: KeeperServer, method: string, path: string, body: object): Promise<void> {
  const answer = await fetch(`${server.url}/api${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
}

/** A water with a swim on it, as a device would have written them. */
export async function waterAndSwim(server: KeeperServer): Promise<{ waterId: string; swimId: string }> {
  const [waterId, swimId] = [uuid7(), uuid7()];
  const position = { latitudeDeg: 46.7, longitudeDeg: -22.4 };
  await send(server, 'PUT', `/waters/${waterId}`, { name: 'The Mere', kind: 'lake', position, revision: 0 });
  await send(server, 'PUT', `/swims/${swimId}`, {
    waterId,
    name: 'Alder bay',
    position: null,
    facingDeg: 20,
    bank: 'grass',
    hazards: [],
    fixtures: [],
    note: null,
    retired: false,
    revision: 0,
  });
  return { waterId, swimId };
}

/** An outing that is under way now, with what was measured on it. */
export async function outingNow(
  server: KeeperServer,
  { bank, expected, waterC, companions = 0 }: { bank: string; expected: string[]; waterC: number; companions?: number },
): Promise<string> {
  const [waterId, swimId, outingId] = [uuid7(), uuid7(), uuid7()];
  await send(server, 'PUT', `/waters/${waterId}`, { name: 'The Mere', kind: 'lake', revision: 0 });
  await send(server, 'PUT', `/swims/${swimId}`, {
    waterId,
    name: 'Alder bay',
    position: null,
    facingDeg: 20,
    bank,
    hazards: [],
    fixtures: [],
    note: null,
    retired: false,
    revision: 0,
  });
  const nowMs = Date.now();
  const at = (minutes: number) => new Date(nowMs + minutes * 60_000).toISOString();
  const events = [
    ['outing-planned', { waterId, fromAt: at(-60), toAt: at(240), companions, expected }],
    ['swim-taken', { swimId }],
    ['condition-taken', { source: 'hand', waterC, depth: 'surface', when: at(-10) }],
  ] as const;
  await send(server, 'POST', '/events', {
    events: events.map(([type, payload], i) => ({
      id: uuid7(),
      outingId,
      deviceId: 'shot',
      type,
      payload,
      at: new Date(nowMs - 3_600_000 + i * 1000).toISOString(),
    })),
  });
  return outingId;
}

/** Begins a capture from Today once the outing stands there. */
export async function fishOnOuting(page: Page, server: KeeperServer, outingId: string): Promise<void> {
  await page.goto(server.url);
  await page.locator(`a[href="/bank/${outingId}"]`).waitFor();
  await page.getByRole('button', { name: /^Fish on/ }).click();
  await page.waitForURL(/\/run\//);
}

/** An outing on a hot day with its forecast and one reading of the water. */
export async function hotOuting(server: KeeperServer, fromMs = HOT_DAY_MS): Promise<string> {
  const { waterId, swimId } = await waterAndSwim(server);
  const outingId = uuid7();
  const at = (hours: number) => new Date(fromMs + hours * 3_600_000).toISOString();
  const query = `latitudeDeg=46.7&longitudeDeg=-22.4&from=${at(0)}&hours=16&day=heatwave`;
  const { hours } = (await (await fetch(`${server.url}/api/weather?${query}`)).json()) as Forecast;
  const events = [
    ['outing-planned', { waterId, fromAt: at(0), toAt: at(14), companions: 0, expected: ['carp', 'pike'] }],
    ['swim-taken', { swimId }],
    ['forecast-taken', { hours }],
    ['condition-taken', { source: 'hand', waterC: 23.5, depth: 'surface', when: at(0) }],
  ] as const;
  await send(server, 'POST', '/events', {
    events: events.map(([type, payload], i) => ({
      id: uuid7(),
      outingId,
      deviceId: 'shot',
      type,
      payload,
      // Written a minute ago, whenever it is to be: what is tapped now comes after it.
      at: new Date(Date.now() - 60_000 + i * 1000).toISOString(),
    })),
  });
  return outingId;
}
