import type { Page } from '@playwright/test';
import type { CaptureEvents } from '@keeper/contract/events';
import type { Mass } from '@keeper/core/measure/mass';
import { fishOn, onlyCapture, step, test, expect } from './keeperTest.js';
import type { KeeperServer } from './keeperServer.js';

const SCALES = '0193aaaa-0000-7000-8000-000000000001';
const SLING = '0193aaaa-0000-7000-8000-000000000002';

/** Scales, of an ounce if it is not said otherwise, and a sling whose tare is known. */
async function kit(server: KeeperServer, division: Mass = { unit: 'oz', count: 1 }): Promise<void> {
  const bare = { sizeMm: null, onLanyard: false, spare: false, toReplace: false, charge: null, inDateUntil: null };
  const row = { ...bare, tares: [], checkedAt: null, disinfected: null, lastWater: null, retired: false, revision: 0 };
  const wet = (count: number, hungMin: number) => ({
    at: '2026-06-01T05:00:00.000Z',
    wet: true,
    hungMin,
    mass: { unit: 'oz', count },
  });
  const put = async (id: string, body: object) => {
    const answer = await fetch(`${server.url}/api/kit/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...row, ...body }),
    });
    if (!answer.ok) throw new Error(await answer.text());
  };
  const scale = { division, scaleClass: 'III', checks: [] };
  await put(SCALES, { kind: 'scales', name: 'Dial scales', scale });
  await put(SLING, { kind: 'sling', name: 'Green sling', tares: [wet(28, 0), wet(26, 15), wet(25, 40)] });
}

async function toTheScale(page: Page, server: KeeperServer, zeroed: boolean): Promise<void> {
  await kit(server);
  await fishOn(page, server);
  await step(page, 'In the net', 'netted');
  await step(page, 'Hook out', 'hook out');
  if (zeroed) await step(page, 'Scale zeroed', 'zeroed');
  await step(page, 'Lift', 'lifted');
  await step(page, 'Weigh', 'weighed');
  await page.getByRole('button', { name: 'the simulated one' }).click();
  await expect(page.getByText('Settling')).toBeVisible();
}

async function awayWith(page: Page): Promise<void> {
  await step(page, 'Released', 'released');
  await page.getByRole('button', { name: /^Strong/ }).click();
}

const reading = ({ events }: CaptureEvents) => events.findLast(({ type }) => type === 'reading-taken')?.payload;

test('the connected scale is read without the keypad, and the empty sling brackets it', async ({
  page,
  server,
  noErrors,
}) => {
  await toTheScale(page, server, true);
  await page.getByRole('button', { name: 'Undo “weight”' }).waitFor({ timeout: 30_000 });
  await awayWith(page);
  await expect(page.getByText(/give or take/)).toBeVisible();
  await page.getByText('Where the doubt comes from').click();
  await expect(page.getByText('Together, for 19 in 20')).toBeVisible();
  await page.getByRole('button', { name: 'Hang the empty sling again' }).click();
  await page.getByRole('button', { name: 'It hangs there, wet and empty' }).click();
  await page.getByRole('button', { name: 'Record as zero' }).click({ timeout: 20_000 });
  await expect(page.getByText(/Hung again it showed zero, and this scale cannot show less/)).toBeVisible();
  await expect
    .poll(async () => (await onlyCapture(server)).events.map(({ type }) => type).slice(-2))
    .toEqual(['left-as', 'sling-hung']);
  expect(reading(await onlyCapture(server))).toMatchObject({
    weight: {
      asRead: { unit: 'oz' },
      sent: { unit: 'lb/100' },
      way: 'live',
      support: 'hung',
      scalesId: SCALES,
      slingId: SLING,
    },
  });
  expect(noErrors).toEqual([]);
});

test('off a scale of 50 g what it sent arrives too, in whole grams', async ({ page, server }) => {
  await kit(server, { unit: 'g', count: 50 });
  await fishOn(page, server);
  await step(page, 'Scale zeroed', 'zeroed');
  await step(page, 'Lift', 'lifted');
  await step(page, 'Weigh', 'weighed');
  await page.getByRole('button', { name: 'the simulated one' }).click();
  await page.getByRole('button', { name: 'Undo “weight”' }).waitFor({ timeout: 30_000 });
  await expect.poll(async () => reading(await onlyCapture(server))).toBeDefined();
  const { weight } = reading(await onlyCapture(server)) as { weight: { asRead: Mass; sent: Mass } };
  expect(weight.asRead.unit).toBe('g');
  expect(weight.asRead.count % 50).toBe(0);
  expect(Number.isInteger(weight.sent.count)).toBe(true);
});

test('a sling that was forgotten is found out, and one tap takes it off; what was read stays', async ({
  page,
  server,
}) => {
  await toTheScale(page, server, false);
  await page.getByRole('button', { name: 'Undo “weight”' }).waitFor({ timeout: 30_000 });
  await awayWith(page);
  await page.getByRole('button', { name: 'Hang the empty sling again' }).click();
  await page.getByRole('button', { name: 'It hangs there, wet and empty' }).click();
  const question = page.getByRole('region', { name: 'Does it add up?' });
  await expect(question.getByRole('listitem').first()).toContainText('The sling was not taken off.', {
    timeout: 30_000,
  });
  await question.getByRole('button', { name: /^Take .* of sling off$/ }).click();
  await expect(question).toBeHidden();
  await expect.poll(async () => (await onlyCapture(server)).events.at(-1)?.type).toBe('entry-kept');
  const { events } = await onlyCapture(server);
  const amended = events.find(({ type }) => type === 'amended')?.payload;
  const read = reading({ captureId: '', events }) as { weight: { asRead: object } };
  expect(amended).toMatchObject({
    facts: { weight: { method: 'gross-minus-tare', asRead: read.weight.asRead, tare: { unit: 'oz' } } },
    why: 'The sling was not taken off.',
  });
});

/** The write-up of a fish that was let go unweighed. */
async function writeUp(page: Page, server: KeeperServer, weight: string, length: string): Promise<void> {
  await kit(server);
  await fishOn(page, server);
  await step(page, 'Released', 'released');
  await page.getByRole('link', { name: 'Write it up' }).click();
  await page.getByRole('radio', { name: 'Carp' }).click();
  await page.getByLabel('Weight', { exact: true }).fill(weight);
  await page.getByLabel('Read down to the mark').fill(length);
  await page.getByRole('button', { name: 'Put it in the book' }).click();
}

test('kilograms typed as pounds are explained, with what they were', async ({ page, server }) => {
  await writeUp(page, server, '9.2 lb', '80 cm');
  await page.getByRole('button', { name: /^9\.2 lb, that is/ }).click();
  await page.getByRole('button', { name: 'Put it in the book' }).click();
  const question = page.getByRole('region', { name: 'Does it add up?' });
  const first = question.getByRole('listitem').first();
  await expect(first).toContainText('Kilograms written as pounds.');
  await first.getByRole('button', { name: 'Make it 9.20 kg' }).click();
  await expect(page.getByText('9.20 kg').first()).toBeVisible();
  await expect(page.getByText('Kilograms written as pounds.')).toBeVisible();
  await expect(question).toBeHidden();
});

test('23.11 is asked about; taken as a decimal off a scale of ounces it is asked about again, and may stand', async ({
  page,
  server,
}) => {
  await writeUp(page, server, '23.11', '83 cm');
  await expect(page.getByRole('group', { name: /ounces after the point/ })).toBeVisible();
  await page.getByRole('button', { name: /^23\.11 lb, that is/ }).click();
  await page.getByRole('button', { name: 'Put it in the book' }).click();
  const question = page.getByRole('region', { name: 'Does it add up?' });
  await expect(question.getByRole('listitem').first()).toContainText('Pounds and ounces with a point');
  await expect(question.getByRole('button', { name: 'Make it 23 lb 11 oz' })).toBeVisible();
  await question.getByLabel('A note, if you like').fill('Lent a digital scale.');
  await question.getByRole('button', { name: 'It is right as it stands' }).click();
  await expect(question).toBeHidden();
  await expect
    .poll(async () => (await onlyCapture(server)).events.at(-1)?.payload)
    .toEqual({ note: 'Lent a digital scale.' });
});

test('a scale is compared with known masses: verdict, line and what it shows too much', async ({ page, server }) => {
  await kit(server);
  await page.goto(`${server.url}/weigh`);
  await page.getByRole('link', { name: 'Check with known masses' }).click();
  const masses = [
    ['2 kg', '4 lb 7 oz'],
    ['5 kg', '11 lb 1 oz'],
  ] as const;
  for (const [i, [known, shown]] of masses.entries()) {
    const row = page.getByRole('listitem', { name: `Mass ${i + 1}` });
    await row.getByLabel('It weighs').fill(known);
    await row.getByLabel('The scale shows').fill(shown);
  }
  await page.getByRole('button', { name: 'Save this check' }).click();
  await expect(page.getByRole('alert').first()).toContainText('at least three known masses');
  const third = page.getByRole('listitem', { name: 'Mass 3' });
  await third.getByRole('radio', { name: 'water' }).click();
  await third.getByLabel('Litres').fill('10');
  await third.getByLabel('°C').fill('18');
  await third.getByLabel('The scale shows').fill('22 lb 5 oz');
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Outside the limits of its class');
  await page.getByRole('button', { name: 'Save this check' }).click();
  await expect(page.getByText(/too much at 22 lb, outside the limits of its class/)).toBeVisible();
  type Row = { id: string; scale?: { checks: object[] } };
  await expect
    .poll(async () => {
      const rows = (await (await fetch(`${server.url}/api/kit`)).json()) as Row[];
      return rows.find(({ id }) => id === SCALES)?.scale?.checks.length;
    })
    .toBe(1);
});

test('a scale that sends nonsense and vanishes puts no number in the book', async ({ page, server }) => {
  await page.addInitScript(() => localStorage.setItem('keeper.standin.behave', 'nonsense'));
  await kit(server);
  await fishOn(page, server);
  await step(page, 'Lift', 'lifted');
  await step(page, 'Weigh', 'weighed');
  await page.getByRole('button', { name: 'the simulated one' }).click();
  await expect(page.getByRole('alert')).toContainText(/Set it by hand below/, { timeout: 30_000 });
  expect((await onlyCapture(server)).events.some(({ type }) => type === 'reading-taken')).toBe(false);
  await page.getByRole('button', { name: 'Set it by hand' }).click();
  await expect(page.getByRole('button', { name: /^Weight, pounds/ })).toBeVisible();
});
