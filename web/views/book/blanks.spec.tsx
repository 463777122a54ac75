import '@testing-library/jest-dom';
import { render, renderHook, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { BlankRow, useBlanks } from './blanks.js';

let outings: readonly OutingSummary[] = [];
jest.mock('../../data/useOuting.js', () => ({ useOutings: () => outings }));
jest.mock('../../data/rows.js', () => ({
  useWaters: () => [{ id: 'w', name: 'The Mere' }],
  useSwims: () => [{ id: 's', name: 'Reed gate' }],
}));

const HOUR = 3_600_000;
const outing = (outingId: string, change: Partial<OutingSummary> = {}): OutingSummary => ({
  outingId,
  waterId: 'w',
  swimId: 's',
  fromMs: 100 * HOUR,
  toMs: 109 * HOUR,
  endedAt: 'then',
  expected: [],
  calledOff: false,
  companions: 0,
  runsDropped: 0,
  fished: [],
  note: null,
  ...change,
});
const fish = (outingId: string | null, atMs: number) =>
  ({ outingId, startedAt: new Date(atMs).toISOString() }) as CaptureSummary;
const shown = {
  species: undefined,
  waterId: undefined,
  keeperId: undefined,
  order: 'newest' as const,
  year: undefined,
  more: false,
};
const blanks = (rows: readonly CaptureSummary[], change: Partial<typeof shown> | object = {}) =>
  renderHook(() => useBlanks(rows, { ...shown, ...change })).result.current.map(({ outingId }) => outingId);

test('an outing that ended without a fish is a blank; with one, or not ended, it is none', () => {
  outings = [outing('blank'), outing('caught'), outing('open', { endedAt: null })];
  expect(blanks([fish('caught', 101 * HOUR)])).toEqual(['blank']);
});

test('a blank shows only where its page of the book is, and where nothing is filtered away', () => {
  outings = [outing('old', { fromMs: HOUR }), outing('blank')];
  expect(blanks([fish(null, 50 * HOUR)], { more: true })).toEqual(['blank']);
  expect(blanks([], { waterId: 'elsewhere' })).toEqual([]);
  expect(blanks([], { species: 'pike' })).toEqual([]);
  expect(blanks([], { order: 'heaviest' })).toEqual([]);
});

test('where the book is opened at the end of a year no later blank stands before it', () => {
  const newYear = Date.UTC(2026, 0, 1);
  outings = [outing('last', { fromMs: newYear - 1 }), outing('next', { fromMs: newYear })];
  expect(blanks([], { year: 2025 })).toEqual(['last']);
  expect(blanks([], { year: 2026 })).toEqual(['last', 'next']);
});

test('it is said how long it was and what was dropped', () => {
  render(
    <MemoryRouter>
      <ul>
        <BlankRow outing={outing('blank', { runsDropped: 2 })} />
      </ul>
    </MemoryRouter>,
  );
  expect(screen.getByRole('link')).toHaveTextContent('A blank, 9 hours, 2 runs dropped');
  expect(screen.getByRole('link')).toHaveTextContent('The Mere, Reed gate');
  expect(screen.getByRole('link')).toHaveAttribute('href', '/bank/blank');
});
