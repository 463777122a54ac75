import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { WhenTold } from '@keeper/core/findings/bookTold';
import { OwnBook } from './OwnBook.js';

let answer: { told?: Partial<WhenTold>; isAway: boolean } = { isAway: false };
const asked = jest.fn();
jest.mock('../../data/rows.js', () => ({ useSwims: () => [] }));
jest.mock('../../parts/findings/useFindings.js', () => ({
  useFindings: (part: string, filter: object, isAsked: boolean) => {
    asked(part, filter, isAsked);
    return answer;
  },
}));

const RESTS = { outings: 54, fish: 26, rodHours: 900, blanks: 30, withoutRods: 0, fishOutside: 0 };
const shown = () => render(<OwnBook waterId="mere" species="carp" />, { wrapper: MemoryRouter });

test('nothing is worked out on the bank until it is asked for', () => {
  answer = { isAway: false };
  shown();
  expect(asked).toHaveBeenLastCalledWith('when', { waterId: 'mere', species: 'carp' }, false);
  fireEvent.click(screen.getByRole('button', { name: 'Ask it' }));
  expect(asked).toHaveBeenLastCalledWith('when', { waterId: 'mere', species: 'carp' }, true);
  expect(screen.getByRole('button', { name: 'Going through the outings…' })).toBeDisabled();
});

test('what was told before stands at once, and says that it says nothing', () => {
  answer = { told: { rests: RESTS, findings: [] }, isAway: false };
  shown();
  expect(
    screen.getByText('Nothing is sure yet of carp here: it has 54 outings and 26 fish of them.'),
  ).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'How that is known' })).toHaveAttribute(
    'href',
    '/book/findings?water=mere&kind=carp',
  );
  expect(screen.queryByRole('button')).not.toBeInTheDocument();
});

test('while the book is away that is said, and it can be asked again', () => {
  answer = { isAway: true };
  shown();
  fireEvent.click(screen.getByRole('button', { name: 'Ask it' }));
  expect(screen.getByText(/^The book cannot be reached/)).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Ask it' })).toBeEnabled();
});
