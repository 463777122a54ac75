import { act, renderHook } from '@testing-library/react';
import type { HangingScale, ScaleEvents } from '@keeper/core/weighing/hangingScale';
import { writeWeightPacket } from '@keeper/core/weighing/weightMeasurement';
import { useLiveScale } from './useLiveScale.js';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** A scale in the test's hand. */
function scale() {
  let events: ScaleEvents | undefined;
  let gone = 0;
  const made: HangingScale = {
    name: 'test scale',
    connect: (heard) => {
      events = heard;
      return Promise.resolve(() => (gone += 1));
    },
  };
  return {
    made,
    letGo: () => gone,
    send: (grams: number) => act(() => events?.onPacket(writeWeightPacket({ mass: { unit: 'g', count: grams } }))),
    sendBytes: (...bytes: number[]) => act(() => events?.onPacket(new DataView(new Uint8Array(bytes).buffer))),
    vanish: () => act(() => events?.onGone('The scale has gone.')),
  };
}

async function listening() {
  const hand = scale();
  const hook = renderHook(() => useLiveScale(10));
  await act(() => hook.result.current.listen(hand.made));
  const pass = (ms: number) => act(() => jest.advanceTimersByTime(ms));
  const say = (grams: number, seconds: number) => {
    for (let i = 0; i < seconds * 10; i += 1) {
      pass(100);
      hand.send(grams);
    }
  };
  const state = () => hook.result.current.state;
  return { ...hand, ...hook, pass, say, state };
}

test('a fish that hangs still settles at what the scale shows', async () => {
  const { say, state } = await listening();
  say(0, 1);
  say(10_000, 4);
  expect(state()).toMatchObject({ is: 'reading', unit: 'g', settling: { steadiness: 'settled' } });
  const now = state();
  expect(now.is === 'reading' && now.settling.grams).toBeCloseTo(10_000, 6);
});

test('a packet that came twice at the same moment counts once', async () => {
  const { send, pass, state } = await listening();
  pass(100);
  send(10_000);
  send(10_000);
  const now = state();
  expect(now.is === 'reading' && now.samples.length).toBe(1);
});

test('broken packets are left out, and too many of them are said', async () => {
  const { say, sendBytes, state } = await listening();
  say(10_000, 1);
  sendBytes(0);
  expect(state()).toMatchObject({ is: 'reading' });
  for (let i = 0; i < 13; i += 1) sendBytes(0x00, 0xff, 0xff);
  expect(state()).toMatchObject({ is: 'failed', why: expect.stringMatching(/could not weigh.*too often/) });
});

test('one that does not answer, falls silent, or goes, says so and is let go', async () => {
  const dumb = await listening();
  dumb.pass(6100);
  expect(dumb.state()).toMatchObject({ is: 'failed', why: expect.stringMatching(/does not answer in time/) });
  const silent = await listening();
  silent.say(10_000, 1);
  silent.pass(3100);
  expect(silent.state()).toMatchObject({
    is: 'failed',
    why: expect.stringMatching(/stopped sending. Nothing was recorded/),
  });
  expect(silent.letGo()).toBe(1);
  const gone = await listening();
  gone.vanish();
  expect(gone.state()).toEqual({ is: 'failed', why: 'The scale has gone.' });
});

test('a scale that cannot be reached is a sentence, and leaving the page lets it go', async () => {
  const { result } = renderHook(() => useLiveScale(10));
  const broken: HangingScale = { name: 'x', connect: () => Promise.reject(new Error('No scale answers.')) };
  await act(() => result.current.listen(broken));
  expect(result.current.state).toEqual({ is: 'failed', why: 'No scale answers.' });
  const left = await listening();
  left.unmount();
  expect(left.letGo()).toBe(1);
});
