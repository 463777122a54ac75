import type { DeviceClock } from '@keeper/core/domain/capture/stopwatch';
import { RunClock } from './runClock.js';

/** A phone whose two clocks and whose pages can be turned by hand. */
function phone() {
  const now = { monotonicMs: 0, wallMs: Date.parse('2026-06-01T05:00:00Z') };
  const kept = new Map<string, string>();
  const storage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => kept.set(key, text),
  };
  let pages = 0;
  return {
    passes(ms: number) {
      now.monotonicMs += ms;
      now.wallMs += ms;
    },
    setWall(ms: number) {
      now.wallMs += ms;
    },
    page(): RunClock {
      now.monotonicMs = 0;
      const clock: DeviceClock = {
        timelineId: `page ${(pages += 1)}`,
        monotonicMs: () => now.monotonicMs,
        wallMs: () => now.wallMs,
      };
      return new RunClock(clock, storage);
    },
  };
}

test('the count goes on after a reload, though the wall clock was changed before it', () => {
  const device = phone();
  const page = device.page();
  page.start('fish');
  device.passes(60_000);
  device.setWall(-3_600_000);
  device.passes(5000);
  expect(page.elapsed('fish', null)).toBe(65_000);
  page.renew('fish');
  const reloaded = device.page();
  device.passes(2000);
  expect(reloaded.elapsed('fish', null)).toBe(67_000);
  device.passes(1000);
  expect(reloaded.elapsed('fish', null)).toBe(68_000);
});

test('sleep that the monotonic clock missed is counted when the page is seen again', () => {
  const device = phone();
  const page = device.page();
  page.start('fish');
  device.passes(10_000);
  page.hidden();
  device.setWall(90_000);
  expect(page.elapsed('fish', null)).toBe(10_000);
  page.shown();
  expect(page.elapsed('fish', null)).toBe(100_000);
});

test('a capture begun on another device counts from the wall clock of its take', () => {
  const device = phone();
  const page = device.page();
  expect(page.elapsed('theirs', '2026-06-01T04:59:30Z')).toBe(30_000);
});
