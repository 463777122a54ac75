import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { CaptureEvents } from '@keeper/contract/events';
import type { FlanksAnswer } from '@keeper/contract/flanks';
import type { EventPayloads, EventType } from '@keeper/core/capture/event';
import { expect, test } from './keeperTest.js';
import type { KeeperServer } from './keeperServer.js';

const capture = (n: number) => `01990000-0000-7000-8000-0000000000a${n}`;

async function post(server: KeeperServer, captureId: string, events: readonly [EventType, object][]): Promise<void> {
  const made = events.map(([type, payload], i) => ({
    id: captureId.replace('-7000-', `-7${i + 1}00-`),
    ...{ captureId, deviceId: 'desk', at: '2026-05-01T06:00:00.000Z', elapsedMs: 1000 * i, type, payload },
  }));
  const answer = await fetch(`${server.url}/api/events`, {
    ...{ method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ events: made }) },
  });
  expect(answer.status, await answer.text()).toBe(201);
}

async function caught(server: KeeperServer, n: number, picture: Buffer): Promise<string> {
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(picture)], { type: 'image/jpeg' }), 'fish.jpg');
  const kept = await fetch(`${server.url}/api/pictures`, { method: 'POST', body: form });
  const { sha256 } = (await kept.json()) as { sha256: string };
  await post(server, capture(n), [
    ['hooked', {}],
    ['released', {}],
    ['described', { facts: { species: 'pike' } }],
    ['picture-added', { sha256 }],
  ]);
  return sha256;
}

async function lastIdentity(server: KeeperServer, captureId: string) {
  const { events } = (await (await fetch(`${server.url}/api/captures/${captureId}`)).json()) as CaptureEvents;
  return events.filter(({ type }) => type === 'identified').at(-1)?.payload as EventPayloads['identified'] | undefined;
}

test(
  'a pike that was had before is known again without a tap; the keeper decides, and can take it back',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    test.setTimeout(120_000);
    const folder = mkdtempSync(join(tmpdir(), 'keeper-card-'));
    await server.leaveCard(folder, 5);
    // Two pictures of the card are of one pike, ten days apart.
    const pictures = readdirSync(folder)
      .toSorted()
      .slice(1, 3)
      .map((name) => readFileSync(join(folder, name)));
    rmSync(folder, { recursive: true });
    const shas: string[] = [];
    for (const [n, picture] of pictures.entries()) shas.push(await caught(server, n, picture));
    await expect
      .poll(async () => ((await (await fetch(`${server.url}/api/flanks`)).json()) as FlanksAnswer).flanks.length, {
        timeout: 30_000,
      })
      .toBe(2);

    await page.goto(`${server.url}/pictures/${capture(0)}/${shas[0] ?? ''}`);
    await page.getByRole('link', { name: 'Who is this?' }).click({ timeout: 30_000 });
    await expect(page.getByText('You have had this fish before, by the look of it.')).toBeVisible({ timeout: 30_000 });
    await expect(page.getByText(/places agree/)).toBeVisible({ timeout: 30_000 });
    expect(await lastIdentity(server, capture(0))).toBeUndefined();

    await page.getByRole('button', { name: /^The same as on/ }).click();
    await expect(page.getByText(/^You said that it is a fish you had before/)).toBeVisible();
    await expect.poll(async () => (await lastIdentity(server, capture(0)))?.says).toBe('same');
    const said = await lastIdentity(server, capture(0));
    expect(said?.by).toMatchObject({ captureId: capture(1), otherSha: shas[1] });
    await expect.poll(async () => (await lastIdentity(server, capture(1)))?.fishId).toBe(said?.fishId);

    // A week later it turns out to be wrong: the last word goes, the log keeps it.
    await page.reload();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByRole('button', { name: 'A new fish' })).toBeVisible();
    expect(await lastIdentity(server, capture(0))).toEqual(said);
    await page.getByRole('button', { name: 'Not sure yet' }).click();
    await expect(page.getByText(/^You left it open/)).toBeVisible();
    expect(noErrors).toEqual([]);
  },
);
