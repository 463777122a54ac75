import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { replay } from '@keeper/core/domain/capture/replay';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { CAPTURE, event } from '@keeper/core/spec/events';
import { context } from '@keeper/core/spec/runContexts';
import { Recovery } from './Recovery.js';

const HELD = [event('hooked', 0), event('held', 10_000)];

function recovery(events: readonly CaptureEvent[] = HELD, gapsMs: readonly number[] = []) {
  const tapped: unknown[] = [];
  let nowMs = 20_000;
  const gaps = [...gapsMs];
  render(
    <Recovery
      desk={{
        state: replay(CAPTURE, events),
        events,
        context: context(),
        elapsed: () => (nowMs += gaps.shift() ?? 1000),
        tap: (type, payload) => {
          tapped.push([type, payload]);
          return Promise.resolve(true);
        },
      }}
    />,
  );
  const beat = async (times: number) => {
    for (let i = 0; i < times; i += 1)
      await userEvent.click(screen.getByRole('button', { name: /^Tap with the gills/ }));
  };
  return { tapped, beat };
}

test('gill beats are shown as they are tapped, and kept once a handful', async () => {
  const { tapped, beat } = recovery();
  await beat(4);
  expect(screen.getByText('60 beats a minute')).toBeVisible();
  expect(tapped).toEqual([]);
  await beat(1);
  expect(tapped).toEqual([['gill-beat', { perMinute: 60 }]]);
});

test('after a long silence the counting begins anew', async () => {
  const { tapped, beat } = recovery(HELD, [1000, 1000, 1000, 60_000, 500, 500, 500, 500]);
  await beat(8);
  expect(tapped).toEqual([['gill-beat', { perMinute: 120 }]]);
});

test('a sign is noted once, with the time since it was held', async () => {
  const { tapped } = recovery([...HELD, event('recovering', 75_000, { sign: 'fins' })]);
  const fins = screen.getByRole('button', { name: 'Fins moving after 1:05' });
  expect(fins).toHaveAttribute('aria-pressed', 'true');
  await userEvent.click(fins);
  await userEvent.click(screen.getByRole('button', { name: 'Kicks away' }));
  expect(tapped).toEqual([['recovering', { sign: 'kick' }]]);
});
