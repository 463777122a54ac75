import type { Page } from '@playwright/test';
import type { CaptureEvents } from '@keeper/contract/events';
import { expect, onlyCapture, test } from './keeperTest.js';

/** Puts entries among those that this device holds, as an older version of the page might have made them. */
async function hold(page: Page, captureId: string, payloads: readonly (readonly [string, object])[]): Promise<void> {
  await page.evaluate(
    ([id, all]) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('keeper');
        opening.onerror = () => reject(new Error('The device store does not open.'));
        opening.onsuccess = () => {
          const writing = opening.result.transaction('events', 'readwrite');
          for (const [i, [type, payload]] of all.entries()) {
            const event = {
              id: `01930000-0000-7000-8000-00000000000${i}`,
              captureId: id,
              deviceId: 'phone',
              type,
              payload,
              at: new Date().toISOString(),
              elapsedMs: 5000 + i,
            };
            writing.objectStore('events').add({ state: 'waiting', event });
          }
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    [captureId, payloads] as const,
  );
}

test(
  'an entry that is refused names its fish and its field, is put right, and holds nothing up',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    await page.goto(server.url);
    await page.getByRole('button', { name: /^Fish on/ }).click();
    await page.waitForURL(/\/run\//);
    const captureId = page.url().split('/').at(-1) ?? '';
    await expect.poll(async () => (await fetch(`${server.url}/api/captures/${captureId}`)).status).toBe(200);
    await hold(page, captureId, [
      ['described', { facts: { species: 'carp', length: { unit: 'mm', count: 7650 } } }],
      ['gill-beat', { perMinute: 900 }],
      ['seen', { sign: 'calm' }],
    ]);
    await page.goto(`${server.url}/settings`);
    const held = page.getByRole('region', { name: 'Not accepted by the server' });
    await expect(held.getByRole('listitem')).toHaveCount(2);
    await expect(held.getByRole('listitem').first()).toContainText(/what you noted, Carp, /);
    await expect(held.getByText('No freshwater fish is longer than 4 m. Check the unit.')).toBeVisible();
    await held.getByLabel('The number').fill('765');
    await held.getByRole('button', { name: 'Put right and send' }).first().click();
    await expect(held.getByRole('listitem')).toHaveCount(1);
    await held.getByRole('button', { name: 'Give up' }).click();
    await held.getByRole('button', { name: 'Delete it for good' }).click();
    await expect(held).toBeHidden();
    const answer = await fetch(`${server.url}/api/captures/${captureId}`);
    const { events } = (await answer.json()) as CaptureEvents;
    expect(events.map(({ type }) => type)).toEqual(['hooked', 'described', 'seen']);
    expect(noErrors).toEqual([]);
  },
);

test(
  'a server that cannot write says why on the page; with that put right all goes by itself',
  { tag: '@desk' },
  async ({ page, server }) => {
    const sentence = 'The book cannot be written: the disk is full. Make room on the computer that keeps it.';
    await page.route('**/api/events', (route) =>
      route.fulfill({
        status: 503,
        contentType: 'application/json',
        body: JSON.stringify({ code: 'disk-full', sentence }),
      }),
    );
    await page.goto(server.url);
    await page.getByRole('button', { name: /^Fish on/ }).click();
    await page.waitForURL(/\/run\//);
    await page.goto(server.url);
    await expect(page.getByRole('alert')).toContainText(sentence);
    await expect(
      page.getByRole('status').filter({ hasText: '1 entry safe on this device, kept here.' }).first(),
    ).toBeVisible();
    await page.unroute('**/api/events');
    await expect(page.getByRole('alert')).toBeHidden({ timeout: 30_000 });
    await onlyCapture(server);
  },
);

test(
  'a damaged book is said to be, nothing is written to it, and what is entered stays on the device',
  { tag: '@phone' },
  async ({ page, server }) => {
    await server.fillDemo(0);
    await server.damageBook();
    await server.start();
    await page.goto(server.url);
    await expect(page.getByRole('alert')).toContainText('The book is damaged. Nothing more is written to it.');
    await page.getByRole('button', { name: /^Fish on/ }).click();
    await page.waitForURL(/\/run\//);
    await page.goto(server.url);
    await expect(page.getByText('1 entry safe on this device, kept here.').filter({ visible: true })).toBeVisible();
  },
);
