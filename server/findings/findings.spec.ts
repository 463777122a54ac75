import type { FishingRecordAnswer } from '@keeper/contract/findings';
import type { OutingEventType, OutingPayloads } from '@keeper/core/domain/outing/event';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { event, newId, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const answer = async () => (await server.http.get('/api/findings/record').expect(200)).body as FishingRecordAnswer;
const record = async () => (await answer()).record;
const at = (hour: number, minute = 0) => new Date(Date.UTC(2026, 4, 3, hour, minute)).toISOString();
const outingEvents = (outingId: string, waterId: string, last: 'outing-ended' | 'outing-called-off' | null) => {
  const make = <T extends OutingEventType>(type: T, hour: number, payload: OutingPayloads[T]) => {
    return { id: newId(), outingId, deviceId: 'phone', at: at(hour), type, payload };
  };
  return [
    make('outing-planned', 0, { waterId, fromAt: at(4), toAt: at(9), companions: 0, expected: ['carp'] }),
    make('condition-taken', 4, { source: 'hand', waterC: 14, pressureHpa: 1011, when: at(4) }),
    make('rod-out', 5, { rod: 1, setup: { bait: 'Maggot' }, when: at(5) }),
    make('rod-in', 7, { rod: 1, why: 'rested', when: at(7) }),
    make('rod-out', 8, { rod: 1, setup: { bait: 'Maggot' }, when: at(8) }),
    ...(last ? [make(last, 9, {})] : []),
  ];
};

test('an empty book rests on nothing', async () => {
  expect(await record()).toEqual({ outings: [], fish: [], positions: {} });
});

test('the record has the outings that took place with the time of their rods, and every fish that took', async () => {
  const waterId = newId();
  const position = { latitudeDeg: 50.5, longitudeDeg: -3.5 };
  const water = { name: 'Mere', kind: 'lake', position, rules: NO_RULES, practices: null, revision: 0 };
  await server.http.put(`/api/waters/${waterId}`).send(water).expect(200);
  const [took, calledOff, stillOn] = [newId(), newId(), newId()];
  const landed = wholeCapture(3, 300, { waterId });
  const joined = event(landed.captureId, 'amended', 960_000, { facts: { outingId: took }, why: 'It was that day.' });
  const begunByMistake = wholeCapture(4, 300, { waterId });
  const events = [
    ...outingEvents(took, waterId, 'outing-ended'),
    ...outingEvents(calledOff, waterId, 'outing-called-off'),
    ...outingEvents(stillOn, waterId, null),
    ...landed.events,
    joined,
    ...begunByMistake.events,
    event(begunByMistake.captureId, 'discarded', 950_000),
  ];
  await server.http.post('/api/events').send({ events }).expect(201);
  const { outings, fish, positions } = await record();
  expect(positions).toEqual({ [waterId]: position });
  expect(outings.map(({ outingId }) => outingId)).toEqual([took]);
  const [outing] = outings;
  expect(outing).toMatchObject({ waterId, fromMs: Date.parse(at(4)), expected: ['carp'] });
  // A rod that nobody took in fished until the outing was ended.
  expect(outing?.stretches.map(({ fromMs, toMs, bait }) => [fromMs, toMs, bait])).toEqual([
    [Date.parse(at(5)), Date.parse(at(7)), 'Maggot'],
    [Date.parse(at(8)), Date.parse(at(9)), 'Maggot'],
  ]);
  expect(outing?.hours[0]).toEqual({
    atMs: Date.parse(at(4)),
    waterC: 14,
    pressureHpa: 1011,
    windMs: null,
    cloudOctas: null,
  });
  expect(fish.map(({ captureId, outingId }) => [captureId, outingId])).toEqual([[landed.captureId, took]]);
});

test('what a bait is called, and a fish that comes, change the revision; nothing else does', async () => {
  const before = await answer();
  expect((await answer()).revision).toBe(before.revision);
  const settings = (await server.http.get('/api/settings').expect(200)).body as Record<string, unknown>;
  const { updatedAt: _at, ...ways } = settings;
  const same = { ...ways, sameWords: [{ word: 'maggot', as: 'Red maggot' }] };
  await server.http.put('/api/settings').send(same).expect(200);
  const after = await answer();
  expect(after.revision).not.toBe(before.revision);
  expect(after.record.outings[0]?.stretches.map(({ bait }) => bait)).toEqual(['Red maggot', 'Red maggot']);
  const another = wholeCapture(9, 300, {});
  await server.http.post('/api/events').send({ events: another.events }).expect(201);
  expect((await record()).fish.map(({ captureId }) => captureId)).toContain(another.captureId);
});
