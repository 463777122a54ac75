import type { Identified } from '@keeper/core/domain/capture/event';
import type { SendState, StoredEvent } from './deviceStore.js';
import { localIdentity } from './localIdentity.js';

const ASKED = Date.parse('2026-05-01T10:00:00Z');
let order = 0;
const held = (
  captureId: string,
  says: Identified['says'],
  fishId: string | null,
  sentAt = '11',
  state: SendState = 'sent',
) => {
  order += 1;
  const by = { sha256: 'a', captureId: 'other', otherSha: 'b', score: 0, probability: 0 };
  const event = {
    id: `e${order}`,
    captureId,
    deviceId: 'd',
    at: '2026-05-01T09:00:00Z',
    elapsedMs: 0,
    type: 'identified',
    payload: { says, fishId, by },
  };
  return { order, state, event, sentMs: Date.parse(`2026-05-01T${sentAt}:00:00Z`) } as StoredEvent;
};
const undone = (eventId: string): StoredEvent => ({
  order: 999,
  state: 'waiting',
  event: {
    id: 'u',
    captureId: 'c',
    deviceId: 'd',
    at: '2026-05-01T12:00:00Z',
    elapsedMs: 0,
    type: 'undone',
    payload: { eventId },
  },
});

test('what the server took only after it was asked, or waits to be sent, stands over its answer', () => {
  const { fishOf } = localIdentity(
    [
      held('a', 'same', 'old', '09'),
      held('b', 'same', 'waits', '09', 'waiting'),
      held('c', 'new', 'first'),
      held('c', 'same', 'last'),
      held('d', 'unsure', null),
    ],
    ASKED,
  );
  expect([...fishOf]).toEqual([
    ['b', 'waits'],
    ['c', 'last'],
    ['d', null],
  ]);
});

test('two fish are two until that is taken back', () => {
  const said = held('c', 'different', null);
  expect([...localIdentity([said], ASKED).apart]).toEqual(['c other']);
  const back = localIdentity([said, undone(said.event.id)], ASKED);
  expect([back.apart.size, back.fishOf.size, [...back.takenBack]]).toEqual([0, 0, [said.event.id]]);
});
