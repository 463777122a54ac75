import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { OutboxState } from '../data/outbox.js';
import { SendingLine } from './SendingLine.js';

let state: OutboxState;
jest.mock('../data/useCapture.js', () => ({ useOutbox: () => state }));

const held = (...states: ('waiting' | 'sent' | 'refused')[]) =>
  states.map((each, order) => ({
    order,
    state: each,
    event: { id: String(order) },
  })) as unknown as OutboxState['events'];

function line(change: Partial<OutboxState>) {
  state = { loaded: true, events: [], pictures: [], rows: [], unreachable: false, ...change };
  render(
    <MemoryRouter>
      <SendingLine />
    </MemoryRouter>,
  );
}

test('is quiet when the server has everything', () => {
  line({ events: held('sent', 'sent') });
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
});

test('says what waits, and whether the server can be reached', () => {
  line({ events: held('waiting', 'sent') });
  expect(screen.getByRole('status')).toHaveTextContent('1 entry safe on this device, on the way to the server.');
});

test('says so when the server is away', () => {
  line({ events: held('waiting', 'waiting'), unreachable: true });
  expect(screen.getByRole('status')).toHaveTextContent('2 entries safe on this device, waiting for the server.');
});

test('leads to what was refused', () => {
  line({ events: held('refused') });
  expect(screen.getByRole('link', { name: '1 entry refused by the server' })).toHaveAttribute('href', '/settings');
});
