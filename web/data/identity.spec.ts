import type { CaptureEvent, Identified } from '@keeper/core/domain/capture/event';
import { cleanCapture, event } from '@keeper/core/spec/events';
import { replay } from '@keeper/core/domain/capture/replay';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { knownFish } from '@keeper/core/domain/identity/knownFish';
import { saySameFish, sayTwoFish, takeBack, type Catch } from './identity.js';
import type { Register } from './known.js';

const recorded: CaptureEvent[] = [];
let ids = 0;
jest.mock('./device.js', () => ({ newId: () => `new-${(ids += 1)}` }));
jest.mock('./record.js', () => ({
  makeEvent: (captureId: string, _at: string | null, type: 'identified', payload: Identified) => ({
    ...event(type, 1000, payload),
    captureId,
  }),
  record: (events: readonly CaptureEvent[]) => {
    recorded.push(...events);
    return Promise.resolve();
  },
}));

beforeEach(() => {
  recorded.length = 0;
  ids = 0;
});

const known = (captureId: string, fishId: string | null): Catch => ({ captureId, fishId, begunAt: '2026-05-01' });

/** A register in which each catch is said to be of a fish. */
function registerOf(fishOf: Readonly<Record<string, string>>): Register {
  const state = replay('c', cleanCapture());
  const fish = knownFish(
    Object.entries(fishOf).map(([captureId, fishId]) => ({
      ...summaryOf(state),
      captureId,
      fishId,
      begunAt: captureId,
      startedAt: captureId,
    })),
  );
  return {
    fish,
    loading: false,
    find: (fishId) => fish.find((each) => each.fishId === fishId),
    fishOf: (captureId) => fishOf[captureId],
    nameOf: (fishId) => `fish ${fishId}`,
  };
}

const said = () =>
  recorded.map((each) =>
    each.type === 'identified' ? [each.captureId, each.payload.says, each.payload.fishId] : [each.type],
  );

test('where neither was known a fish begins with the other', async () => {
  await saySameFish(known('now', null), known('then', null), registerOf({}), undefined);
  expect(said()).toEqual([
    ['then', 'new', 'new-2'],
    ['now', 'same', 'new-2'],
  ]);
});

test('who is known stays who it is, whichever of the two it was', async () => {
  const by = { sha256: 'a', captureId: 'then', otherSha: 'b', score: 0.7, probability: 0.98 };
  await saySameFish(known('now', null), known('then', 'moss'), registerOf({ then: 'moss' }), by);
  await saySameFish(known('now', 'moss'), known('then', null), registerOf({ now: 'moss' }), by);
  expect(said()).toEqual([
    ['now', 'same', 'moss'],
    ['then', 'same', 'moss'],
  ]);
  expect(recorded.every((each) => each.type === 'identified' && each.payload.by === by)).toBe(true);
});

test('two fish that are one: the catches of the smaller become catches of the larger, in one decision with its reason', async () => {
  const register = registerOf({ a: 'moss', b: 'moss', c: 'penny' });
  await saySameFish(known('a', 'moss'), known('c', 'penny'), register, undefined);
  await saySameFish(known('c', 'penny'), known('a', 'moss'), register, undefined);
  expect(said()).toEqual([
    ['c', 'same', 'moss'],
    ['c', 'same', 'moss'],
  ]);
  expect(recorded[0]?.payload).toMatchObject({ decisionId: 'new-1', why: '“fish penny” is this fish: “fish moss”' });
});

test('what is one fish already needs no word', async () => {
  await saySameFish(known('a', 'moss'), known('b', 'moss'), registerOf({ a: 'moss', b: 'moss' }), undefined);
  expect(recorded).toEqual([]);
});

test('two fish are said to be two without saying who they are, and all of it can be taken back', async () => {
  const by = { sha256: 'a', captureId: 'then', otherSha: 'b', score: 0.3, probability: 0.4 };
  const events = await sayTwoFish(known('now', 'moss'), by);
  expect(said()).toEqual([['now', 'different', null]]);
  await takeBack(events, () => null);
  expect(recorded.at(-1)).toMatchObject({ type: 'undone', captureId: 'now', payload: { eventId: events[0]?.id } });
});
