import type { Page } from '@playwright/test';
import type { BookPage } from '@keeper/contract/book';
import type { CaptureEvents } from '@keeper/contract/events';
import { createRng } from '@keeper/core/statistics/rng';
import { ChaosProxy, type Trouble } from './chaosProxy.js';
import type { KeeperServer } from './keeperServer.js';
import { expect, next, test } from './keeperTest.js';

const FULL = process.env['KEEPER_CHAOS'] === 'full';
const SEED = process.env['KEEPER_CHAOS_SEED'] ?? '1';
const [CAPTURES, FAULTS] = FULL ? [30, 100] : [2, 6];

const KINDS = ['offline', 'server-killed', 'reloaded', 'slow', 'doubled', 'answer-lost', 'refused'] as const;
type Kind = (typeof KINDS)[number];

/** Every event that this device holds, as the screen may have acknowledged it. */
function heldIds(page: Page): Promise<{ id: string; captureId: string; type: string }[]> {
  return page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('keeper');
        opening.onerror = () => reject(new Error('The device store does not open.'));
        opening.onsuccess = () => {
          const all = opening.result.transaction('events').objectStore('events').getAll();
          all.onsuccess = () => {
            opening.result.close();
            resolve(all.result.map(({ event }: { event: { id: string; captureId: string; type: string } }) => event));
          };
        };
      }),
  );
}

/** Taps the large control and waits until the screen has acknowledged it. */
async function tapNext(page: Page): Promise<string> {
  const control = next(page);
  const label = await control.innerText();
  await control.click();
  if (label === 'Weigh') await page.getByRole('button', { name: 'Later', exact: true }).click();
  else await expect(control).not.toHaveText(label);
  return label;
}

interface InTheBook {
  readonly id: string;
  readonly captureId: string;
  readonly type: string;
}

/** Every entry that the server has. */
async function inTheBook(server: KeeperServer): Promise<InTheBook[]> {
  const kept: InTheBook[] = [];
  for (let after: string | null = ''; after !== null;) {
    const book: BookPage = (await (await fetch(`${server.url}/api/captures?after=${after}`)).json()) as BookPage;
    for (const { captureId } of book.rows) {
      const log = (await (await fetch(`${server.url}/api/captures/${captureId}`)).json()) as CaptureEvents;
      kept.push(...log.events);
    }
    after = book.next;
  }
  return kept;
}

test(`${FAULTS} faults over ${CAPTURES} captures: every acknowledged tap is in the book exactly once`, async ({
  page,
  server,
  context,
}) => {
  test.setTimeout(FULL ? 45 * 60_000 : 150_000);
  const luck = createRng(`chaos ${SEED}`);
  const proxy = new ChaosProxy(server, () => luck.between(200, 1500));
  await proxy.start();
  await page.goto(proxy.url);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();

  const acknowledged = new Map<string, { id: string; captureId: string; type: string }>();
  const happened: Record<Kind, number> = {
    offline: 0,
    'server-killed': 0,
    reloaded: 0,
    slow: 0,
    doubled: 0,
    'answer-lost': 0,
    refused: 0,
  };
  const bag: Kind[] = [];
  let taps = 0;
  let killed = false;
  const heal = async () => {
    proxy.trouble = 'none';
    await context.setOffline(false);
    if (killed) await server.start();
    killed = false;
  };
  const fault = async () => {
    // Each kind once before one comes again.
    if (bag.length === 0) bag.push(...KINDS);
    const [kind = 'offline'] = bag.splice(luck.whole(0, bag.length - 1), 1);
    happened[kind] += 1;
    await heal();
    if (kind === 'reloaded') await page.reload();
    else if (kind === 'offline') await context.setOffline(true);
    else if (kind === 'server-killed') {
      await server.kill();
      killed = true;
    } else proxy.trouble = kind satisfies Trouble;
  };

  const perCapture = Math.ceil(FAULTS / CAPTURES);
  let left = FAULTS;
  for (let i = 0; i < CAPTURES; i += 1) {
    await page.getByRole('button', { name: /^Fish on/ }).click();
    await page.waitForURL(/\/run\//);
    const faultsAt = new Set<number>();
    while (faultsAt.size < Math.min(perCapture, left)) faultsAt.add(luck.whole(0, 7));
    left -= faultsAt.size;
    for (let tap = 0; ; tap += 1) {
      if (faultsAt.has(tap)) await fault();
      await next(page).waitFor();
      const label = await tapNext(page);
      taps += 1;
      for (const event of await heldIds(page)) acknowledged.set(event.id, event);
      if (label === 'Released') break;
    }
    await page.getByRole('button', { name: 'Strong, with a kick' }).click();
    await page.getByText(/^It left: strong/).waitFor();
    taps += 1;
    for (const event of await heldIds(page)) acknowledged.set(event.id, event);
    await page.getByRole('link', { name: 'Later' }).click();
  }
  await heal();
  // What still waits is given its time to arrive; what does not is lost.
  await expect(page.getByText(/safe on this device/)).toHaveCount(0, { timeout: 60_000 });
  const arrived = async () => {
    const ids = new Set((await inTheBook(server)).map(({ id }) => id));
    return [...acknowledged.keys()].filter((id) => !ids.has(id)).length;
  };
  await expect
    .poll(arrived, { timeout: 60_000 })
    .toBe(0)
    .catch(() => undefined);
  const kept = await inTheBook(server);
  const ids = kept.map(({ id }) => id);
  const twice = ids.length - new Set(ids).size;
  const lost = [...acknowledged.keys()].filter((id) => !ids.includes(id));
  const count = (type: string) => kept.filter((event) => event.type === type).length;
  process.stdout.write(
    `chaos, seed ${SEED}: ${CAPTURES} captures, ${taps} taps, ${Object.values(happened).reduce((a, b) => a + b)} faults ` +
      `(${KINDS.map((kind) => `${happened[kind]} ${kind}`).join(', ')}); ${acknowledged.size} entries acknowledged, ` +
      `${ids.length} in the book, ${lost.length} lost, ${twice} doubled\n`,
  );
  expect({ lost, twice }).toEqual({ lost: [], twice: 0 });
  expect(ids.length).toBe(acknowledged.size);
  // Beside the taps there is a take for each capture.
  expect(ids.length).toBe(taps + CAPTURES);
  for (const type of ['hooked', 'netted', 'lifted', 'released', 'left-as'])
    expect([type, count(type)]).toEqual([type, CAPTURES]);
  await proxy.close();
});
