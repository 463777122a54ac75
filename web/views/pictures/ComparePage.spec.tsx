import { render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { ComparePage } from './ComparePage.js';

const [ONE, OTHER] = ['1'.repeat(64), '2'.repeat(64)];
let printed: readonly string[] = [];
let pair: object | 'gone' | undefined;

jest.mock('../../data/useCapture.js', () => ({
  useCapture: (captureId: string) => ({
    loading: false,
    state: {
      captureId,
      startedAt: '2026-09-27T04:26:00Z',
      wounds: [],
      pictures: [{ sha256: captureId === 'a' ? '1'.repeat(64) : '2'.repeat(64), role: 'left' }],
    },
  }),
}));
jest.mock('../../data/flanks.js', () => ({
  useFlanks: () => ({ flanks: printed.map((sha256) => ({ sha256 })), coming: 0 }),
}));
jest.mock('../who/useFlankPair.js', () => ({ useFlankPair: () => pair }));
jest.mock('../who/Evidence.js', () => ({ Evidence: ({ says }: { says: string }) => <p>Laid flat: {says}</p> }));
jest.mock('../../data/pictureBytes.js', () => ({}));
jest.mock('../../parts/BookPicture.js', () => ({ BookPicture: () => null }));

const open = () =>
  render(
    <MemoryRouter initialEntries={[`/pictures/a/${ONE}/beside/b/${OTHER}`]}>
      <Routes>
        <Route path="/pictures/:captureId/:sha256/beside/:otherId/:otherSha" element={<ComparePage />} />
      </Routes>
    </MemoryRouter>,
  );

test('two pictures that nobody laid straight are laid by their prints, as they were compared with each other', () => {
  [printed, pair] = [[ONE, OTHER], { asked: {}, mayBe: {} }];
  open();
  expect(screen.getByRole('heading', { name: 'Both flanks' })).toBeTruthy();
  expect(screen.getByText(/^Laid flat: Sun 27 September/)).toBeTruthy();
});

test('while they are laid it is said, where one has no print or does not come the bench is offered', () => {
  [printed, pair] = [[ONE, OTHER], undefined];
  open().unmount();
  [printed, pair] = [[ONE], undefined];
  const { unmount } = open();
  expect(screen.getByText(/has not been straightened yet/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Open it on the bench' }).getAttribute('href')).toBe(`/pictures/a/${ONE}`);
  unmount();
  [printed, pair] = [[ONE, OTHER], 'gone'];
  open();
  expect(screen.getByText(/has not been straightened yet/)).toBeTruthy();
});
