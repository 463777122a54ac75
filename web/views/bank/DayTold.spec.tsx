import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import { replayOuting } from '@keeper/core/domain/outing/outingState';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import { DayTold, readingText } from './DayTold.js';

jest.mock('../../data/record.js', () => ({ makeOutingEvent: jest.fn(), record: jest.fn() }));
jest.mock('../../data/queries.js', () => ({ useSettings: () => FIRST_SETTINGS }));
jest.mock('../../data/rows.js', () => ({ useSwims: () => [{ id: 's1', name: 'Reed gate' }] }));
jest.mock('../../data/useOutingAssessment.js', () => ({
  clockBetween: () => (atMs: number) => new Date(atMs).toISOString().slice(11, 16),
}));

let made = 0;
const event = (type: string, at: string, payload: object) =>
  ({
    id: `e${(made += 1)}`,
    outingId: 'o',
    deviceId: 'd',
    at: `2026-06-01T${at}:00.000Z`,
    type,
    payload,
  }) as OutingEvent;
const day = [
  event('outing-planned', '05:00', {
    waterId: 'w',
    fromAt: '2026-06-01T06:00:00Z',
    toAt: '2026-06-01T20:00:00Z',
    companions: 0,
    expected: [],
  }),
  event('swim-taken', '05:01', { swimId: 's1' }),
  event('swim-taken', '11:30', { swimId: 'gone' }),
  event('condition-taken', '08:00', {
    source: 'hand',
    waterC: 12,
    depth: 'surface',
    oxygenMgL: 9.8,
    when: '2026-06-01T08:00:00Z',
  }),
  event('run-dropped', '09:00', {}),
];

test('the page of an ended outing tells its hours, its swims, what was measured and what was dropped', () => {
  render(<DayTold state={replayOuting('o', [...day, event('outing-ended', '16:00', {})])} />);
  expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
    '06:00 to 16:00, 10 h; 1 run dropped.',
    'Began at Reed gate.',
    '11:30, moved to a swim that is archived.',
    '08:00: water 12.0 °C at the surface, oxygen 9.8 mg/L.',
  ]);
});

test('one that was called off has no day to tell', () => {
  render(<DayTold state={replayOuting('o', [...day, event('outing-called-off', '05:30', {})])} />);
  expect(screen.queryByRole('listitem')).not.toBeInTheDocument();
});

test('a reading says what was read, and nothing else', () => {
  const taken = { source: 'hand', eventId: 'e', atMs: 0 } as const;
  expect(readingText({ ...taken, airC: 20, windMs: 3, cloudOctas: 5, pressureHpa: 1013 }, 'C')).toBe(
    'air 20.0 °C, cloud 5 of 8, wind 3 m/s, 1013 hPa',
  );
});
