import { HOUR_MS } from '../../measure/timeSpan.js';
import { DRY_HOURS, wetnessOf } from './drying.js';

const WET = '2026-07-01T18:00:00Z';
const wet = { lastWater: { waterId: 'w', at: WET }, disinfected: null, dryingSince: null };
const hung = { ...wet, dryingSince: '2026-07-01T20:00:00Z' };
const at = (hoursAfterHung: number) => Date.parse(hung.dryingSince) + hoursAfterHung * HOUR_MS;

test('what was never wet, or was dipped or found dry since, is clean', () => {
  expect(wetnessOf({ ...wet, lastWater: null }, 0)).toEqual({ is: 'clean' });
  expect(wetnessOf({ ...wet, disinfected: { at: WET, how: 'dipped' } }, 0)).toEqual({ is: 'clean' });
  expect(wetnessOf({ ...wet, disinfected: { at: '2026-07-01T17:59:59Z', how: 'dipped' } }, 0)).toEqual({ is: 'wet' });
});

test('the hours count from when it was hung up, and stop at none: that it is dry somebody must feel', () => {
  expect(wetnessOf(hung, at(0))).toEqual({ is: 'drying', leftMs: DRY_HOURS * HOUR_MS });
  // By a clock that is a little behind it has no more to go than all of it.
  expect(wetnessOf(hung, at(-0.1))).toEqual({ is: 'drying', leftMs: DRY_HOURS * HOUR_MS });
  expect(wetnessOf(hung, at(47.5))).toEqual({ is: 'drying', leftMs: HOUR_MS / 2 });
  expect(wetnessOf(hung, at(48))).toEqual({ is: 'drying', leftMs: 0 });
  expect(wetnessOf(hung, at(480))).toEqual({ is: 'drying', leftMs: 0 });
});

test('hung up before it was wet again it is wet', () => {
  expect(wetnessOf({ ...hung, dryingSince: '2026-07-01T17:59:59Z' }, at(1))).toEqual({ is: 'wet' });
});
