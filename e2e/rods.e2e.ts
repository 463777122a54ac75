import type { OutingEvents } from '@keeper/contract/outings';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { expect, onlyCapture, step, test } from './keeperTest.js';
import { outingNow } from './hotOuting.js';

test(
  'a day with two rods: cast, re-baited in two taps, a dropped run, a fish told of its rod in one tap, a lost one',
  { tag: '@phone' },
  async ({ page, server, noErrors }) => {
    const outingId = await outingNow(server, { bank: 'grass', expected: ['carp'], waterC: 16 });
    await page.goto(`${server.url}/bank/${outingId}`);
    const rods = page.getByRole('region', { name: 'Rods' });
    await rods.getByRole('button', { name: 'Cast the first rod' }).click();
    const sheet = page.getByRole('dialog', { name: 'Rod 1' });
    await sheet.getByLabel('Bait', { exact: true }).fill('Tiger nuts');
    await sheet.getByLabel('Where it lies', { exact: true }).fill('Left margin');
    await sheet.getByLabel(/^How far out/).fill('far');
    await sheet.getByRole('button', { name: 'Cast it so' }).click();
    await expect(sheet.getByRole('alert')).toContainText('cannot be read');
    await sheet.getByLabel(/^How far out/).fill('40');
    await sheet.getByRole('button', { name: 'Cast it so' }).click();
    const first = rods.getByRole('group', { name: 'Rod 1', exact: true });
    await expect(first).toContainText('Tiger nuts');
    await expect(first).toContainText(/Left margin, 40 (yd|m) out/);
    await rods.getByRole('button', { name: 'Another rod' }).click();
    const other = page.getByRole('dialog', { name: 'Rod 2' });
    // Baited as the first one, unless it is told otherwise.
    await expect(other.getByLabel('Bait', { exact: true })).toHaveValue('Tiger nuts');
    await other.getByLabel('Bait', { exact: true }).fill('Bread');
    await other.getByRole('button', { name: 'Cast it so' }).click();
    const second = rods.getByRole('group', { name: 'Rod 2', exact: true });
    await expect(second).toContainText('Bread');
    // Two taps: the bait, and which.
    await first.getByRole('combobox', { name: 'Other bait' }).click();
    await page.getByRole('option', { name: 'Bread' }).click();
    await expect(first).toContainText('Bread');
    await second.getByRole('button', { name: 'Dropped run' }).click();
    await expect(second.getByRole('button', { name: 'Dropped run 1' })).toBeVisible();

    if (process.env['SHOTS'])
      await page.screenshot({ path: `/tmp/rods-${test.info().project.name}.png`, fullPage: true });
    await page.getByRole('button', { name: /^Fish on/ }).click();
    await page.waitForURL(/\/run\//);
    if (process.env['SHOTS']) await page.screenshot({ path: `/tmp/rodrun-${test.info().project.name}.png` });
    // Tapped wrongly, and put right.
    await page.getByRole('group', { name: 'Which rod?' }).getByRole('button', { name: 'Rod 1' }).click();
    await page.getByRole('button', { name: 'Rod 1: not right?' }).click();
    await page.getByRole('group', { name: 'Which rod?' }).getByRole('button', { name: 'Rod 2' }).click();
    await page.getByRole('group', { name: /given/ }).getByRole('button', { name: 'Struck at once' }).click();
    await step(page, 'In the net', 'netted');
    await step(page, 'Hook out', 'hook out');
    // Tapped wrongly, and taken back.
    await page.getByRole('group', { name: 'Where did it hold?' }).getByRole('button', { name: 'Deep' }).click();
    await page.getByRole('button', { name: 'Undo “hook hold”' }).click();
    await page.getByRole('group', { name: 'Where did it hold?' }).getByRole('button', { name: 'Lip' }).click();
    await expect(page.getByRole('group', { name: 'Where did it hold?' })).toHaveCount(0);
    await step(page, 'Released', 'released');
    const lastOf = async (type: string) =>
      (await onlyCapture(server)).events.findLast((event) => event.type === type)?.payload;
    await expect.poll(() => lastOf('hook-held')).toEqual({ hold: 'lip' });
    expect(await lastOf('rod-told')).toEqual({ rod: 2, bait: 'Bread', givenS: 0 });

    // The rod that took the fish is out of the water since the take; it is cast again in one tap.
    await page.goto(`${server.url}/bank/${outingId}`);
    await expect(second).toContainText('Took a fish');
    await expect(first).toContainText('Fishing for');
    await second.getByRole('button', { name: 'Cast again' }).click();
    await expect(second).toContainText('Fishing for');
    await second.getByRole('button', { name: 'Lost fish' }).click();
    await expect(second.getByRole('button', { name: 'Lost fish 1' })).toBeVisible();
    // How it got away, and what it has on it since, are a tap each; the restock list counts by it.
    await second
      .getByRole('group', { name: 'How did it get away?' })
      .getByRole('button', { name: 'Line parted' })
      .click();
    await second
      .getByRole('group', { name: /have on it/ })
      .getByRole('button', { name: 'The hook', exact: true })
      .click();
    await expect(second.getByRole('group', { name: /have on it/ })).toHaveCount(0);
    await expect
      .poll(async () => {
        const log = (await (await fetch(`${server.url}/api/outings/${outingId}`)).json()) as OutingEvents;
        return log.events.filter(({ type }) => type.startsWith('rod-') || type === 'fish-lost').map(({ type }) => type);
      })
      .toEqual(['rod-out', 'rod-out', 'rod-out', 'rod-in', 'rod-in', 'rod-out', 'rod-out', 'fish-lost']);
    const lossesTold = async () => {
      const log = (await (await fetch(`${server.url}/api/outings/${outingId}`)).json()) as OutingEvents;
      return log.events.flatMap((event) => (event.type === 'lost-how' ? [event.payload] : []));
    };
    await expect.poll(lossesTold).toMatchObject([{ reason: 'line-parted' }, { reason: 'line-parted', left: 'hook' }]);

    await page.getByRole('button', { name: 'End the outing' }).click();
    const end = page.getByRole('dialog');
    await expect(end).toContainText('One fish, 1 lost, 1 run dropped.');
    await end.getByRole('button', { name: 'Put it in the book' }).click();
    await expect(page.getByRole('region', { name: 'The day', exact: true })).toContainText(/rod 2 cast, Bread/);
    const [outing] = (await (await fetch(`${server.url}/api/outings`)).json()) as OutingSummary[];
    expect(outing?.fished).toMatchObject([{ runsDropped: 1, fishLost: 1, bitesMissed: 0 }]);
    expect(outing?.fished[0]?.rodMs).toBeGreaterThan(0);
    // Cast an hour earlier than it was tapped: put right, and the rod-hours with it.
    const day = page.getByRole('region', { name: 'The day', exact: true });
    await day.getByRole('button', { name: 'Put right' }).first().click();
    const times = page.getByRole('dialog', { name: /^Rod \d: when it was out$/ });
    const castAt = await times.getByLabel('Cast at').inputValue();
    const earlier = new Date(Date.parse(`${castAt}:00Z`) - 3_600_000).toISOString().slice(0, 16);
    await times.getByLabel('Cast at').fill(earlier);
    await times.getByRole('button', { name: 'Save the times' }).click();
    await expect(day).toContainText(/1 h .*of rod time in all/);
    expect(noErrors).toEqual([]);
  },
);

test(
  'with one rod out the fish is told of it by itself, and nothing is asked',
  { tag: '@phone' },
  async ({ page, server, noErrors }) => {
    const outingId = await outingNow(server, { bank: 'grass', expected: ['carp'], waterC: 16 });
    await page.goto(`${server.url}/bank/${outingId}`);
    await page.getByRole('button', { name: 'Cast the first rod' }).click();
    await page.getByRole('dialog').getByLabel('Bait', { exact: true }).fill('Bread');
    await page.getByRole('button', { name: 'Cast it so' }).click();
    await expect(page.getByRole('group', { name: 'Rod 1', exact: true })).toContainText('Fishing for');
    await page.getByRole('button', { name: /^Fish on/ }).click();
    await page.waitForURL(/\/run\//);
    await expect(page.getByRole('group', { name: /given/ })).toBeVisible();
    await expect(page.getByRole('group', { name: 'Which rod?' })).toHaveCount(0);
    const told = async () => (await onlyCapture(server)).events.filter(({ type }) => type === 'rod-told');
    await expect.poll(async () => (await told()).map(({ payload }) => payload)).toEqual([{ rod: 1, bait: 'Bread' }]);
    // Opened once more it is not told once more.
    await page.reload();
    await page.getByRole('region', { name: 'Clocks' }).waitFor();
    await page.goto(`${server.url}/bank/${outingId}`);
    await expect(page.getByRole('group', { name: 'Rod 1', exact: true })).toContainText('Took a fish');
    expect(await told()).toHaveLength(1);
    expect(noErrors).toEqual([]);
  },
);

test(
  'an old capture gets its rod at the desk, from what was told before',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    await page.goto(server.url);
    await page.getByRole('button', { name: /^Fish on/ }).click();
    await page.waitForURL(/\/run\//);
    await step(page, 'In the net', 'netted');
    await step(page, 'Released', 'released');
    await page.getByRole('button', { name: 'Strong, with a kick' }).click();
    await page.getByRole('link', { name: 'Write it up' }).click();
    await page.getByLabel('Bait', { exact: true }).fill('Worm');
    await page.getByLabel('Where it lies', { exact: true }).fill('Under the willow');
    await page.getByRole('button', { name: 'Put it in the book' }).click();
    const told = page.getByRole('region', { name: 'On what' });
    await expect(told).toContainText('Worm, Under the willow.');
    await told.getByRole('button', { name: 'Change rig, bait or place' }).click();
    await page.getByRole('dialog').getByLabel('Method', { exact: true }).fill('Float');
    await page.getByRole('dialog').getByRole('button', { name: 'Save it' }).click();
    await expect(told).toContainText('Worm, Float, Under the willow.');
    const toldTimes = async () => (await onlyCapture(server)).events.filter(({ type }) => type === 'rod-told').length;
    await expect.poll(toldTimes).toBe(2);
    expect(noErrors).toEqual([]);
  },
);

test('a bait that was typed two ways is made one in a tap', { tag: '@desk' }, async ({ page, server, noErrors }) => {
  const outingId = await outingNow(server, { bank: 'grass', expected: ['carp'], waterC: 16 });
  await page.goto(`${server.url}/bank/${outingId}`);
  const rods = page.getByRole('region', { name: 'Rods' });
  for (const [control, bait] of [
    ['Cast the first rod', 'Tiger nuts'],
    ['Another rod', 'Tigernut'],
  ] as const) {
    await rods.getByRole('button', { name: control }).click();
    const sheet = page.getByRole('dialog');
    await sheet.getByLabel('Bait', { exact: true }).fill(bait);
    await sheet.getByRole('button', { name: 'Cast it so' }).click();
    await expect(sheet).toBeHidden();
  }
  await page.goto(`${server.url}/kit`);
  const baits = page.getByRole('region', { name: 'Your baits' });
  await expect(baits).toContainText('“Tigernut” and “Tiger nuts”: one bait?');
  await baits.getByRole('button', { name: 'Both are Tiger nuts' }).click();
  await expect(baits).toContainText('“tigernut” counts as Tiger nuts.');
  await expect(baits.getByRole('button', { name: 'Both are Tiger nuts' })).toHaveCount(0);
  // Two again, and one by their names alone.
  await baits.getByRole('button', { name: 'Two again' }).click();
  await baits.getByText('One bait under two names?').click();
  await baits.getByRole('combobox', { name: 'This bait' }).click();
  await page.getByRole('option', { name: 'Tiger nuts' }).click();
  await baits.getByRole('combobox', { name: 'is the same as' }).click();
  await page.getByRole('option', { name: 'Tigernut' }).click();
  await baits.getByRole('button', { name: 'Make them one' }).click();
  await expect(baits).toContainText('“tiger nut” counts as Tigernut.');
  expect(noErrors).toEqual([]);
});
