import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { emptyCapture } from '@keeper/core/domain/capture/captureState';
import { LeftAs } from './LeftAs.js';

const mockRecorded: CaptureEvent[] = [];
let mockHasRoom = true;
jest.mock('../../data/record.js', () => ({
  makeEvent: (_id: string, _at: string, type: string, payload: object) => ({ type, payload }),
  record: (events: CaptureEvent[]) =>
    mockHasRoom ? Promise.resolve(mockRecorded.push(...events)) : Promise.reject(new Error('No room.')),
}));

const state = { ...emptyCapture('c1'), startedAt: '2026-06-01T05:00:00.000Z', leaving: 'strong' as const };
let done = 0;
beforeEach(() => {
  mockRecorded.length = 0;
  mockHasRoom = true;
  done = 0;
  render(<LeftAs state={state} onDone={() => (done += 1)} />);
});

test('what was said stands marked; a fish that was found dead later is said by one tap', async () => {
  expect(screen.getByRole('button', { name: 'Strong, with a kick' })).toHaveAttribute('aria-pressed', 'true');
  await userEvent.click(screen.getByRole('button', { name: 'Found dead later' }));
  expect(mockRecorded).toEqual([{ type: 'left-as', payload: { leaving: 'found-dead' } }]);
  expect(done).toBe(1);
});

test('where it could not be kept it is said, and the question stays', async () => {
  mockHasRoom = false;
  await userEvent.click(screen.getByRole('button', { name: 'Slowly' }));
  expect(screen.getByRole('alert')).toHaveTextContent('That could not be kept');
  expect(done).toBe(0);
});
