import '@testing-library/jest-dom';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import { NewOuting } from './NewOuting.js';

const recorded: OutingEvent[] = [];
jest.mock('../../data/device.js', () => ({ newId: () => 'fresh' }));
jest.mock('../../data/record.js', () => ({
  makeOutingEvent: (outingId: string, type: string, payload: object) => ({ outingId, type, payload }),
  record: (events: OutingEvent[]) => {
    recorded.push(...events);
    return Promise.resolve();
  },
  writeRow: () => Promise.resolve(),
}));
jest.mock('../../data/forecast.js', () => ({ askForecast: () => Promise.reject(new Error('No service.')) }));
jest.mock('../../data/rows.js', () => ({
  useStandingWaters: () => [{ id: 'w', name: 'The Mere', position: { latitudeDeg: 46, longitudeDeg: 0 } }],
  useStandingSwims: () => [{ id: 's', waterId: 'w', name: 'Reed gate', position: null }],
}));
jest.mock('../../data/useOuting.js', () => ({ useOutings: () => [] }));

beforeEach(() => {
  localStorage.clear();
  recorded.length = 0;
});

function form() {
  render(
    <MemoryRouter initialEntries={['/bank/new']}>
      <Routes>
        <Route path="/bank/new" element={<NewOuting />} />
        <Route path="/bank/:outingId" element={<p>The outing</p>} />
      </Routes>
    </MemoryRouter>,
  );
}
const plan = () => userEvent.click(screen.getByRole('button', { name: 'Plan it' }));
const set = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

test('it asks where, and does not let an outing end before it begins', async () => {
  form();
  set('From', '2026-07-15T20:00');
  set('Until about', '2026-07-15T06:00');
  await plan();
  expect(screen.getByText('Choose a water.')).toBeVisible();
  expect(screen.getByText('It ends before it begins. Is it the day after?')).toBeVisible();
  expect(recorded).toEqual([]);
});

test.each([
  ['2026-08-15T06:00', 'Longer than two weeks is more than one outing.'],
  ['', 'Choose an end.'],
])('an end at "%s" is refused', async (until, sentence) => {
  form();
  set('From', '2026-07-15T06:00');
  set('Until about', until);
  await plan();
  expect(screen.getByText(sentence)).toBeVisible();
});

test('what was chosen is planned, over midnight too, and a forecast that cannot be had holds nothing up', async () => {
  localStorage.setItem('keeper.water', 'w');
  form();
  await userEvent.click(screen.getByRole('radio', { name: 'Reed gate' }));
  set('From', '2026-07-15T20:00');
  set('Until about', '2026-07-16T06:00');
  await userEvent.click(screen.getByRole('button', { name: 'Wels catfish' }));
  await userEvent.click(screen.getByRole('radio', { name: 'Two of us' }));
  await plan();
  await waitFor(() => expect(screen.getByText('The outing')).toBeVisible());
  expect(recorded).toMatchObject([
    { type: 'outing-planned', payload: { waterId: 'w', companions: 1, expected: ['wels'] } },
    { type: 'swim-taken', payload: { swimId: 's' } },
  ]);
  expect(localStorage.getItem('keeper.draft.outing')).toBeNull();
});
