import type { Page } from '@playwright/test';
import type { OutingEvents } from '@keeper/contract/outings';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { hotOuting, SUMMER, waterAndSwim } from './hotOuting.js';
import type { KeeperServer } from './keeperServer.js';
import { onlyCapture, step, test, expect } from './keeperTest.js';

const get = async <T>(server: KeeperServer, path: string) =>
  (await (await fetch(`${server.url}/api${path}`)).json()) as T;

async function simulate(page: Page, day: string, behave = 'well'): Promise<void> {
  await page.addInitScript(
    ([chosen = '', way = '']) => {
      localStorage.setItem('keeper.standin.day', chosen);
      localStorage.setItem('keeper.standin.behave', way);
    },
    [day, behave],
  );
}

/** A new keeper describes a water and a swim, and plans a day there. */
async function setUp(page: Page, server: KeeperServer, day: string, expected: readonly string[]): Promise<void> {
  await simulate(page, day);
  await page.goto(`${server.url}/waters`);
  await page.getByRole('link', { name: 'Add a water' }).click();
  await page.getByLabel('Name', { exact: true }).fill('The Mere');
  await page.getByLabel('Latitude, degrees north').fill('46,7');
  await page.getByLabel('Longitude, degrees east').fill('-22.4');
  await page.getByRole('radio', { name: 'allowed' }).first().click();
  await page.getByRole('button', { name: 'Save this water' }).click();
  await page.getByRole('link', { name: 'Another swim' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Alder bay');
  await page.getByRole('radio', { name: 'north', exact: true }).click();
  await page.getByRole('button', { name: 'Save this swim' }).click();
  await page.getByRole('heading', { name: 'Waters' }).waitFor();
  await page.goto(`${server.url}/bank`);
  await page.getByRole('combobox', { name: 'Water' }).click();
  await page.getByRole('option', { name: 'The Mere' }).click();
  await page.getByRole('radio', { name: 'Alder bay' }).click();
  await page.getByLabel('From').fill(`${SUMMER}-07-15T06:00`);
  await page.getByLabel('Until about').fill(`${SUMMER}-07-15T20:00`);
  for (const species of expected) await page.getByRole('button', { name: species, exact: true }).click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await page.getByRole('heading', { name: 'Alder bay' }).waitFor();
  await page.getByRole('img', { name: /^The hours from/ }).waitFor();
}

async function addRig(page: Page, server: KeeperServer): Promise<void> {
  await page.goto(`${server.url}/kit`);
  await page.getByRole('link', { name: 'Add a rig' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Silt rig');
  await page.getByRole('button', { name: 'Save this rig' }).click();
  await page.getByRole('link', { name: /Silt rig/ }).waitFor();
}

test(
  'a hot day: told before casting of mat, bucket, camera, rig and pike, each with its reason',
  { tag: '@phone' },
  async ({ page, server, noErrors }) => {
    await addRig(page, server);
    await setUp(page, server, 'heatwave', ['Carp', 'Pike']);
    await page.getByRole('button', { name: 'Measure the water' }).click();
    await page.getByRole('button', { name: 'Use the simulated probe' }).click();
    await page.getByRole('button', { name: 'Take this reading' }).click({ timeout: 20_000 });
    await expect(page.getByText(/^Leave pike alone: the water is at 23\.\d °C, the limit is 22\.0 °C/)).toBeVisible();
    await expect(page.getByText(/a fish that swims off well may die within a day/)).toBeVisible();
    await expect(page.getByText(/the mat will be burning hot from about \d\d:\d\d/)).toBeVisible();
    await expect(page.getByText(/Change the bucket by \d\d:\d\d/)).toBeVisible();
    await expect(page.getByText(/Silt rig: Not load-tested/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'If one is hooked all the same' })).toBeVisible();

    await page.getByRole('link', { name: 'Lay out the bank' }).last().click();
    await page.getByRole('button', { name: 'Lay it out for me' }).click();
    await expect(page.getByText(/within arm’s reach of where you kneel/)).toBeVisible();
    const camera = page.getByRole('button', { name: 'camera', exact: true }).first();
    await drag(page, camera, 0, -0.45);
    await expect(page.getByText(/^The camera should stand on the other side/)).toBeVisible();
    await expect(
      page.getByText('The sun should fall on the side you photograph: face it while you hold the fish.'),
    ).toBeVisible();
    await page.getByRole('link', { name: 'Back to the outing' }).click();
    await expect(page.getByRole('checkbox', { name: /^Camera on its stand/ })).toContainText('stand on the other side');
    expect(noErrors).toEqual([]);
  },
);

test('a mild day: the same steps end in ready', { tag: '@desk' }, async ({ page, server }) => {
  await setUp(page, server, 'mild', ['Carp']);
  await page.getByRole('button', { name: 'Measure the water' }).click();
  await page.getByRole('group', { name: 'Read off the thermometer' }).getByRole('button').nth(4).click();
  await expect(page.getByText(/^The water is well under the limit/)).toBeVisible();
  const things = page.getByRole('checkbox');
  const count = await things.count();
  for (let i = 0; i < count; i += 1) {
    // The water was measured: that needs no tick.
    if (!(await things.nth(i).isChecked())) await things.nth(i).click();
    await expect(things.nth(i)).toBeChecked();
  }
  await expect(page.getByText('Ready.', { exact: true })).toBeVisible();
  // One tap a thing: at three seconds each the list takes less than a minute and a half.
  expect(count).toBeLessThan(25);
  await expect.poll(async () => (await get<OutingSummary[]>(server, '/outings')).length).toBe(1);
});

/** Drags a handle by a share of the plan's size. */
async function drag(page: Page, handle: ReturnType<Page['getByRole']>, byX: number, byY: number): Promise<void> {
  const drawing = page.getByRole('img', { name: /^The swim from above/ });
  await drawing.scrollIntoViewIfNeeded();
  const plan = await drawing.boundingBox();
  const box = await handle.boundingBox();
  if (!plan || !box) throw new Error('The plan is not there.');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + (byX * plan.width) / 2, y + (byY * plan.height) / 2, { steps: 4 });
  await page.mouse.move(x + byX * plan.width, y + byY * plan.height, { steps: 4 });
  await page.mouse.up();
}

async function placeOf(
  server: KeeperServer,
  outingId: string,
  piece: 'bucket',
): Promise<{ xM: number; yM: number } | undefined> {
  const { events } = await get<OutingEvents>(server, `/outings/${outingId}`);
  const last = events.findLast((event) => event.type === 'laid-out');
  return last?.payload.layout[piece];
}

test('the plan works by mouse, by finger and by keyboard, and is kept', async ({ page, server, context }) => {
  const outingId = await hotOuting(server);
  await page.goto(`${server.url}/bank/${outingId}/layout`);
  await page.getByRole('button', { name: 'Lay it out for me' }).click();
  const bucket = page.getByRole('button', { name: 'bucket', exact: true }).first();
  await expect.poll(() => placeOf(server, outingId, 'bucket')).toBeDefined();
  const first = await placeOf(server, outingId, 'bucket');

  await drag(page, bucket, 0, 0.35);
  await expect(page.getByText(/^Out of arm’s reach: bucket\./)).toBeVisible();
  await expect.poll(async () => (await placeOf(server, outingId, 'bucket'))?.yM).toBeLessThan((first?.yM ?? 0) - 1.2);

  const dragged = await placeOf(server, outingId, 'bucket');
  await bucket.focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowDown');
  await expect
    .poll(async () => (await placeOf(server, outingId, 'bucket'))?.yM)
    .toBeCloseTo((dragged?.yM ?? 0) - 0.3, 5);

  const before = await placeOf(server, outingId, 'bucket');
  await bucket.scrollIntoViewIfNeeded();
  const box = await bucket.boundingBox();
  const protocol = await context.newCDPSession(page);
  const touch = (type: string, x: number, y: number) =>
    protocol.send('Input.dispatchTouchEvent', {
      type: type as 'touchStart',
      touchPoints: type === 'touchEnd' ? [] : [{ x, y }],
    });
  const [x, y] = [(box?.x ?? 0) + 22, (box?.y ?? 0) + 22];
  await touch('touchStart', x, y);
  for (let i = 1; i <= 5; i += 1) await touch('touchMove', x - i * 10, y);
  await touch('touchEnd', x - 50, y);
  await expect.poll(async () => (await placeOf(server, outingId, 'bucket'))?.xM).toBeLessThan((before?.xM ?? 0) - 0.3);
  await page.reload();
  await expect(page.getByText(/^Out of arm’s reach: bucket\./)).toBeVisible();
});

test(
  'a stone drawn where the mat lies is seen at once, and stays with the swim',
  { tag: '@desk' },
  async ({ page, server }) => {
    const outingId = await hotOuting(server);
    await page.goto(`${server.url}/bank/${outingId}/layout`);
    await page.getByRole('radio', { name: 'Draw the swim' }).click();
    await page.getByRole('button', { name: 'Add: path' }).click();
    await page.getByRole('button', { name: 'Less: 1.2 m wide' }).click();
    await page.getByRole('button', { name: 'Add: tree' }).click();
    await expect(page.getByRole('button', { name: 'tree', exact: true })).toBeVisible();
    type Row = { fixtures: { kind: string; radiusM: number }[] };
    const kinds = async () => (await get<Row[]>(server, '/swims'))[0]?.fixtures.map(({ kind }) => kind);
    await expect.poll(kinds).toEqual(['path', 'tree']);
    await page.getByRole('button', { name: 'Take away' }).click();
    await expect.poll(kinds).toEqual(['path']);
  },
);

test(
  'what cannot be is refused at its field, and nothing typed is lost',
  { tag: '@desk' },
  async ({ page, server }) => {
    await page.goto(`${server.url}/waters`);
    await page.getByRole('link', { name: 'Add a water' }).click();
    await page.getByLabel('Name', { exact: true }).fill('The Mere');
    await page.getByLabel('Height above the sea, m').fill('90000');
    await page.getByRole('button', { name: 'A closed season' }).click();
    await page.getByRole('combobox', { name: 'Last closed day: day' }).click();
    await page.getByRole('option', { name: '31' }).click();
    await page.getByRole('button', { name: 'Save this water' }).click();
    await expect(page.getByText(/between -450 and 6000 m/)).toBeVisible();
    await expect(page.getByText(/^There is no such day/)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Height above the sea, m')).toHaveValue('90000');
    await page.getByLabel('Height above the sea, m').fill('90');
    await page.getByRole('combobox', { name: 'Last closed day: month' }).click();
    await page.getByRole('option', { name: 'January' }).click();
    await page.getByRole('button', { name: 'Save this water' }).click();
    await page.getByRole('link', { name: 'Another swim' }).click();
    await page.getByLabel('Name', { exact: true }).fill('Alder bay');
    await page.getByLabel('Or by the compass, degrees').fill('400');
    await page.getByRole('button', { name: 'Save this swim' }).click();
    await expect(page.getByText(/^A bearing runs from 0/)).toBeVisible();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Alder bay');
  },
);

test(
  'water at 60 degrees, a probe and a service that misbehave: said, and by hand it still goes',
  { tag: '@desk' },
  async ({ page, server }) => {
    const outingId = await hotOuting(server);
    await simulate(page, 'heatwave', 'nonsense');
    await page.goto(`${server.url}/bank/${outingId}`);
    await page.getByRole('button', { name: 'Ask the forecast again' }).click();
    await expect(page.getByText(/sent nonsense: it gave 483 for airC\. .*by hand/)).toBeVisible();
    await page.getByRole('button', { name: 'Measure the water' }).click();
    await page.getByRole('button', { name: 'Use the simulated probe' }).click();
    await expect(page.getByText(/which no water here has\. Read a thermometer/)).toBeVisible();
    for (const [behave, says] of [
      ['fails', /No probe answers.*by hand/],
      ['late', /does not answer in time.*by hand/],
    ] as const) {
      await page.evaluate((way) => localStorage.setItem('keeper.standin.behave', way), behave);
      await page.getByRole('button', { name: 'Use the simulated probe' }).click();
      await expect(page.getByText(says)).toBeVisible();
    }
    await page.getByLabel('Another value').fill('60');
    await page.getByRole('button', { name: 'Take it' }).first().click();
    await expect(
      page.getByText('60 degrees C is warmer than any water gets. If that is Fahrenheit, write 60 F.'),
    ).toBeVisible();
    await expect(page.getByLabel('Another value')).toHaveValue('60');
    await page.getByLabel('Another value').fill('60 F');
    await page.getByRole('button', { name: 'Take it' }).first().click();
    await expect(page.getByText(/^Water 15\.6 °C at the surface, measured by hand/)).toBeVisible();
  },
);

test(
  'soaked, turned and changed move the hours ahead, and can be taken back',
  { tag: '@desk' },
  async ({ page, server }) => {
    const outingId = await hotOuting(server);
    await page.goto(`${server.url}/bank/${outingId}`);
    await expect(page.getByText(/Lying face up, the mat will be burning hot/)).toBeVisible();
    await page.getByRole('button', { name: 'Turned face down' }).click();
    await expect(page.getByText(/Lying face down, the mat stays cool enough/)).toBeVisible();
    await page.getByRole('button', { name: 'Take back the last care of mat and bucket' }).click();
    await page.getByRole('button', { name: 'Soaked' }).click();
    await expect(page.getByText(/^The soaking lasts until about \d\d:\d\d\. Dry, it is burning hot/)).toBeVisible();
  },
);

test('fish on works ready or not, and the gaps stand in the book', { tag: '@phone' }, async ({ page, server }) => {
  await hotOuting(server, Math.floor(Date.now() / 3_600_000) * 3_600_000);
  await page.goto(server.url);
  await expect(page.getByText(/^You are at Alder bay, The Mere\./)).toBeVisible();
  await page.getByRole('button', { name: /^Fish on/ }).click();
  await page.waitForURL(/\/run\//);
  await step(page, 'Released', 'released');
  await page.goto(page.url().replace('/run/', '/book/'));
  const gaps = page.getByRole('region', { name: 'Not ready at the take' });
  await expect(gaps).toContainText('Landing net put together, wet, within reach of the rods: not checked');
  const { events } = await onlyCapture(server);
  expect(events[0]).toMatchObject({
    type: 'hooked',
    payload: { swimId: expect.any(String), outingId: expect.any(String) },
  });
});

test(
  'with the server away a swim, an outing and its taps are kept, and arrive in order when it is back',
  { tag: '@desk' },
  async ({ page, server }) => {
    await waterAndSwim(server);
    await page.goto(`${server.url}/bank/new`);
    await page.getByRole('combobox', { name: 'Water' }).click();
    await page.getByRole('option', { name: 'The Mere' }).click();
    // The parts of the application that are fetched when first needed are on the device once its worker is ready.
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await page.reload();
    const anotherSwim = page.getByRole('link', { name: 'Another swim' });
    await anotherSwim.waitFor();
    await server.kill();
    await anotherSwim.click();
    await page.getByLabel('Name', { exact: true }).fill('Osier corner');
    await page.getByRole('radio', { name: 'west', exact: true }).click();
    await page.getByRole('button', { name: 'Save this swim' }).click();
    await expect(page.getByRole('radio', { name: 'Osier corner' })).toBeChecked();
    await page.getByRole('button', { name: 'Plan it' }).click();
    await page.getByRole('checkbox').first().click();
    await expect(page.getByRole('checkbox').first()).toBeChecked();
    await page.getByRole('button', { name: 'Dropped run' }).click();
    // Said once it is on the device, and not before.
    await expect(page.getByRole('button', { name: 'Dropped run, 1 so far' })).toBeVisible();
    await expect(page.getByText(/safe on this device/).filter({ visible: true })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('checkbox').first()).toBeChecked();
    await server.start();
    await expect(page.getByText(/safe on this device/)).toHaveCount(0, { timeout: 30_000 });
    const [outing] = await get<OutingSummary[]>(server, '/outings');
    expect(outing).toMatchObject({ runsDropped: 1 });
    const swims = await get<{ id: string; name: string }[]>(server, '/swims');
    expect(swims.find(({ id }) => id === outing?.swimId)?.name).toBe('Osier corner');
  },
);

test(
  'plans change: somebody comes along for another fish, and the list follows',
  { tag: '@desk' },
  async ({ page, server }) => {
    const outingId = await hotOuting(server);
    await page.goto(`${server.url}/bank/${outingId}`);
    await expect(page.getByRole('checkbox', { name: /jaw spreader/ })).toBeVisible();
    await page.getByRole('button', { name: 'Change what is planned' }).click();
    await page.getByRole('button', { name: 'Pike', exact: true }).click();
    await page.getByRole('radio', { name: 'Two of us' }).click();
    await page.getByRole('button', { name: 'Change it' }).click();
    await expect(page.getByRole('checkbox', { name: /^Who nets, who unhooks/ })).toBeVisible();
    await expect(page.getByRole('checkbox', { name: /jaw spreader/ })).toHaveCount(0);
    await expect(page.getByText(/^Leave pike alone/)).toHaveCount(0);
  },
);

test('a blank is ended and stands in the book as honestly as a catch', { tag: '@desk' }, async ({ page, server }) => {
  const outingId = await hotOuting(server);
  await page.goto(`${server.url}/bank/${outingId}`);
  await page.getByRole('button', { name: 'Dropped run' }).click();
  await page.getByRole('button', { name: 'Dropped run, 1 so far' }).waitFor();
  await page.getByRole('button', { name: 'End the outing' }).click();
  await expect(page.getByText('A blank, 1 run dropped.')).toBeVisible();
  await page.getByLabel('Anything to remember').fill('Too hot for them, and for us.');
  await page.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(page.getByText('Too hot for them, and for us.')).toBeVisible();
  await page.goto(`${server.url}/book`);
  await page.getByRole('link', { name: /A blank, 14 hours, 1 run dropped/ }).click();
  await page.getByRole('button', { name: 'It is not over: carry on' }).click();
  await expect(page.getByRole('button', { name: /Dropped run, 1 so far/ })).toBeVisible();
});

test('a rig is loaded until it counts, and is sound then', { tag: '@desk' }, async ({ page, server }) => {
  await page.clock.install();
  await page.goto(`${server.url}/kit`);
  await page.getByRole('link', { name: 'Add a rig' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Deadbait');
  await page.getByRole('radio', { name: 'Pike' }).click();
  await expect(page.getByText('No wire: a pike bites through it.')).toBeVisible();
  await page.getByRole('radio', { name: 'wire', exact: true }).click();
  await page.getByRole('button', { name: 'Under load now' }).click();
  await page.clock.runFor(4000);
  await page.getByRole('button', { name: /hold it/ }).click();
  // The page's clock also runs by itself while the test works.
  await expect(page.getByText(/\d s, too short to count/)).toBeVisible();
  await page.getByRole('button', { name: 'Under load now' }).click();
  await page.clock.runFor(12_000);
  await page.getByRole('button', { name: /it held, let go/ }).click();
  await expect(page.getByRole('heading', { name: 'Sound' })).toBeVisible();
  await page.getByRole('button', { name: 'Save this rig' }).click();
  await page.clock.runFor(1000);
  type Row = { loadTests: { heldS: number }[] };
  await expect
    .poll(async () => (await get<Row[]>(server, '/rigs'))[0]?.loadTests.map(({ heldS }) => heldS >= 10))
    .toEqual([false, true]);
});

test(
  'a thing of the kit: its tare is read as anglers write it, its cleaning is dated',
  { tag: '@desk' },
  async ({ page, server }) => {
    const { waterId } = await waterAndSwim(server);
    await page.goto(`${server.url}/kit`);
    await page.getByRole('link', { name: 'Add kit' }).click();
    await page.getByRole('radio', { name: 'Sling' }).click();
    await page.getByLabel('Name', { exact: true }).fill('Green sling');
    await page.getByRole('combobox', { name: 'Last wet at' }).click();
    await page.getByRole('option', { name: 'The Mere' }).click();
    await page.getByRole('button', { name: 'Dipped today' }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('link', { name: /Green sling/ }).click();
    await page.getByRole('link', { name: 'Its tares are kept at the weigh desk' }).click();
    await page.getByLabel('Empty, it weighs').fill('1lb 17oz');
    await page.getByRole('button', { name: 'Record it wet' }).click();
    await expect(page.getByText(/A pound has 16 ounces/)).toBeVisible();
    await page.getByLabel('Empty, it weighs').fill('1-11');
    await page.getByLabel('Minutes it has hung').fill('4');
    await page.getByRole('button', { name: 'Record it wet' }).click();
    await expect(page.getByText(/Wet through it weighs about/)).toBeVisible();
    await page.getByText('Its one weighing').click();
    await expect(page.getByText('1 lb 11 oz, wet, hung for 4 min')).toBeVisible();
    await page.goto(`${server.url}/kit`);
    await expect(page.getByRole('link', { name: /Green sling/ })).toContainText('wet 1 lb 11 oz');
    await expect
      .poll(async () => (await get<object[]>(server, '/kit'))[0])
      .toMatchObject({
        lastWater: { waterId },
        disinfected: { how: 'dipped' },
        tares: [{ mass: { unit: 'oz', count: 27 }, hungMin: 4 }],
      });
  },
);

test(
  'a swim changed on two devices: both versions are shown, and the keeper decides',
  { tag: '@desk' },
  async ({ page, server }) => {
    const { waterId, swimId } = await waterAndSwim(server);
    await page.goto(`${server.url}/waters/${waterId}/swims/${swimId}`);
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Alder bay');
    const [theirs] = await get<object[]>(server, '/swims');
    const { id: _id, updatedAt: _at, ...body } = theirs as { id: string; updatedAt: string };
    await fetch(`${server.url}/api/swims/${swimId}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...body, name: 'Alder point' }),
    });
    await page.getByLabel('Name', { exact: true }).fill('Alder creek');
    await page.getByRole('button', { name: 'Save this swim' }).click();
    await page.goto(`${server.url}/settings`);
    const held = page.getByRole('region', { name: 'Not accepted by the server' });
    await expect(held).toContainText('changed on another device');
    await expect(held).toContainText('here: "Alder creek"');
    await expect(held).toContainText('there: "Alder point"');
    await held.getByRole('button', { name: 'Use the one from here' }).click();
    await expect(held).toHaveCount(0);
    await expect.poll(async () => (await get<{ name: string }[]>(server, '/swims'))[0]?.name).toBe('Alder creek');
  },
);
