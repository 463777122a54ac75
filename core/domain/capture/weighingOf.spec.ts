import { CAPTURE, event } from '../../spec/events.js';
import { replay } from './replay.js';
import { poundsOunces } from '../../measure/mass.js';
import { weighingOf } from './weighingOf.js';

const weight = { asRead: poundsOunces(23, 11), method: 'zeroed' as const };

test('a weighing knows its zero from the tap, its time from the scale, and the empty sling afterwards', () => {
  const state = replay(CAPTURE, [
    event('hooked', 0),
    event('zeroed', 60_000),
    event('weighed', 300_000),
    event('reading-taken', 310_000, { weight }),
    event('sling-hung', 500_000, { shown: { unit: 'oz', count: 3 } }),
  ]);
  expect(weighingOf(state)).toEqual({
    ...weight,
    zeroedAt: '2026-06-01T05:01:00.000Z',
    readAt: '2026-06-01T05:05:00.000Z',
    slingAfter: { unit: 'oz', count: 3 },
  });
});

test('what was read on the bank is not overwritten, and nothing is made up', () => {
  const read = { ...weight, zeroedAt: '2026-06-01T04:00:00.000Z', readAt: '2026-06-01T05:20:00.000Z' };
  expect(weighingOf(replay(CAPTURE, [event('hooked', 0), event('reading-taken', 1, { weight: read })]))).toEqual(read);
  expect(weighingOf(replay(CAPTURE, [event('hooked', 0)]))).toBeUndefined();
});

test('an entry that the keeper stood by is asked about anew once it has changed', () => {
  const kept = [
    event('hooked', 0),
    event('reading-taken', 1, { weight }),
    event('entry-kept', 2, { note: 'twice weighed' }),
  ];
  expect(replay(CAPTURE, kept).entryKept).toEqual({ note: 'twice weighed' });
  const changed = [
    ...kept,
    event('amended', 3, { facts: { weight: { ...weight, asRead: poundsOunces(22, 0) } }, why: 'x' }),
  ];
  expect(replay(CAPTURE, changed).entryKept).toBeNull();
});
