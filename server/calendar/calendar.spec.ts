import ICAL from 'ical.js';
import type { OpenedFeed } from '@keeper/contract/calendar';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { newId } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
  const waterId = newId();
  const closedSeasons = [{ from: { month: 11, day: 1 }, to: { month: 2, day: 10 }, species: ['pike'] }];
  const rules = { ...NO_RULES, closedSeasons };
  const water = { name: 'Wend, mill; \\reach', kind: 'river', rules, revision: 0 };
  await server.http.put(`/api/waters/${waterId}`).send(water).expect(200);
  const plan = {
    waterId,
    fromAt: '2126-06-01T05:00:00.000Z',
    toAt: '2126-06-01T12:30:00.000Z',
    companions: 0,
    expected: [],
  };
  const head = { id: newId(), outingId: newId(), deviceId: 'phone', at: '2026-05-31T20:00:00.000Z' };
  await server.http
    .post('/api/events')
    .send({ events: [{ ...head, type: 'outing-planned', payload: plan }] })
    .expect(201);
});
afterAll(() => server.close());

// Read by another library, as a calendar at the other end reads it.
function eventsIn(text: string): ICAL.Event[] {
  const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0]);
  return calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
}

test('a closed season and an outing are read by another library as they are', async () => {
  const { text } = await server.http
    .get('/api/calendar.ics')
    .expect('Content-Type', /text\/calendar/)
    .expect(200);
  const [season, outing] = eventsIn(text);
  expect(season?.summary).toBe('Wend, mill; \\reach: closed for pike');
  expect([season?.startDate.isDate, season?.startDate.month, season?.startDate.day]).toEqual([true, 11, 1]);
  // The end of whole days is the day after the last (RFC 5545, 3.6.1).
  expect([season?.endDate.month, season?.endDate.day]).toEqual([2, 11]);
  const years = season?.iterator();
  expect([years?.next().year, years?.next().year].map((year) => Number(year) - (season?.startDate.year ?? 0))).toEqual([
    0, 1,
  ]);
  expect(outing?.startDate.toJSDate().toISOString()).toBe('2126-06-01T05:00:00.000Z');
  expect(outing?.endDate.toJSDate().toISOString()).toBe('2126-06-01T12:30:00.000Z');
});

test('lines end as the standard wants it and are folded at 75 octets (RFC 5545, 3.1)', async () => {
  const { text } = await server.http.get('/api/calendar.ics').expect(200);
  expect(text.endsWith('END:VCALENDAR')).toBe(true);
  for (const line of text.split('\r\n')) {
    expect(line).not.toContain('\n');
    expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  }
});

test('the feed opens by its secret alone; a new secret closes the one before', async () => {
  expect((await server.http.get('/api/calendar').expect(200)).body).toEqual({ since: null });
  await server.http.get('/api/calendar/guess.ics').expect(404);
  const first = (await server.http.put('/api/calendar').expect(200)).body as OpenedFeed;
  const { text } = await server.http.get(first.path).expect(200);
  expect(eventsIn(text)).toHaveLength(2);
  await server.http.get(`${first.path.slice(0, -5)}x.ics`).expect(404);
  const second = (await server.http.put('/api/calendar').expect(200)).body as OpenedFeed;
  await server.http.get(first.path).expect(404);
  await server.http.get(second.path).expect(200);
  await server.http.delete('/api/calendar').expect(204);
  await server.http.get(second.path).expect(404);
});
