import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import type { OutboxState } from '../../data/outbox.js';
import { NotYetThere } from './NotYetThere.js';

let mockState: Pick<OutboxState, 'events' | 'pictures' | 'rows'>;
jest.mock('../../data/useCapture.js', () => ({ useOutbox: () => mockState }));

const shown = (...states: string[]) => {
  const pictures = states.map((state) => ({ state })) as unknown as OutboxState['pictures'];
  mockState = { events: [], pictures, rows: [] };
  render(<NotYetThere />);
  return screen.queryByRole('status');
};

test('nothing is said when all is sent', () => expect(shown('sent', 'sent')).toBeNull());

test('what waits or was refused is in no backup', () => {
  expect(shown('sent', 'waiting', 'refused')).toHaveTextContent(
    '2 entries of this device are not in the book yet: a backup made now lacks them.',
  );
});

test('one is one', () => expect(shown('waiting')).toHaveTextContent(/^One entry of this device is not/));
