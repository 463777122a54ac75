import { newId } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';
import { DevicesRepository, ON_THE_WAY_MS, RENEWED_AFTER_MS } from './devices.repository.js';

let server: TestServer;
let devices: DevicesRepository;
beforeAll(async () => {
  server = await testServer();
  devices = server.app.get(DevicesRepository);
});
afterAll(() => server.close());

const OF = { keeperId: 'ann', sees: null } as const;
const BEGUN = Date.parse('2026-05-01T06:00:00Z');
const at = (ms: number) => new Date(BEGUN + ms);

function letIn() {
  const id = newId();
  const token = devices.add({ id, deviceId: newId(), name: 'Phone', role: 'keeper', ...OF }, at(0));
  /** Asks with a token; the new one where it was given one, and whether it was known. */
  const ask = (with_: string, ms: number, waiting?: number) => {
    const device = devices.byToken(with_);
    return device ? { renewed: devices.see(device, with_, waiting, at(ms)) } : undefined;
  };
  const row = () => devices.list().find((each) => each.id === id);
  return { id, token, ask, row };
}

test('a token is renewed when it is a day old, not before', () => {
  const { token, ask } = letIn();
  expect(ask(token, RENEWED_AFTER_MS - 1)).toEqual({ renewed: undefined });
  expect(ask(token, RENEWED_AFTER_MS)?.renewed).toMatch(/^[\w-]{43}$/);
});

test('requests under way with the token before are answered and given no other, for a minute', () => {
  const { token, ask } = letIn();
  const next = ask(token, RENEWED_AFTER_MS)?.renewed ?? '';
  expect(ask(token, RENEWED_AFTER_MS + ON_THE_WAY_MS - 1)).toEqual({ renewed: undefined });
  // The answer with the new one was lost: there is another, and the one that was lost holds no more.
  const again = ask(token, RENEWED_AFTER_MS + ON_THE_WAY_MS)?.renewed ?? '';
  expect(again).toMatch(/^[\w-]{43}$/);
  expect(ask(next, RENEWED_AFTER_MS + ON_THE_WAY_MS)).toBeUndefined();
  expect(ask(again, RENEWED_AFTER_MS + ON_THE_WAY_MS + 1)).toEqual({ renewed: undefined });
});

test('once the new one was used, the one before holds no more', () => {
  const { token, ask } = letIn();
  const next = ask(token, RENEWED_AFTER_MS)?.renewed ?? '';
  expect(ask(next, RENEWED_AFTER_MS + 1)).toEqual({ renewed: undefined });
  expect(ask(token, RENEWED_AFTER_MS + 2)).toBeUndefined();
});

test('when it was last seen is written down once a minute, what waits on it at once', () => {
  const { token, ask, row } = letIn();
  ask(token, 59_999);
  expect(row()?.lastSeenAt).toBe(at(0).toISOString());
  ask(token, 60_000);
  expect(row()?.lastSeenAt).toBe(at(60_000).toISOString());
  ask(token, 60_001, 7);
  expect(row()).toMatchObject({ lastSeenAt: at(60_001).toISOString(), waiting: 7 });
});

test('a device that comes again takes the place of what it was', () => {
  const deviceId = newId();
  const first = devices.add({ id: newId(), deviceId, name: 'Phone', role: 'helper', ...OF }, at(0));
  const second = devices.add({ id: newId(), deviceId, name: 'My phone', role: 'keeper', ...OF }, at(1));
  expect(devices.byToken(first)).toBeUndefined();
  expect(devices.byToken(second)).toMatchObject({ name: 'My phone', role: 'keeper' });
});

test('a device that is not there is not put out', () => expect(devices.putOut(newId(), at(0))).toBe(false));
