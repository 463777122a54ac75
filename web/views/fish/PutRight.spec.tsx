import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { emptyCapture } from '@keeper/core/domain/capture/captureState';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import type { KnownFish } from '@keeper/core/domain/identity/knownFish';
import { MergeFish, PartFish } from './PutRight.js';

const capture = (captureId: string, fishId: string) => ({
  ...summaryOf({ ...emptyCapture(captureId), startedAt: '2026-06-01T05:00:00.000Z', outcome: 'released' }),
  species: 'carp' as const,
  fishId,
});
const known = (fishId: string, ...ids: [string, ...string[]]): KnownFish => {
  const [first, ...more] = ids.map((id) => capture(id, fishId));
  return { fishId, captures: [first as ReturnType<typeof capture>, ...more] };
};
const mockGus = known('gus', 'c1', 'c2');
const mockNotch = known('notch', 'c3');
const mockRecorded: CaptureEvent[] = [];
let mockFull = true;
jest.mock('../../data/record.js', () => ({
  makeEvent: (captureId: string, _at: string, type: string, payload: object) => ({ captureId, type, payload }),
  record: (events: CaptureEvent[]) =>
    mockFull ? Promise.reject(new Error('QuotaExceededError')) : Promise.resolve(mockRecorded.push(...events)),
}));
jest.mock('../../data/deviceOutbox.js', () => ({}));
jest.mock('../../data/device.js', () => ({ newId: () => 'new-fish' }));
jest.mock('../../data/queries.js', () => ({ useSettings: () => ({ massUnit: 'lb-oz' }) }));
jest.mock('../../data/known.js', () => ({
  useRegister: () => ({ fish: [mockGus, mockNotch], nameOf: (id: string) => id }),
}));

beforeEach(() => {
  mockFull = true;
  mockRecorded.splice(0);
});
const alert = () => screen.findByRole('alert');

test('two fish that are one: where it could not be kept it is said, and the list stays to tap again', async () => {
  render(<MergeFish fish={mockGus} />);
  await userEvent.click(screen.getByRole('button', { name: 'It is also…' }));
  await userEvent.click(screen.getByRole('button', { name: /^notch/ }));
  expect(await alert()).toHaveTextContent('That could not be kept');
  mockFull = false;
  await userEvent.click(screen.getByRole('button', { name: /^notch/ }));
  expect(mockRecorded).toMatchObject([{ captureId: 'c3', type: 'identified', payload: { fishId: 'gus' } }]);
  expect(screen.queryByRole('alert')).toBeNull();
});

test('one fish that is two: where it could not be kept nobody is led to a fish that is not there', async () => {
  render(
    <MemoryRouter>
      <Routes>
        <Route path="/" element={<PartFish fish={mockGus} />} />
        <Route path="/fish/new-fish" element={<p>The other fish</p>} />
      </Routes>
    </MemoryRouter>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'These are two fish…' }));
  const [first] = screen.getAllByRole('checkbox');
  if (first) await userEvent.click(first);
  await userEvent.click(screen.getByRole('button', { name: 'Make them another fish' }));
  expect(await alert()).toHaveTextContent('That could not be kept');
  mockFull = false;
  await userEvent.click(screen.getByRole('button', { name: 'Make them another fish' }));
  expect(await screen.findByText('The other fish')).toBeVisible();
});
