import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { GapTold } from '@keeper/core/domain/capture/gapTold';
import { LongGap } from './LongGap.js';

const STARTED = '2026-06-01T05:00:00.000Z';
const HOUR = 3_600_000;

function asked() {
  const told: GapTold[] = [];
  render(<LongGap sinceMs={360_000} nowMs={2 * HOUR} startedAt={STARTED} inAir onTold={(gap) => told.push(gap)} />);
  return told;
}

test.each([
  ['It went back soon after', 'back-soon'],
  ['It is still here', 'still-here'],
  ['I do not know', 'not-known'],
])('%s is one tap', async (name, says) => {
  const told = asked();
  expect(screen.getByText(/Nothing was tapped for 1 h 54 min/)).toBeVisible();
  expect(screen.getByText(/with the fish in the air/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name }));
  expect(told).toEqual([{ says, fromMs: 360_000 }]);
});

test('a time that is known lies between the last tap and now', async () => {
  const told = asked();
  await userEvent.click(screen.getByRole('button', { name: 'It went back at a time I know' }));
  const field = screen.getByLabelText('It went back at');
  const at = (minutes: number) => {
    const date = new Date(Date.parse(STARTED) + minutes * 60_000);
    return new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
  };
  fireEvent.change(field, { target: { value: at(5) } });
  expect(screen.getByRole('button', { name: 'Note it' })).toBeDisabled();
  fireEvent.change(field, { target: { value: at(8) } });
  await userEvent.click(screen.getByRole('button', { name: 'Note it' }));
  expect(told).toEqual([{ says: 'back-at', fromMs: 360_000, backMs: 480_000 }]);
});
