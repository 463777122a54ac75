import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FIRST_SETTINGS } from '@keeper/contract/ways';
import type { WeighedFish } from '@keeper/contract/weighed';
import { emptyStory } from '@keeper/core/capture/story';
import { gramsOf, poundsOunces } from '@keeper/core/measure/mass';
import type { WeightReading } from '@keeper/core/weighing/reading';
import { weightResult, type WeightResult } from '@keeper/core/weighing/result';
import { WeightStands } from './WeightStands.js';

let mockResult: WeightResult | undefined;
let mockWeighed: WeighedFish[] = [];
jest.mock('../../data/queries.js', () => ({ useSettings: () => FIRST_SETTINGS }));
jest.mock('../../data/useWeighing.js', () => ({
  useWeightResult: () => mockResult,
  useWeighed: () => mockWeighed,
}));

const OUNCE = { unit: 'oz', count: 1 } as const;

function shown(reading: Partial<WeightReading> = {}, bestOz?: number) {
  mockResult = weightResult(
    { asRead: poundsOunces(23, 11), method: 'zeroed', ...reading },
    { division: OUNCE, scaleClass: 'III', check: undefined, drain: undefined, rounding: 'down' },
  );
  const fish = { captureId: 'other', startedAt: '2025-06-01T05:00:00Z', species: 'carp' as const };
  mockWeighed =
    bestOz === undefined
      ? []
      : [{ ...fish, lengthMm: null, guessGrams: null, grams: gramsOf({ unit: 'oz', count: bestOz }) }];
  const story = { ...emptyStory('c1'), facts: { species: 'carp' as const } };
  return render(<WeightStands story={story} />);
}

test('a weight stands in both families, give or take, with the budget on tap', async () => {
  shown();
  expect(screen.getByText('23 lb 11 oz')).toBeVisible();
  expect(screen.getByText(/10\.744 kg/)).toBeVisible();
  expect(screen.getByText(/give or take/)).toHaveTextContent('2.7 oz');
  await userEvent.click(screen.getByText('Where the doubt comes from'));
  expect(screen.getByText('The step of the reading')).toBeVisible();
  expect(screen.getByText(/limit of its class in service is taken/)).toBeVisible();
});

test('a sling that changed moves the best guess, and what was read stays', () => {
  shown({ slingAfter: { unit: 'oz', count: 4 } });
  expect(screen.getByText(/held 4 oz more water with the fish out/)).toBeVisible();
  expect(screen.getByText(/likeliest lies at/)).toHaveTextContent('23 lb 9 oz');
  expect(screen.getByText('23 lb 11 oz')).toBeVisible();
});

test.each([
  ['a best that overlaps is told as a chance', 379, /with a chance of 50 in 100/],
  ['a best that is far below is beaten', 350, /^Your heaviest carp\.$/],
])('%s', (_name, bestOz, says) => {
  shown({}, bestOz);
  expect(screen.getByText(says)).toBeVisible();
});

test('of one that is plainly lighter nothing is said, and of no weight nothing at all', () => {
  shown({}, 420);
  expect(screen.queryByText(/heaviest/)).not.toBeInTheDocument();
  const { container } = shown({ method: 'gross-minus-tare' });
  expect(container).toBeEmptyDOMElement();
});
