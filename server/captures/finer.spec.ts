import type { BookPage } from '@keeper/contract/book';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import { event, newId, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
const SWIM = newId();
const IMPORT = newId();
let first: string;
let second: string;
let lost: string;
let struck: string;
beforeAll(async () => {
  server = await testServer();
  const [a, b, c, d] = [wholeCapture(3, 300), wholeCapture(9, 320, { species: 'pike' }), newId(), wholeCapture(20, 10)];
  [first, second, lost, struck] = [a.captureId, b.captureId, c, d.captureId];
  const wound = { kind: 'ulcer', side: 'left', at: { u: 0.1, v: 0 }, sizeMm: 10 } as const;
  const events = [
    ...a.events,
    event(first, 'rod-told', 900_001, { rod: 1, bait: 'Tiger nuts', method: 'Ledger', rig: 'Chod' }),
    event(first, 'hook-held', 310_000, { hold: 'lip' }),
    event(first, 'left-as', 900_002, { leaving: 'strong' }),
    event(first, 'picture-added', 900_003, { sha256: 'a'.repeat(64) }),
    event(first, 'amended', 900_004, {
      facts: { swimId: SWIM, form: 'linear', length: { unit: 'mm', count: 800, of: 'pinched' } },
      why: 'x',
    }),
    event(first, 'identified', 900_005, { says: 'new', fishId: SWIM }),
    ...b.events,
    event(second, 'rod-told', 900_001, { bait: 'Smelt' }),
    event(second, 'wound-noted', 310_000, { wound }),
    event(
      c,
      'hooked',
      0,
      { around: { waterC: 12 }, from: 'memory', imported: { importId: IMPORT, key: 'k' } },
      '2026-07-01T05:00:00.000Z',
    ),
    event(c, 'lost', 1000),
    event(c, 'loss-told', 2000, { reason: 'snagged' }),
    ...d.events,
    event(struck, 'discarded', 999_000),
  ];
  await server.http.post('/api/events').send({ events }).expect(201);
});
afterAll(() => server.close());

async function shown(query: string): Promise<string[]> {
  const { body } = await server.http.get(`/api/captures?${query}`).expect(200);
  const { rows, total } = body as BookPage;
  expect(total).toBe(rows.length);
  const names = new Map([
    [first, 'first'],
    [second, 'second'],
    [lost, 'lost'],
    [struck, 'struck'],
  ]);
  return rows.map(({ captureId }) => names.get(captureId) ?? captureId);
}

test.each([
  ['', ['lost', 'second', 'first']],
  [`swimId=${SWIM}`, ['first']],
  ['form=linear', ['first']],
  ['outcome=lost', ['lost']],
  ['lossReason=snagged', ['lost']],
  ['leaving=strong', ['first']],
  // A day holds from its first hour to its last.
  ['fromDay=2026-05-03&toDay=2026-05-03', ['first']],
  ['fromDay=2026-05-04', ['lost', 'second']],
  ['toDay=2026-05-02', []],
  // 300 oz are 8,504.9 g; what was not weighed is neither over nor under.
  ['leastGrams=8504.8&mostGrams=8505', ['first']],
  ['leastGrams=8505', ['second']],
  ['mostGrams=8504', []],
  ['leastMm=800&mostMm=800', ['first']],
  ['leastMm=801', []],
  ['leastWaterC=12&mostWaterC=12', ['lost']],
  ['leastWaterC=12.1', []],
  ['bait=tiger-nut', ['first']],
  ['rig=chod', ['first']],
  ['method=LEDGER', ['first']],
  ['hookHold=lip', ['first']],
  ['known=yes', ['first']],
  ['known=no', ['lost', 'second']],
  [`fishId=${SWIM}`, ['first']],
  ['pictured=with', ['first']],
  ['pictured=without', ['lost', 'second']],
  ['wounded=open', ['second']],
  ['wounded=any', ['second']],
  ['wounded=none', ['lost', 'first']],
  ['origin=memory', ['lost']],
  [`importId=${IMPORT}`, ['lost']],
  ['struckOut=true', ['struck']],
  ['struckOut=false', ['lost', 'second', 'first']],
  ['species=pike&bait=smelt', ['second']],
  ['q=smelt&wounded=open', ['second']],
  ['q=smelt&wounded=none', []],
])('%s shows %j', async (query, names) => {
  expect(await shown(query)).toEqual(names);
});

test('baits that the keeper made one are asked for together', async () => {
  const { updatedAt: _at, ...settings } = FIRST_SETTINGS;
  const wanted = { ...settings, sameWords: [{ word: 'smelt', as: 'Deadbait' }] };
  await server.http.put('/api/settings').send(wanted).expect(200);
  expect(await shown('bait=deadbait')).toEqual(['second']);
});

test('what cannot be asked for is refused with a sentence', async () => {
  await server.http.get('/api/captures?wounded=perhaps').expect(400);
  await server.http.get('/api/captures?leastGrams=-1').expect(400);
  await server.http.get('/api/captures?fromDay=2026-02-30').expect(400);
});
