import { act, renderHook } from '@testing-library/react';
import type { CaptureEvent, EventPayloads } from '@keeper/core/domain/capture/event';
import { replay } from '@keeper/core/domain/capture/replay';
import { CAPTURE, event } from '@keeper/core/spec/events';
import { useBench } from './useBench.js';

const SHA = 'a'.repeat(64);
const recorded: CaptureEvent[] = [];
let full = false;
jest.mock('../../data/record.js', () => ({
  makeEvent: (_capture: string, _at: string, type: 'picture-read', payload: EventPayloads['picture-read']) =>
    event(type, 10_000 + recorded.length, payload),
  record: (events: readonly CaptureEvent[]) => {
    if (full) return Promise.reject(new Error('No room.'));
    recorded.push(...events);
    return Promise.resolve();
  },
}));

beforeEach(() => {
  recorded.length = 0;
  full = false;
});

const at = (x: number) => ({ x, y: 100 });
const LANDMARKS = { snout: at(0), eye: at(10), dorsal: at(40), pelvic: at(45), anal: at(70), fork: at(100) };
const VIEW = {
  turnRad: 0,
  mirrored: false,
  centre: at(50),
  widthPx: 140,
  stops: 0,
  of: { widthPx: 200, heightPx: 150 },
};

/** The bench of the one picture, told anew after each step as the page would. */
function bench() {
  const told = () => replay(CAPTURE, [event('hooked', 0), event('picture-added', 5000, { sha256: SHA }), ...recorded]);
  const hook = renderHook(() => {
    const state = told();
    const [picture] = state.pictures;
    if (!picture) throw new Error('The picture is gone.');
    return useBench(state, picture);
  });
  const step = async (work: (() => unknown) | undefined) => {
    await act(async () => {
      await work?.();
    });
    hook.rerender();
  };
  return { now: () => hook.result.current, step };
}

test('each step is kept with the picture, and can be taken back and put forward', async () => {
  const { now, step } = bench();
  expect([now().undo, now().redo]).toEqual([undefined, undefined]);
  await step(() => now().keep({ landmarks: LANDMARKS, by: 'proposed' }));
  await step(() => now().keep({ view: VIEW, role: 'left-flank' }));
  expect(now().picture).toMatchObject({ role: 'left-flank', reading: { landmarks: LANDMARKS, view: VIEW } });
  await step(now().undo);
  expect(now().picture.reading).toMatchObject({ landmarks: LANDMARKS, view: null });
  await step(now().undo);
  expect(now().picture.reading?.landmarks).toBeNull();
  expect(now().undo).toBeUndefined();
  await step(now().redo);
  await step(now().redo);
  expect(now().picture.reading).toMatchObject({ landmarks: LANDMARKS, view: VIEW });
  expect(now().redo).toBeUndefined();
  // Nothing was erased: every step forward and back stands in the log.
  expect(recorded).toHaveLength(6);
});

test('a new step after one was taken back leaves nothing to put forward', async () => {
  const { now, step } = bench();
  await step(() => now().keep({ view: VIEW }));
  await step(now().undo);
  await step(() => now().keep({ view: { ...VIEW, stops: 1 } }));
  expect(now().redo).toBeUndefined();
  expect(now().picture.reading?.view?.stops).toBe(1);
});

test('a step of which nothing is kept yet is taken back too, and the page is shown as it was', async () => {
  const { now, step } = bench();
  const shown: string[] = [];
  const tap = (name: string) => ({
    back: () => shown.push(`before ${name}`),
    forth: () => shown.push(`after ${name}`),
  });
  await step(() => now().keep(undefined, tap('mark')));
  await step(() => now().keep({ view: VIEW }, tap('turn')));
  await step(now().undo);
  await step(now().undo);
  await step(now().redo);
  expect(shown).toEqual(['before turn', 'before mark', 'after mark']);
  // Only the turn was ever something to keep.
  expect(recorded).toHaveLength(2);
  expect(now().redo).toBeDefined();
});

test('where taking back cannot be kept, nothing changes on the page', async () => {
  const { now, step } = bench();
  const back = jest.fn();
  await step(() => now().keep({ view: VIEW }, { back, forth: () => undefined }));
  full = true;
  await step(now().undo);
  expect(back).not.toHaveBeenCalled();
  expect([now().notKept, now().redo]).toEqual([true, undefined]);
});

test('what could not be kept is said, and is no step', async () => {
  const { now, step } = bench();
  full = true;
  await step(() => now().keep({ view: VIEW }));
  expect(now().notKept).toBe(true);
  expect(now().undo).toBeUndefined();
  full = false;
  await step(() => now().keep({ view: VIEW }));
  expect(now().notKept).toBe(false);
  expect(now().undo).toBeDefined();
});
