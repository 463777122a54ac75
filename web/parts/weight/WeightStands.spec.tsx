import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import type { WeighedFish } from '@keeper/contract/weighed';
import { emptyCapture } from '@keeper/core/domain/capture/captureState';
import { gramsOf, poundsOunces } from '@keeper/core/measure/mass';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';
import { weightResult, type WeightResult } from '@keeper/core/weighing/result';
import { WeightStands } from './WeightStands.js';

let mockResult: WeightResult | undefined;
let mockWeighed: WeighedFish[] = [];
jest.mock('../../data/queries.js', () => ({ useSettings: () => FIRST_SETTINGS }));
jest.mock('../../data/rows.js', () => ({ useKit: () => [] }));
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
      : [
          {
            ...fish,
            waterId: null,
            fishId: null,
            keeperId: FIRST_KEEPER,
            lengthMm: null,
            guessGrams: null,
            grams: gramsOf({ unit: 'oz', count: bestOz }),
            weighing: { asRead: { unit: 'oz', count: bestOz }, method: 'zeroed' },
          },
        ];
  const state = { ...emptyCapture('c1'), facts: { species: 'carp' as const } };
  return render(<WeightStands state={state} />);
}

test('a weight stands in both families, each with its doubt in the same unit, with the budget on tap', async () => {
  shown();
  const stands = screen.getByText('23 lb 11 oz').closest('p');
  expect(stands).toHaveTextContent('23 lb 11 oz, give or take 2.7 oz');
  expect(stands).toHaveTextContent('10.744 kg, give or take 77 g');
  await userEvent.click(screen.getByText('Where the doubt comes from'));
  expect(screen.getByText('The step of the reading')).toBeVisible();
  expect(screen.getByText(/limit of its class in service is taken/)).toBeVisible();
});

test('a sling that changed moves the best estimate, the interval is round that, and what was read stays', () => {
  shown({ slingAfter: { unit: 'oz', count: 4 } });
  expect(screen.getByText(/held 4 oz more water with the fish out/)).toBeVisible();
  expect(screen.getByText('23 lb 9.0 oz').closest('p')).toHaveTextContent(/^Best estimate 23 lb 9\.0 oz, give or take/);
  expect(screen.getByText(/2\.0 oz off for the sling/)).toHaveTextContent('23 lb 11 oz is kept as you read it');
});

test.each([
  ['a best that overlaps is told as a chance', 379, /with a chance of 50 %: another is within the doubt/],
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
