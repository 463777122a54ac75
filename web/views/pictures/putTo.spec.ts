import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { CardFile } from '../../data/card.js';
import { newPage, putTo, takeBack } from './putTo.js';

const recorded: CaptureEvent[] = [];
const added: string[] = [];
let room = Infinity;
jest.mock('../../data/device.js', () => ({ newId: () => `id ${recorded.length}`, deviceId: () => 'phone' }));
jest.mock('../../data/addPicture.js', () => ({
  addPicture: (state: { pictures: readonly { sha256: string }[] }, file: File) => {
    if (state.pictures.some(({ sha256 }) => file.name.startsWith(sha256))) return Promise.resolve('known');
    if (added.length >= room) return Promise.resolve('no-room');
    added.push(file.name);
    return Promise.resolve('added');
  },
}));
jest.mock('../../data/deviceOutbox.js', () => ({
  outbox: {
    snapshot: () => ({
      events: added.map((name) => ({
        event: { id: `added ${name}`, type: 'picture-added', captureId: 'c1', payload: { sha256: name.slice(0, 1) } },
      })),
    }),
  },
}));
jest.mock('../../data/record.js', () => ({
  record: (events: readonly CaptureEvent[]) => {
    recorded.push(...events);
    return Promise.resolve();
  },
  makeEvent: (captureId: string, _at: string, type: string, payload: object) => ({ captureId, type, payload }),
}));

beforeEach(() => {
  recorded.length = 0;
  added.length = 0;
  room = Infinity;
});

const DAY = Date.UTC(2026, 5, 1, 5);
const file = (sha256: string, minutes: number | null): CardFile => ({
  sha256,
  name: `${sha256}.jpg`,
  camera: null,
  place: null,
  bytes: new File([sha256], `${sha256}.jpg`),
  thumb: new Blob([sha256]),
  takenMs: minutes === null ? null : DAY + minutes * 60_000,
});
const FISH = { captureId: 'c1', begunAt: '2026-06-01T05:00:00.000Z', pictures: ['old'] };

test('pictures go to their fish; one that is there already leaves the card too', async () => {
  const { put, sentence } = await putTo(FISH, [file('a', 1), file('old', 2), file('b', 3)]);
  expect(put.files.map(({ sha256 }) => sha256)).toEqual(['a', 'old', 'b']);
  expect(put.eventIds).toEqual(['added a.jpg', 'added b.jpg']);
  expect(added).toEqual(['a.jpg', 'b.jpg']);
  expect(sentence).toBeUndefined();
});

test('without room the rest stays on the card, and that is said', async () => {
  room = 1;
  const { put, sentence } = await putTo(FISH, [file('a', 1), file('b', 2), file('c', 3)]);
  expect(put.files.map(({ sha256 }) => sha256)).toEqual(['a']);
  expect(sentence).toContain('no room left on this device for b.jpg');
});

test('a page for a fish that only pictures tell of spans them, by the clock set right', async () => {
  const fish = await newPage([file('b', 9), file('a', 4), file('x', null)], { clockOffMs: 3_600_000 }, []);
  expect(fish.begunAt).toBe('2026-06-01T06:04:00.000Z');
  expect(recorded.map(({ type, elapsedMs, at }) => [type, elapsedMs, at])).toEqual([
    ['hooked', 0, fish.begunAt],
    ['released', 300_000, fish.begunAt],
  ]);
});

test('pictures from the future begin no page in the future', async () => {
  const fish = await newPage([file('a', 60 * 24 * 365 * 50)], { clockOffMs: 0 }, []);
  expect(Date.parse(fish.begunAt)).toBeLessThanOrEqual(Date.now());
});

test('the water is the one at which they were taken, where the camera knew', async () => {
  const waters = [{ id: 'mere', position: { latitudeDeg: 52, longitudeDeg: -1.5 } }];
  const there = { ...file('a', 4), place: { latitudeDeg: 52.01, longitudeDeg: -1.5 } };
  await newPage([file('b', 3), there], { clockOffMs: 0 }, waters);
  expect(recorded[0]?.payload).toEqual({ from: 'pictures', waterId: 'mere' });
  await newPage([{ ...there, place: { latitudeDeg: 40, longitudeDeg: 3 } }], { clockOffMs: 0 }, waters);
  expect(recorded[2]?.payload).toEqual({ from: 'pictures' });
});

test('pictures without a date are of the day that the keeper says', async () => {
  const fish = await newPage([file('a', null), file('b', 60 * 24 * 365 * 50)], { clockOffMs: 0, saidMs: DAY }, []);
  expect(fish.begunAt).toBe('2026-06-01T05:00:00.000Z');
  expect(recorded.map(({ elapsedMs }) => elapsedMs)).toEqual([0, 0]);
});

test('what was put is taken back: from a fish the pictures, with a page that was begun for them the page', async () => {
  const { put } = await putTo(FISH, [file('a', 1), file('b', 2)]);
  const { put: begun } = await putTo({ ...FISH, captureId: 'c2' }, [file('c', 3)], true);
  await takeBack([put, begun]);
  expect(recorded).toEqual([
    { captureId: 'c1', type: 'undone', payload: { eventId: 'added a.jpg' } },
    { captureId: 'c1', type: 'undone', payload: { eventId: 'added b.jpg' } },
    { captureId: 'c2', type: 'discarded', payload: {} },
  ]);
});
