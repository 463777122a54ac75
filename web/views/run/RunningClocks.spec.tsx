import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import type { RunContextInput } from '@keeper/core/care/run/runContext';
import { DEFAULT_PRACTICES } from '@keeper/core/domain/practice/bankPractices';
import { replay } from '@keeper/core/domain/capture/replay';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { CAPTURE, event } from '@keeper/core/spec/events';
import { context } from '@keeper/core/spec/runContexts';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { RunningClocks } from './RunningClocks.js';

function clocks(events: readonly CaptureEvent[], nowMs: number, change: Partial<RunContextInput> = {}) {
  const state = replay(CAPTURE, events);
  const tap = () => Promise.resolve(true);
  render(<RunningClocks desk={{ state, events, context: context(change), tap, elapsed: () => nowMs }} />);
}

const NETTED = [event('hooked', 0), event('netted', 300_000)];
const LIFTED = [...NETTED, event('hook-out', 330_000), event('lifted', 360_000)];

test.each<[string, CaptureEvent[], number, string, RegExp]>([
  ['the fight', [event('hooked', 0)], 65_000, '1:05', /since the take/],
  ['the net', NETTED, 345_000, '0:45', /15 min at most/],
  ['the air', LIFTED, 372_000, '0:12', /30 s at a time/],
  ['the holding', [...LIFTED, event('held', 380_000)], 430_000, '0:50', /as long as it takes/],
  ['all of it, when it has gone', [...LIFTED, event('held', 380_000), event('released', 440_000)], 0, '0:20', /in all/],
])('the large clock counts %s', (_, events, nowMs, text, words) => {
  clocks(events, nowMs);
  expect(screen.getByTestId('large-clock')).toHaveTextContent(text);
  expect(screen.getByText(words)).toBeVisible();
});

test('why it may be out no longer is said on tap', () => {
  clocks(LIFTED, 365_000, { conditions: { waterC: 26 } });
  expect(screen.getByText(/15 s at a time/)).toBeVisible();
  expect(
    screen.getByText(/Shortened: The water is within three degrees of the limit for this fish\. \(Gale/),
  ).toBeInTheDocument();
});

test('where nothing is kept it is said; those who go by their breath are told to hold it', () => {
  clocks(NETTED, 330_000, {
    water: { name: 'Mere', rules: { ...NO_RULES, retention: { kind: 'none' } }, altitudeM: 0, salinity: 0 },
  });
  expect(screen.getByText('in the net; nothing is kept here')).toBeVisible();
  clocks(LIFTED, 370_000, { schools: { ...DEFAULT_PRACTICES, air: 'own-breath' } });
  expect(screen.getByText('Hold your breath.')).toBeVisible();
});
