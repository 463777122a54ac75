import type { KeptKitItem } from '@keeper/contract/kit';
import type { KeeperServer } from './keeperServer.js';
import { outingNow, send, uuid7 } from './hotOuting.js';
import { expect, fishOn, onlyCapture, step, test } from './keeperTest.js';

const shot = (name: string) => ({ path: `/tmp/${name}-${test.info().project.name}.png` });

const KIT_ITEM = {
  sizeMm: null,
  onLanyard: false,
  spare: false,
  toReplace: false,
  charge: null,
  inDateUntil: null,
  tares: [],
  checkedAt: null,
  scale: null,
  disinfected: null,
  lastWater: null,
  retired: false,
  revision: 0,
};

/** A dial that ends at 110 lb. */
const DIAL = {
  kind: 'scales',
  name: 'Dial',
  scale: {
    division: { unit: 'oz', count: 4 },
    scaleClass: 'III',
    checks: [],
    capacity: { unit: 'oz', count: 1760 },
  },
};

async function addKit(server: KeeperServer, item: object): Promise<string> {
  const id = uuid7();
  await send(server, 'PUT', `/kit/${id}`, { ...KIT_ITEM, ...item });
  return id;
}

async function addRig(server: KeeperServer, change: object): Promise<string> {
  const id = uuid7();
  await send(server, 'PUT', `/rigs/${id}`, {
    name: 'Bottom rig',
    species: 'carp',
    mainLineKg: 7,
    leader: 'none',
    linkKg: 6,
    hookSize: 6,
    barb: 'barbless',
    lead: 'drops-off',
    trace: 'none',
    upTrace: false,
    loadTests: [],
    retired: false,
    revision: 0,
    ...change,
  });
  return id;
}

const kitOf = async (server: KeeperServer) => (await (await fetch(`${server.url}/api/kit`)).json()) as KeptKitItem[];

test(
  'the close of a day fills itself: hooks by size, what got wet, rigs and tools',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    const outingId = await outingNow(server, { bank: 'grass', expected: ['carp'], waterC: 14 });
    const netId = await addKit(server, { kind: 'net', name: 'Wide net', sizeMm: 1070 });
    await addKit(server, { kind: 'tool', name: 'Side cutters', onLanyard: true });
    const rigId = await addRig(server, { name: 'Bottom rig' });
    const when = new Date().toISOString();
    const cast = { rod: 1, setup: { rigId, rig: 'Bottom rig' }, when };
    const event = { id: uuid7(), outingId, deviceId: uuid7(), at: when, type: 'rod-out', payload: cast };
    await send(server, 'POST', '/events', { events: [event] });
    await page.goto(`${server.url}/bank/${outingId}`);
    await page.getByRole('button', { name: /^Fish on/ }).click();
    await page.waitForURL(/\/run\//);
    await expect(async () => {
      expect((await onlyCapture(server)).events.map(({ type }) => type)).toContain('rod-told');
    }).toPass();
    await step(page, 'In the net', 'netted');
    await page.getByRole('button', { name: 'Hook is deep' }).click();
    await step(page, 'Hook cut', 'hook cut');
    await expect(page.getByRole('region', { name: 'What matters now' })).toContainText('up on the rod’s ring');
    await page.getByRole('button', { name: 'Straight back' }).click();
    await page.getByRole('button', { name: 'Strong, with a kick' }).click();

    await page.goto(`${server.url}/bank/${outingId}`);
    await page.getByRole('button', { name: 'End the outing' }).click();
    const sheet = page.getByRole('dialog');
    await expect(sheet).toContainText('The kit learns that it was wet at The Mere: Wide net.');
    if (process.env['SHOTS']) await page.screenshot(shot('end'));
    await sheet.getByRole('button', { name: 'Put it in the book' }).click();
    const away = page.getByRole('region', { name: 'After the day' });
    await expect(away).toContainText('size 6: 1 cut');
    await expect(away.getByRole('link', { name: 'Bottom rig' })).toBeVisible();
    await away.getByRole('checkbox', { name: 'Hooks restocked' }).click();
    await expect(away.getByRole('checkbox', { name: 'Hooks restocked' })).toBeChecked();
    await away.getByRole('button', { name: 'Hung to dry' }).click();
    await expect(away).toContainText('drying, 48 h to go before another water');
    await away.getByRole('button', { name: 'Side cutters: lost' }).click();
    if (process.env['SHOTS']) await page.screenshot({ ...shot('close'), fullPage: true });
    await expect
      .poll(async () => (await kitOf(server)).find(({ id }) => id === netId)?.dryingSince ?? null)
      .not.toBeNull();
    await page.goto(`${server.url}/kit`);
    await expect(page.getByRole('listitem').filter({ hasText: 'Wide net' })).toContainText(
      'last wet at The Mere, drying, 48 h to go',
    );
    await expect(page.getByRole('listitem').filter({ hasText: 'Side cutters' })).toContainText('to replace');
    if (process.env['SHOTS']) await page.screenshot({ ...shot('kit'), fullPage: true });
    expect(noErrors).toEqual([]);
  },
);

test(
  'a wels that no scale can weigh: past the end, by length and girth, and never without saying so',
  { tag: '@phone' },
  async ({ page, server, noErrors }) => {
    await outingNow(server, { bank: 'grass', expected: ['wels'], waterC: 18 });
    await addKit(server, DIAL);
    await fishOn(page, server);
    await step(page, 'In the net', 'netted');
    await expect(page.getByRole('region', { name: 'What matters now' })).toContainText('thumb over the lower lip');
    await step(page, 'Hook out', 'hook out');
    await step(page, 'Lift', 'lifted');
    await step(page, 'Weigh', 'weighed');
    if (process.env['SHOTS']) await page.screenshot(shot('weigh'));
    await page.getByRole('button', { name: 'It went past the end' }).click();
    await expect(page.getByRole('group', { name: 'Past the end of the scale' })).toContainText('more than 110 lb');
    if (process.env['SHOTS']) await page.screenshot(shot('past'));
    await page.getByRole('button', { name: /^Length and girth/ }).click();
    for (const digit of ['7', '9']) await page.getByRole('button', { name: digit, exact: true }).click();
    await page.getByRole('button', { name: '79 in', exact: true }).click();
    await expect(page.getByRole('group', { name: 'Girth' })).toBeVisible();
    for (const digit of ['3', '5']) await page.getByRole('button', { name: digit, exact: true }).click();
    await page.getByRole('button', { name: '35 in', exact: true }).click();
    await step(page, 'Released', 'released');
    await page.getByRole('button', { name: 'Strong, with a kick' }).click();
    await page.getByRole('button', { name: 'Wels catfish', exact: true }).click();
    await page.getByRole('button', { name: 'Your fish: not right?' }).click();
    await page.getByRole('radio', { name: 'A friend' }).click();
    await expect(page.getByRole('button', { name: 'a friend’s fish: not right?' })).toBeVisible();
    if (process.env['SHOTS']) await page.screenshot(shot('over'));
    const { captureId } = await onlyCapture(server);
    await page.goto(`${server.url}/write-up/${captureId}`);
    await expect(page.getByRole('region', { name: 'How heavy?' })).toContainText(
      /about \d+ lb.*past the end of the scale, 110 lb/,
    );
    await page.goto(`${server.url}/book/${captureId}`);
    await expect(page.getByRole('article')).toContainText(/about \d+ lb/);
    await expect(page.getByRole('article')).toContainText('estimated by length and girth');
    await expect(page.getByRole('article')).toContainText('a friend’s fish');
    if (process.env['SHOTS']) await page.screenshot(shot('wels'));
    await page.goto(`${server.url}/book`);
    await expect(page.getByRole('listitem').filter({ hasText: 'Wels' })).toContainText(
      /about \d+ lb.*estimated, \d+ to \d+ lb/,
    );
    const csv = await (await fetch(`${server.url}/api/book.csv`)).text();
    expect(csv.split('\r\n')[1]).toMatch(/,friend,,49895\.2,\d+\.\d,\d+\.\d,\d+\.\d,,bank,,,$/);
    expect(noErrors).toEqual([]);
  },
);

test('two scales on one bar add up, with the sum on paper', { tag: '@phone' }, async ({ page, server, noErrors }) => {
  await outingNow(server, { bank: 'grass', expected: ['wels'], waterC: 18 });
  await addKit(server, DIAL);
  await fishOn(page, server);
  await step(page, 'In the net', 'netted');
  await step(page, 'Hook out', 'hook out');
  await step(page, 'Lift', 'lifted');
  await step(page, 'Weigh', 'weighed');
  await page.getByRole('button', { name: 'It went past the end' }).click();
  await page.getByRole('button', { name: /^Two scales/ }).click();
  for (const digit of ['8', '1']) await page.getByRole('button', { name: digit, exact: true }).click();
  await page.getByRole('button', { name: /^Second scale, pounds/ }).click();
  for (const digit of ['5', '9']) await page.getByRole('button', { name: digit, exact: true }).click();
  if (process.env['SHOTS']) await page.screenshot(shot('two'));
  await page.getByRole('button', { name: /^140 lb/ }).click();
  await expect(page.getByTestId('taken-weight')).toContainText('140 lb');
  await step(page, 'Released', 'released');
  const { captureId } = await onlyCapture(server);
  await page.goto(`${server.url}/book/${captureId}`);
  await expect(page.getByText('The second scale')).toBeVisible();
  await expect(page.getByRole('article')).toContainText('+ 59 lb');
  expect(noErrors).toEqual([]);
});

test('a way of one water acts there and says so', { tag: '@desk' }, async ({ page, server, noErrors }) => {
  const outingId = await outingNow(server, { bank: 'grass', expected: ['pike'], waterC: 12 });
  await page.goto(`${server.url}/waters`);
  await page.getByRole('link', { name: 'Rules and location' }).click();
  const ways = page.getByRole('region', { name: 'Your ways here' });
  await ways.getByRole('combobox', { name: 'Something you do differently here' }).click();
  await page.getByRole('option', { name: 'A toothed fish is held' }).click();
  await ways.getByRole('radio', { name: 'Held in the cradle' }).click();
  if (process.env['SHOTS']) await page.screenshot({ ...shot('ways'), fullPage: true });
  await page.getByRole('button', { name: 'Save this water' }).click();
  await page.waitForURL(/\/waters$/);
  await page.goto(`${server.url}/bank/${outingId}`);
  await page.getByRole('button', { name: /^Fish on/ }).click();
  await page.waitForURL(/\/run\//);
  await step(page, 'In the net', 'netted');
  const counsel = page.getByRole('region', { name: 'What matters now' });
  await counsel.getByRole('button', { name: /The cradle holds it/ }).click();
  await expect(counsel).toContainText('your choice for The Mere: held in the cradle');
  // Hung, it is laid level before anything else.
  await page.getByRole('button', { name: 'It hangs upright' }).click();
  await expect(counsel).toContainText('Level, at once');
  if (process.env['SHOTS']) await page.screenshot(shot('hung'));
  await step(page, 'It lies level', 'it lies level');
  expect(noErrors).toEqual([]);
});

test(
  'a pike on a floating board for a club day: measured and let go without ever leaving the water',
  { tag: '@phone' },
  async ({ page, server, noErrors }) => {
    await outingNow(server, { bank: 'wading', expected: ['pike'], waterC: 10 });
    const [water] = (await (await fetch(`${server.url}/api/waters`)).json()) as {
      id: string;
      name: string;
      kind: string;
    }[];
    const practices = { measure: true, weigh: false, boardAt: 'water', pictureAt: 'water' };
    const { id = '', name, kind } = water ?? {};
    await send(server, 'PUT', `/waters/${id}`, { name, kind, practices, revision: 1 });
    await fishOn(page, server);
    await page.getByRole('button', { name: 'No net to hand' }).click();
    const counsel = page.getByRole('region', { name: 'What matters now' });
    await expect(counsel).toContainText('No net: play it longer');
    await step(page, 'In hand', 'netted');
    await step(page, 'Hook out', 'hook out');
    await expect(counsel).toContainText('Board afloat beside you, tied on, identifier on it');
    await step(page, 'Measure', 'measured');
    for (const digit of ['3', '8']) await page.getByRole('button', { name: digit, exact: true }).click();
    await page.getByRole('button', { name: /^Length, quarters/ }).click();
    await page.getByRole('button', { name: '1', exact: true }).click();
    await page.getByRole('button', { name: '38¼ in', exact: true }).click();
    await step(page, 'Picture', 'pictured');
    await step(page, 'Hold it upright', 'held upright');
    await step(page, 'Released', 'released');
    await page.getByRole('button', { name: 'Strong, with a kick' }).click();
    const measured = async () => (await onlyCapture(server)).events.find(({ type }) => type === 'measured')?.payload;
    await expect.poll(measured).toEqual({ in: 'water' });
    const { captureId } = await onlyCapture(server);
    await page.goto(`${server.url}/book/${captureId}`);
    await expect(page.getByRole('article')).toContainText('never out of the water');
    await expect(page.getByRole('article')).toContainText(
      'Measured afloat: the board cost it no time out of the water.',
    );
    expect(noErrors).toEqual([]);
  },
);
