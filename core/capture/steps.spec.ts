import fc from 'fast-check';
import { anyHistory, CAPTURE, cleanCapture, event } from '../spec/events.js';
import { canHappen, nextStep, RUN_STEPS, timesDone } from './steps.js';
import { tellStory } from './story.js';

test('the order of work puts each next step', () => {
  const order = ['netted', 'hook-out', 'lifted', 'weighed', 'pictured', 'returned', 'released'] as const;
  const events = [event('hooked', 0)];
  for (const [i, step] of order.entries()) {
    expect(nextStep(tellStory(CAPTURE, events))).toBe(step);
    events.push(event(step, (i + 1) * 10_000));
  }
  expect(nextStep(tellStory(CAPTURE, events))).toBeNull();
});

test('skipped steps are not asked for again', () => {
  const story = tellStory(CAPTURE, [event('hooked', 0), event('lifted', 1000), event('pictured', 2000)]);
  expect(nextStep(story)).toBe('returned');
});

test('only the impossible is held back', () => {
  const inAir = tellStory(CAPTURE, [event('hooked', 0), event('lifted', 1000)]);
  expect(RUN_STEPS.filter((step) => canHappen(inAir, step))).toEqual([
    'hook-out',
    'weighed',
    'pictured',
    'returned',
    'released',
  ]);
  expect(canHappen(tellStory(CAPTURE, cleanCapture()), 'lifted')).toBe(false);
  expect(timesDone(tellStory(CAPTURE, cleanCapture()), 'lifted')).toBe(2);
});

test('the step put next can always happen', () => {
  fc.assert(
    fc.property(anyHistory, (events) => {
      const story = tellStory(CAPTURE, events);
      const next = nextStep(story);
      expect(next === null || canHappen(story, next)).toBe(true);
    }),
  );
});
