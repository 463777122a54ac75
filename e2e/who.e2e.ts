import type { CaptureEvents } from '@keeper/contract/events';
import type { EventPayloads } from '@keeper/core/domain/capture/event';
import { expect, test } from './keeperTest.js';
import type { KeeperServer } from './keeperServer.js';
import { captureOf, pikeTwice } from './pikeTwice.js';

async function lastIdentity(server: KeeperServer, captureId: string) {
  const { events } = (await (await fetch(`${server.url}/api/captures/${captureId}`)).json()) as CaptureEvents;
  return events.filter(({ type }) => type === 'identified').at(-1)?.payload as EventPayloads['identified'] | undefined;
}

test(
  'a pike that was had before is known again without a tap; the keeper decides, and can take it back',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    test.setTimeout(120_000);
    const shas = await pikeTwice(server);

    await page.goto(`${server.url}/pictures/${captureOf(0)}/${shas[0] ?? ''}`);
    await page.getByRole('link', { name: 'Who is this?' }).click({ timeout: 30_000 });
    await expect(page.getByText('You have caught this fish before, by the look of it.')).toBeVisible({
      timeout: 30_000,
    });
    await expect(page.getByText(/places agree/)).toBeVisible({ timeout: 30_000 });
    expect(await lastIdentity(server, captureOf(0))).toBeUndefined();

    await page.getByRole('button', { name: /^The same as on/ }).click();
    await expect(page.getByText(/^You said that it is a fish you had before/)).toBeVisible();
    await expect.poll(async () => (await lastIdentity(server, captureOf(0)))?.says).toBe('same');
    const said = await lastIdentity(server, captureOf(0));
    expect(said?.by).toMatchObject({ captureId: captureOf(1), otherSha: shas[1] });
    await expect.poll(async () => (await lastIdentity(server, captureOf(1)))?.fishId).toBe(said?.fishId);

    // A week later it turns out to be wrong: the last word goes, the log keeps it.
    await page.reload();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByRole('button', { name: 'A new fish' })).toBeVisible();
    expect(await lastIdentity(server, captureOf(0))).toEqual(said);
    await page.getByRole('button', { name: 'Not sure yet' }).click();
    await expect(page.getByText(/^You left it open/)).toBeVisible();
    expect(noErrors).toEqual([]);
  },
);
