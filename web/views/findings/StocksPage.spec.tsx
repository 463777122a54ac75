import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { WaterStock } from '@keeper/core/findings/waterStocks';
import { Stocks } from './StocksPage.js';

jest.mock('./FindingsFrame.js', () => ({ FindingsFrame: () => null }));
jest.mock('../../parts/findings/useFindings.js', () => ({ useFindings: () => ({}) }));
jest.mock('../../data/queries.js', () => ({ useSettings: () => ({ massUnit: 'oz' }) }));
jest.mock('../../data/rows.js', () => ({ useWaters: () => [{ id: 'mere', name: 'Long Mere' }] }));

const found: WaterStock['found'] = {
  catches: 31,
  met: 12,
  recaptures: 19,
  chapman: null,
  schnabel: { fish: 14.2, low: 12, high: 22.4 },
  schumacher: { fish: 13.4, low: 12, high: 19 },
  chaoLeast: 12.6,
  nextWasMet: 0.87,
  isUneven: false,
};
const REST = { waterId: 'mere', species: 'carp', untold: 0, isTold: true, byYear: null, growth: null } as const;
const shown = (of: Partial<WaterStock['found']>, more: Partial<WaterStock> = {}) => {
  render(
    <MemoryRouter>
      <Stocks stocks={[{ ...REST, found: { ...found, ...of }, ...more }]} />
    </MemoryRouter>,
  );
  return screen.getByRole('listitem').textContent;
};

test('a stock is said with its limits, and what it rests on', () => {
  const told = shown({});
  expect(told).toContain('Carp of Long Mere: about 14 (12 to 23).');
  expect(told).toContain(
    'You have met 12, in 31 catches that were told apart; 19 of them were of a fish that you had had.',
  );
  expect(told).toContain(
    'The next one is one of those, 9 in 10. At least one more has never been met. Counted another way there are about 13.',
  );
  expect(told).not.toContain('again and again');
});

test('where it has no upper end, or too few were met again, that is said', () => {
  expect(shown({ schnabel: { fish: 14, low: 9.8, high: null } })).toContain('about 14, at least 9.');
  document.body.innerHTML = '';
  expect(shown({ schnabel: null, schumacher: null })).toContain('too few were met again to count them; at least 13.');
});

test('uneven fish and catches that nobody told apart are said beside it', () => {
  expect(shown({ isUneven: true }, { untold: 4, waterId: 'gone' })).toMatch(
    /^Carp of a water that is not named any more.*again and again.*Of 4 catches nobody has said which fish it was\.$/,
  );
});

test('where most catches are not told apart nothing is counted, and the way to tell them leads on', () => {
  expect(shown({}, { isTold: false, untold: 40 })).toContain(
    'Carp of Long Mere cannot be counted yet: of 40 in 71 catches nobody has said which fish it was.',
  );
  expect(screen.getByRole('link', { name: 'Find who is who' })).toHaveAttribute('href', '/fish/sweep');
  expect(screen.queryByText(/about 14/)).not.toBeInTheDocument();
});

test('where none was met again it is said how counting begins', () => {
  render(<Stocks stocks={[]} />, { wrapper: MemoryRouter });
  expect(screen.getByText(/^Nothing can be counted yet/)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Find who is who' })).toHaveAttribute('href', '/fish/sweep');
});

test('where years pass they stand one by one, and the growth of its fish with its limits', () => {
  const byYear = [
    { year: 2023, fish: 21.4, low: 14.2, high: 33.1, stayed: 0.82 },
    { year: 2024, fish: 19, low: 12, high: 30, stayed: null },
  ];
  const told = shown({}, { byYear, growth: { fish: 6, gramsAYear: 900, low: -100, high: 1900 } });
  expect(told).toContain('Its fish put on 2 lb 0 oz in a year (4 oz less to 4 lb 3 oz), by 6 that were weighed');
  expect(told).toContain('202321 (14 to 34)82 % stayed');
  expect(told).toContain('202419 (12 to 30)');
});
