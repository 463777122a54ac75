import { ApiError, ask, NotHere, NotLetIn, send, tellWaiting, Unreachable } from './api.js';

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

test('an address that is to be put right is told from a server that is away', async () => {
  server(answers(403, { code: 'foreign-host', sentence: 'Not as "x".' }));
  await expect(ask('/health')).rejects.toThrow(new NotHere('Not as "x".'));
  server(answers(200, null, '<html>'));
  await expect(ask('/health')).rejects.toBeInstanceOf(NotHere);
  server(answers(503, { code: 'disk-full', sentence: 'The disk is full.' }));
  await expect(ask('/health')).rejects.toThrow('The disk is full.');
});

test('a good answer is its body', async () => {
  const fetched = server(answers(200, { status: 'well' }));
  await expect(ask('/health')).resolves.toEqual({ status: 'well' });
  expect(fetched).toHaveBeenCalledWith('/api/health', { headers: { 'keeper-waiting': '0' } });
});

test('each request says how much waits on this device', async () => {
  const fetched = server(answers(200, {}));
  tellWaiting(() => 7);
  await ask('/health', { headers: { 'content-type': 'application/json' } });
  expect(fetched).toHaveBeenCalledWith('/api/health', {
    headers: { 'content-type': 'application/json', 'keeper-waiting': '7' },
  });
  tellWaiting(() => 0);
});

test.each([
  ['not let in', 401, 'not-let-in', NotLetIn],
  ['put out', 401, 'put-out', NotLetIn],
  ['asked under a foreign name', 403, 'foreign-host', NotHere],
  ['not allowed', 403, 'not-allowed', ApiError],
  ['a passphrase that is wrong', 403, 'wrong-passphrase', ApiError],
  ['too much in a minute', 429, 'wait', ApiError],
])('a device that is %s', async (_, status, code, kind) => {
  server(answers(status, { code, sentence: 'Why.' }));
  const refusal = await ask('/captures').catch((error: unknown) => error);
  expect(refusal).toBeInstanceOf(kind);
  expect(refusal).toMatchObject({ message: 'Why.' });
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
  ['a server that cannot just now', answers(503, { code: 'disk-full', sentence: 'The disk is full.' })],
  ['something else in between', answers(404, null, '<html>')],
  ['a page that wants a sign-in, and calls itself a good answer', answers(200, null, '<html>')],
  ['another name for the server', answers(403, { code: 'foreign-host', sentence: 'Not as "x".' })],
])('%s is worth another try', async (_, fetched) => {
  server(fetched as jest.Mock);
  await expect(ask('/health')).rejects.toBeInstanceOf(Unreachable);
});
