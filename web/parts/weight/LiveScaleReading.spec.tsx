import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Settling } from '@keeper/core/weighing/settle';
import { LiveScaleReading, type TakenLive } from './LiveScaleReading.js';
import type { LiveScale } from './useLiveScale.js';

const reading = (settling: Settling): LiveScale => ({
  is: 'reading',
  name: 'test scale',
  unit: 'lb/100',
  settling,
  samples: [{ atMs: 0, grams: settling.grams ?? 0 }],
});
const OUNCE = { unit: 'oz', count: 1 } as const;

function shown(state: LiveScale) {
  const taken: TakenLive[] = [];
  const props = {
    division: OUNCE,
    rounding: 'down' as const,
    what: 'fish' as const,
    onTaken: (each: TakenLive) => taken.push(each),
  };
  const { rerender } = render(<LiveScaleReading state={state} {...props} />);
  return { taken, then: (next: LiveScale) => rerender(<LiveScaleReading state={next} {...props} />) };
}

test('it takes the value once, by itself, when it has settled', () => {
  const { taken, then } = shown(reading({ steadiness: 'settling', grams: 10_700 }));
  expect(screen.getByRole('status')).toHaveTextContent('Settling');
  expect(taken).toEqual([]);
  const settled = { steadiness: 'settled' as const, grams: 10_744, uGrams: 4.26, freedom: 11 };
  then(reading(settled));
  then(reading({ ...settled, grams: 10_746 }));
  expect(screen.getByRole('status')).toHaveTextContent('Settled');
  expect(screen.getByText('23 lb 11 oz')).toBeVisible();
  expect(taken).toEqual([
    {
      asRead: { unit: 'oz', count: 379 },
      sent: { unit: 'lb/100', count: 2369 },
      settledGrams: 10_744,
      // The step of an ounce, and of a hundredth of a pound on top, each over the root of twelve.
      steadyGrams: 4.3,
      steadyFreedom: 11,
      resolutionGrams: 8.3,
      support: 'hung',
    },
  ]);
});

test('a fish that moves is waited for', () => {
  const { taken } = shown(reading({ steadiness: 'moving', grams: 10_744, uGrams: 90 }));
  expect(screen.getByRole('status')).toHaveTextContent('Fish moving');
  expect(taken).toEqual([]);
});

test.each([
  [/I hold the loop/, 'loop'],
  [/my hand is round it/, 'cupped'],
])(
  'a scale held by hand takes nothing by itself; a tap takes it and says where the hand is: %s',
  async (name, support) => {
    const { taken } = shown(reading({ steadiness: 'held', grams: 10_744, uGrams: 40 }));
    expect(screen.getByText(/A hand round the body of the scale adds/)).toBeVisible();
    expect(taken).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name }));
    expect(taken).toMatchObject([{ support }]);
  },
);

test('nothing on the hook, looking, and failing are said', () => {
  const { then } = shown(reading({ steadiness: 'empty' }));
  expect(screen.getByRole('status')).toHaveTextContent('Nothing on the hook');
  then({ is: 'connecting', name: 'test scale' });
  expect(screen.getByRole('status')).toHaveTextContent('Looking for the test scale');
  then({ is: 'failed', why: 'The scale has gone.' });
  expect(screen.getByRole('alert')).toHaveTextContent('The scale has gone. Set it by hand below.');
});
