import { replay } from '../domain/capture/replay.js';
import { CAPTURE, event } from '../spec/events.js';
import { boardTime } from './boardTime.js';

const onBoard = (outMs: number) =>
  boardTime(
    replay(CAPTURE, [
      event('hooked', 0),
      event('netted', 300_000),
      event('lifted', 350_000),
      event('measured', 360_000),
      event('held', 350_000 + outMs),
    ]),
  );

// Common practice, no source.
test.each([
  [45_000, 'practised'],
  [45_001, 'within'],
  [60_000, 'within'],
  [60_001, 'over'],
])('net to board to water in %i ms is %s', (ms, stands) => expect(onBoard(ms)).toEqual({ ms, stands }));

test('on a floating board it costs nothing', () => {
  const afloat = [event('hooked', 0), event('netted', 300_000), event('measured', 310_000, { in: 'water' })];
  expect(boardTime(replay(CAPTURE, afloat))).toEqual({ ms: 0, stands: 'afloat' });
});

test('without a board, or while it is still out, nothing is said', () => {
  const out = [event('hooked', 0), event('lifted', 350_000), event('measured', 360_000)];
  expect(boardTime(replay(CAPTURE, out))).toBeUndefined();
  expect(boardTime(replay(CAPTURE, out.slice(0, 2)))).toBeUndefined();
});
