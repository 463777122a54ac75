import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import type { Finding, LevelFound } from '@keeper/core/findings/findings';
import { FindingEntry } from './FindingEntry.js';

jest.mock('./Behind.js', () => ({ Behind: () => null }));

const level = (name: string, ratio: number, fish: number): LevelFound => ({
  level: name,
  fish,
  rodHours: 200,
  outings: 41,
  rate: { rate: fish / 200, low: fish / 400, high: fish / 100 },
  ratio: { ratio, low: ratio / 2, high: ratio * 2, se: 0.3 },
});
const finding = (more: Partial<Finding>): Finding => ({
  factor: 'swim',
  says: 'found',
  level: 'b1',
  p: 0.004,
  falseRate: 0.02,
  levels: [level('b1', 2.4, 24), level('b2', 0.42, 9)],
  together: null,
  moreOutings: null,
  ...more,
});
const shown = (more: Partial<Finding>) => {
  const { container } = render(
    <ul>
      <FindingEntry
        finding={finding(more)}
        filter={{}}
        together={['light', 'swim', 'bait']}
        swimName={(id) => (id === 'b1' ? 'Reed gate' : undefined)}
      />
    </ul>,
  );
  return container.querySelector('li > p')?.textContent;
};

test.each<[string, Partial<Finding>, string]>([
  ['a swim', {}, 'Reed gate brings 2.4 (1.2 to 4.8) times the fish of your other swims there.'],
  [
    'one that is not named',
    { level: 'b2' },
    'A swim that is not named any more brings 0.42 (0.21 to 0.84) times the fish of your other swims there.',
  ],
  [
    'hours',
    { factor: 'light', level: 'first', levels: [level('first', 3, 9)] },
    'The first two hours of light bring 3.0 (1.5 to 6.0) times the fish of the rest of the day.',
  ],
  [
    'a band',
    { factor: 'waterTemp', level: '8|12', levels: [level('8|12', 2, 9)] },
    'Water of 8 to 12 degrees brings 2.0 (1.0 to 4.0) times the fish of other temperatures.',
  ],
  [
    'a month',
    { factor: 'month', level: '5', levels: [level('5', 2, 9)] },
    'May brings 2.0 (1.0 to 4.0) times the fish of the other months.',
  ],
  [
    'no difference',
    { says: 'nothing', factor: 'wind' },
    'Wind makes no difference: none brings 1.6 times the fish of the rest, and none as much fewer.',
  ],
  [
    'not yet',
    { says: 'open', factor: 'moon', moreOutings: 73 },
    'Moon says nothing for sure yet. About 70 more outings like these would tell.',
  ],
  [
    'a few more',
    { says: 'open', factor: 'moon', moreOutings: 2 },
    'Moon says nothing for sure yet. About 10 more outings like these would tell.',
  ],
  [
    'perhaps never',
    { says: 'open', factor: 'bait' },
    'Bait says nothing yet, and it may take more outings than anybody fishes.',
  ],
])('%s is said in a sentence', (_what, more, sentence) => expect(shown(more)).toBe(sentence));

test('behind it stand the rates with their intervals and what they rest on, for a screen reader too', () => {
  shown({});
  expect(screen.getByRole('table', { name: 'fish in 100 rod-hours' })).toHaveTextContent(
    'Reed gate12 (6 to 24)24 fish in 200 rod-hours of 41 outings',
  );
  expect(screen.getByText(/Chance alone does as much in 4.0 of 1,000 such books/)).toBeVisible();
});
