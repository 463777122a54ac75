import '@testing-library/jest-dom';
import { render, screen, waitFor } from '@testing-library/react';
import type { OutboxState } from '../../data/outbox.js';
import { PutOutPage } from './PutOutPage.js';

let mockState: OutboxState;
const mockAsk = jest.fn<Promise<unknown>, [string, object]>(() => Promise.resolve({}));
const mockFlush = jest.fn<void, []>();
jest.mock('../../data/api.js', () => ({ ask: (path: string, init: object) => mockAsk(path, init) }));
jest.mock('../../data/useCapture.js', () => ({ useOutbox: () => mockState }));
jest.mock('../../data/deviceOutbox.js', () => ({ outbox: { flush: () => mockFlush(), snapshot: () => mockState } }));

const held = (...states: ('waiting' | 'sent' | 'refused')[]) =>
  states.map((state, order) => ({ order, state })) as unknown as OutboxState['events'];
function page(change: Partial<OutboxState>) {
  mockState = { loaded: true, events: [], pictures: [], rows: [], trouble: null, ...change };
  mockAsk.mockClear();
  render(<PutOutPage />);
}

test('a device that holds nothing more clears itself', async () => {
  page({ events: held('sent', 'sent') });
  await waitFor(() => expect(mockAsk).toHaveBeenCalledWith('/access/session', { method: 'DELETE' }));
  expect(await screen.findByText('Nothing of the book is on this device any more.')).toBeVisible();
});

test('what waits is handed in first', () => {
  page({ events: held('waiting', 'sent', 'waiting') });
  expect(mockFlush).toHaveBeenCalled();
  expect(screen.getByRole('status')).toHaveTextContent('2 entries still wait here. They are handed in now.');
  expect(mockAsk).not.toHaveBeenCalled();
});

test('before it knows what it holds it clears nothing', () => {
  page({ loaded: false });
  expect(mockAsk).not.toHaveBeenCalled();
});

test('what the book does not take is kept until it was saved, and cleared when that is wanted', async () => {
  page({ events: held('refused', 'sent') });
  expect(screen.getByText(/^1 of them the book does not take/)).toBeVisible();
  expect(screen.getByRole('button', { name: /^Save unsent/ })).toBeVisible();
  expect(mockAsk).not.toHaveBeenCalled();
  screen.getByRole('button', { name: 'Clear this device now' }).click();
  expect(await screen.findByText('Nothing of the book is on this device any more.')).toBeVisible();
});
