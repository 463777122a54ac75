import fc from 'fast-check';
import type { CaptureEvents } from '@keeper/contract/events';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { replay } from '@keeper/core/domain/capture/replay';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { anyHistory } from '@keeper/core/spec/events';
import { newId } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';
import { CapturesRepository } from './captures.repository.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const append = (events: object[]) => server.http.post('/api/events').send({ events });

test('what the server keeps of any history is what the device tells, to the byte', async () => {
  await fc.assert(
    fc.asyncProperty(anyHistory, async (history) => {
      const captureId = newId();
      const ids = new Map(history.map(({ id }) => [id, newId()]));
      const events = history.map((each) => ({
        ...each,
        id: ids.get(each.id),
        captureId,
        payload: each.type === 'undone' ? { eventId: ids.get(each.payload.eventId) } : each.payload,
      })) as CaptureEvent[];
      const half = Math.ceil(events.length / 2);
      await append(events.slice(half).concat(events.slice(0, 1))).expect(201);
      await append(events).expect(201);
      const kept = (await server.http.get(`/api/captures/${captureId}`).expect(200)).body as CaptureEvents;
      const row = server.app.get(CapturesRepository).summary(captureId);
      const told = JSON.stringify(summaryOf(replay(captureId, events)));
      expect(row).toBe(told);
      expect(JSON.stringify(summaryOf(replay(captureId, kept.events)))).toBe(told);
    }),
    { numRuns: 150 },
  );
}, 60_000);
