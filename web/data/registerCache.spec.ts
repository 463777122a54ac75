/** @jest-environment node */
import 'fake-indexeddb/auto';
import { askOrCached, getCached, setCached } from './registerCache.js';

let answer: () => Promise<Response>;
globalThis.fetch = () => answer();
const json = (status: number, body: object) => () => Promise.resolve(Response.json(body, { status }));
const away = () => Promise.reject(new TypeError('no network'));

test('away from the server the last answer comes back; an answer that is a refusal is none', async () => {
  answer = away;
  await expect(askOrCached('/flanks')).rejects.toThrow('The server cannot be reached.');
  answer = json(200, { flanks: [1] });
  const before = Date.now();
  const asked = await askOrCached('/flanks');
  expect(asked.answer).toEqual({ flanks: [1] });
  expect(asked.askedMs).toBeGreaterThanOrEqual(before);
  answer = away;
  // However old it is: all that this device holds may be newer.
  expect(await askOrCached('/flanks')).toEqual({ answer: { flanks: [1] }, askedMs: 0 });
  answer = json(400, { code: 'not-valid', sentence: 'Not so.' });
  await expect(askOrCached('/flanks')).rejects.toThrow('Not so.');
});

test('what this device keeps for itself comes back as it was', async () => {
  expect(await getCached('sweep')).toBeUndefined();
  await setCached('sweep', { asked: ['a'], found: [] });
  expect(await getCached('sweep')).toEqual({ asked: ['a'], found: [] });
});
