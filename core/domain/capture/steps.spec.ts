import { CAPTURE, cleanCapture, event } from '../../spec/events.js';
import { canHappen, RUN_STEPS, timesDone } from './steps.js';
import { replay } from './replay.js';

test('only the impossible is held back', () => {
  const inAir = replay(CAPTURE, [event('hooked', 0), event('lifted', 1000)]);
  expect(RUN_STEPS.filter((step) => !canHappen(inAir, step))).toEqual(['netted', 'lifted']);
  const inWater = replay(CAPTURE, [event('hooked', 0), event('netted', 1000), event('hook-cut', 2000)]);
  expect(RUN_STEPS.filter((step) => !canHappen(inWater, step))).toEqual([
    'netted',
    'off-rig',
    'hook-out',
    'hook-cut',
    'line-cut',
    'hook-shed',
    'wetted',
    'rested',
    'dropped',
    'returned',
  ]);
  expect(RUN_STEPS.some((step) => canHappen(replay(CAPTURE, cleanCapture()), step))).toBe(false);
  expect(timesDone(replay(CAPTURE, cleanCapture()), 'lifted')).toBe(2);
});
