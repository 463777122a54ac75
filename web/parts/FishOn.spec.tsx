import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { FishOn } from './FishOn.js';

let mockFull = false;
jest.mock('../data/record.js', () => ({
  fishOn: (_where: object, open: (captureId: string) => void) =>
    mockFull ? Promise.reject(new Error('QuotaExceededError')) : Promise.resolve(open('c1')),
}));

function page() {
  render(
    <MemoryRouter>
      <Routes>
        <Route path="/" element={<FishOn where={{}} />} />
        <Route path="/run/c1" element={<p>The run</p>} />
      </Routes>
    </MemoryRouter>,
  );
}

test('the run opens once the take is on the device', async () => {
  page();
  fireEvent.click(screen.getByRole('button', { name: 'Fish on' }));
  expect(await screen.findByText('The run')).toBeVisible();
});

test('a take that could not be kept is said, and can be tapped again', async () => {
  mockFull = true;
  page();
  fireEvent.click(screen.getByRole('button', { name: 'Fish on' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('That could not be kept');
  mockFull = false;
  fireEvent.click(screen.getByRole('button', { name: 'Fish on' }));
  expect(await screen.findByText('The run')).toBeVisible();
});
