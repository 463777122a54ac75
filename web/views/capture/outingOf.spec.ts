import { outingOf } from './outingOf.js';

const HOUR = 3_600_000;
const day = Date.parse('2026-06-06T04:00:00Z');
const outing = (outingId: string, fromH: number, toH: number, more = {}) => ({
  outingId,
  waterId: 'mere',
  fromMs: day + fromH * HOUR,
  toMs: day + toH * HOUR,
  endedAt: null,
  calledOff: false,
  ...more,
});
const fish = { outingId: null, facts: { waterId: 'mere' } };
const at = (hour: number) => ({ at: new Date(day + hour * HOUR).toISOString() });

test.each([
  [-6, 'morning'],
  [-6.1, null],
  [0, 'morning'],
  [12, 'morning'],
  [12.1, null],
])('an outing of six hours holds a fish %d h after its beginning: %s', (hour, id) => {
  expect(outingOf(fish, at(hour), [outing('morning', 0, 6)])).toBe(id);
});

test('the one that it stands in is kept where it holds the moment too; else the nearest is', () => {
  const both = [outing('morning', 0, 6), outing('evening', 10, 14)];
  expect(outingOf(fish, at(9), both)).toBe('evening');
  expect(outingOf({ ...fish, outingId: 'morning' }, at(9), both)).toBe('morning');
});

test('none of another water, none that was called off or had ended, and none for a day without its time', () => {
  expect(outingOf(fish, at(1), [outing('pit', 0, 6, { waterId: 'pit' })])).toBeNull();
  expect(outingOf(fish, at(1), [outing('off', 0, 6, { calledOff: true })])).toBeNull();
  const ended = outing('ended', 0, 6, { endedAt: new Date(day + 8 * HOUR).toISOString() });
  expect(outingOf(fish, at(8), [ended])).toBe('ended');
  expect(outingOf(fish, at(8.1), [ended])).toBeNull();
  expect(outingOf(fish, { ...at(1), dated: { as: 'day', from: '2026-06-06', to: '2026-06-06' } }, [ended])).toBeNull();
});
