import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import type { PictureInBook } from '@keeper/contract/book';
import { replay } from '@keeper/core/domain/capture/replay';
import { CAPTURE, event } from '@keeper/core/spec/events';
import { BesideAny } from './BesideAny.js';

let pictures: PictureInBook[] = [];
const asked: object[] = [];
jest.mock('../../data/queries.js', () => ({
  useBookPictures: (filter: object) => {
    asked.push(filter);
    return { data: pictures, isSuccess: true, isPending: false, isError: false };
  },
}));
jest.mock('../../parts/BookPicture.js', () => ({ BookPicture: () => null }));

const of = (n: number, role: PictureInBook['role'], captureId = `other ${n}`): PictureInBook => ({
  captureId,
  sha256: `${n}`,
  role,
  view: null,
  startedAt: '2026-05-01T05:00:00.000Z',
  zone: null,
  species: 'pike',
  form: null,
  net: { unit: 'oz', count: 160 + n },
});

const beside = async () => {
  const state = replay(CAPTURE, [
    event('hooked', 0),
    event('picture-added', 5000, { sha256: 'mine', role: 'left-flank' }),
    event('described', 6000, { facts: { species: 'pike' } }),
  ]);
  const [picture] = state.pictures;
  if (!picture) throw new Error('The picture is gone.');
  render(
    <MemoryRouter>
      <BesideAny state={state} picture={picture} />
    </MemoryRouter>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Compare with another fish' }));
};

test('the same side of every other fish of its kind is offered, not the fish itself', async () => {
  pictures = [of(1, 'left-flank'), of(2, 'right-flank'), of(3, 'left-flank', CAPTURE), of(4, 'portrait')];
  await beside();
  expect(asked.at(-1)).toEqual({ species: 'pike' });
  const [link, ...more] = screen.getAllByRole('link');
  expect(more).toEqual([]);
  expect(link).toHaveAttribute('href', `/pictures/${CAPTURE}/mine/beside/other 1/1`);
  expect(link).toHaveTextContent('10 lb 1 oz');
});

test.each([
  [24, 24, false],
  [25, 24, true],
])('of %d fish %d are shown at once, and the rest on tap: %s', async (many, shown, more) => {
  pictures = Array.from({ length: many }, (_, n) => of(n, 'left-flank'));
  await beside();
  expect(screen.getAllByRole('link')).toHaveLength(shown);
  expect(screen.queryByRole('button', { name: 'Older ones' }) !== null).toBe(more);
  if (!more) return;
  await userEvent.click(screen.getByRole('button', { name: 'Older ones' }));
  expect(screen.getAllByRole('link')).toHaveLength(many);
});
