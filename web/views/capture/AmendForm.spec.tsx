import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { emptyCapture } from '@keeper/core/domain/capture/captureState';
import { poundsOunces } from '@keeper/core/measure/mass';
import { AmendForm } from './AmendForm.js';

const mockRecorded: CaptureEvent[] = [];
let mockHasRoom = true;
const mockSwims = [{ id: 's2', waterId: 'w1', name: 'Reed gate' }];
const mockOutings: object[] = [];
jest.mock('../../data/queries.js', () => ({ useSettings: () => FIRST_SETTINGS }));
jest.mock('../../data/usePractices.js', () => ({ usePracticesAt: () => FIRST_SETTINGS }));
jest.mock('../../data/deviceOutbox.js', () => ({}));
jest.mock('../../data/rows.js', () => ({ useSwims: () => mockSwims, useStandingWaters: () => [] }));
jest.mock('../../data/useOuting.js', () => ({ useOutings: () => mockOutings }));
jest.mock('../../data/record.js', () => ({
  makeEvent: (_id: string, _at: string, type: string, payload: object) => ({ type, payload }),
  record: (events: CaptureEvent[]) =>
    mockHasRoom ? Promise.resolve(mockRecorded.push(...events)) : Promise.reject(new Error('No room.')),
}));

const state = {
  ...emptyCapture('c1'),
  startedAt: '2026-06-01T05:00:00.000Z',
  facts: { weight: { asRead: poundsOunces(9, 0), method: 'zeroed' as const, scalesId: 'dial', slingId: 'green' } },
};
let done = 0;
beforeEach(() => {
  mockRecorded.length = 0;
  mockHasRoom = true;
  done = 0;
  render(<AmendForm state={state} onDone={() => (done += 1)} />);
});
const enter = () => userEvent.click(screen.getByRole('button', { name: 'Enter the correction' }));

test('a weight that was put right was read off the same scale, with the same sling', async () => {
  await userEvent.type(screen.getByLabelText('Weight'), '8lb 2oz');
  await userEvent.type(screen.getByLabelText('Why'), 'Not zeroed.');
  await enter();
  const off = { scalesId: 'dial', slingId: 'green' };
  const weight = { asRead: poundsOunces(8, 2), method: 'zeroed', written: '8lb 2oz', ...off };
  expect(mockRecorded).toEqual([{ type: 'amended', payload: { facts: { weight }, why: 'Not zeroed.' } }]);
  expect(done).toBe(1);
});

test('without a reason nothing is entered', async () => {
  await userEvent.type(screen.getByLabelText('Weight'), '8lb 2oz');
  await enter();
  expect(screen.getByText(/Say in a few words why/)).toBeVisible();
  expect(mockRecorded).toEqual([]);
});

test('a correction that could not be kept is said, and what was typed is still there', async () => {
  mockHasRoom = false;
  await userEvent.type(screen.getByLabelText('Weight'), '8lb 2oz');
  await userEvent.type(screen.getByLabelText('Why'), 'Not zeroed.');
  await enter();
  expect(screen.getByRole('alert')).toHaveTextContent('It could not be kept');
  expect(screen.getByLabelText('Weight')).toHaveValue('8lb 2oz');
  expect(done).toBe(0);
});
