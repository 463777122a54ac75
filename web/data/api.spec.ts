import { ApiError, ask, send, Unreachable } from './api.js';

const answers = (status: number, body: unknown, text = JSON.stringify(body)) =>
  jest.fn(() =>
    Promise.resolve({
      ok: status < 300,
      status,
      json: () => Promise.resolve().then(() => JSON.parse(text) as unknown),
    }),
  );

function server(fetched: jest.Mock): jest.Mock {
  globalThis.fetch = fetched;
  return fetched;
}

test('a good answer is its body', async () => {
  const fetched = server(answers(200, { status: 'well' }));
  await expect(ask('/health')).resolves.toEqual({ status: 'well' });
  expect(fetched).toHaveBeenCalledWith('/api/health', undefined);
});

test('sending is JSON', async () => {
  const fetched = server(answers(201, { written: 1 }));
  await send('POST', '/events', { events: [] });
  expect(fetched).toHaveBeenCalledWith(
    '/api/events',
    expect.objectContaining({ method: 'POST', body: '{"events":[]}' }),
  );
});

test('a refusal carries the sentence of the server', async () => {
  server(answers(400, { code: 'not-valid', sentence: 'Nothing was written.' }));
  const refusal = await ask('/events').catch((error: unknown) => error);
  expect(refusal).toBeInstanceOf(ApiError);
  expect(refusal).toMatchObject({ status: 400, message: 'Nothing was written.' });
});

test.each([
  ['no server', jest.fn(() => Promise.reject(new TypeError('Failed to fetch')))],
  ['a server that broke', answers(500, { code: 'broken', sentence: 'Something broke.' })],
  ['something else in between', answers(404, null, '<html>')],
])('%s is worth another try', async (_, fetched) => {
  server(fetched as jest.Mock);
  await expect(ask('/health')).rejects.toBeInstanceOf(Unreachable);
});
