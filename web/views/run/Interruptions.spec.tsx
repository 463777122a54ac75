import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { replay } from '@keeper/core/domain/capture/replay';
import { CAPTURE, event } from '@keeper/core/spec/events';
import { context } from '@keeper/core/spec/runContexts';
import { Interruptions } from './Interruptions.js';

const mockFishOn = jest.fn<Promise<void>, [object, (captureId: string) => void]>();
jest.mock('../../data/record.js', () => ({
  fishOn: (where: object, open: (captureId: string) => void) => mockFishOn(where, open),
}));

const tap = jest.fn(() => Promise.resolve(true));

function page() {
  const hooked = event('hooked', 0, { waterId: 'mere', swimId: 'point', outingId: 'o1' });
  const state = replay(CAPTURE, [hooked]);
  render(
    <MemoryRouter>
      <Routes>
        <Route
          path="/"
          element={<Interruptions desk={{ state, events: [hooked], context: context({}), tap, elapsed: () => 0 }} />}
        />
        <Route path="/run/second" element={<p>The second run</p>} />
      </Routes>
    </MemoryRouter>,
  );
  fireEvent.click(screen.getByRole('button', { name: 'The other rod goes' }));
}

test('the other rod goes: this fish waits, and the run of the second one opens at the same water and swim', async () => {
  mockFishOn.mockImplementation((_, open) => Promise.resolve(open('second')));
  page();
  expect(await screen.findByText('The second run')).toBeVisible();
  expect(tap).toHaveBeenCalledWith('interrupted', { why: 'second-rod' });
  expect(mockFishOn.mock.calls[0]?.[0]).toMatchObject({ waterId: 'mere', swimId: 'point', outingId: 'o1' });
});

test('a second take that could not be kept is said', async () => {
  mockFishOn.mockRejectedValue(new Error('QuotaExceededError'));
  page();
  expect(await screen.findByRole('alert')).toHaveTextContent('That could not be kept');
});
