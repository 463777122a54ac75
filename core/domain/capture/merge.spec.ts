import { CAPTURE, event } from '../../spec/events.js';
import type { CaptureEvent } from './event.js';
import { mergeCaptures } from './merge.js';
import { replay } from './replay.js';

const OTHER = '01930000-0000-7000-8000-00000000ffff';
/** The same fish begun a second time, 40 s later. */
const second = (made: CaptureEvent): CaptureEvent => ({
  ...made,
  captureId: OTHER,
  deviceId: 'tablet',
  at: new Date(Date.parse(made.at) + 40_000).toISOString(),
});
const mine = [event('hooked', 0), event('netted', 60_000)];
const lift = event('lifted', 50_000);
const slip = event('weighed', 51_000);
const theirs = [
  event('hooked', 0),
  lift,
  slip,
  event('undone', 52_000, { eventId: slip.id }),
  event('returned', 70_000),
].map(second);

test('the later one is taken over by the earlier one, at its own time and without what was undone', () => {
  const merge = mergeCaptures(theirs, mine);
  expect(merge).toMatchObject({ captureId: CAPTURE, fromId: OTHER });
  const state = replay(CAPTURE, [...mine, ...(merge?.copies ?? [])]);
  expect(state.marks.map(({ type, atMs }) => [type, atMs])).toEqual([
    ['hooked', 0],
    ['netted', 60_000],
    ['lifted', 90_000],
    ['returned', 110_000],
  ]);
  expect(state.devices).toEqual(['phone', 'tablet']);
});

test('two devices that merge the same pair make the same events, with ids of their own kind', () => {
  expect(mergeCaptures(mine, theirs)).toEqual(mergeCaptures(theirs, mine));
  for (const { id } of mergeCaptures(mine, theirs)?.copies ?? [])
    expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(new Set(mergeCaptures(mine, theirs)?.copies.map(({ id }) => id)).size).toBe(2);
});

test('what was merged is no fish of its own; without a take there is nothing to merge', () => {
  const merged = event('merged', 80_000, { into: CAPTURE });
  expect(replay(OTHER, [...theirs, { ...merged, captureId: OTHER }])).toMatchObject({
    outcome: 'merged',
    mergedInto: CAPTURE,
  });
  expect(mergeCaptures(mine, [])).toBeNull();
  expect(mergeCaptures(mine, mine)).toBeNull();
});
