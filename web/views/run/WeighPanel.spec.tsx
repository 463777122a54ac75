import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import '@testing-library/jest-dom';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FIRST_SETTINGS, type KeptSettings } from '@keeper/contract/preferences';
import { emptyCapture } from '@keeper/core/domain/capture/captureState';
import { poundsOunces, type Mass } from '@keeper/core/measure/mass';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';
import { WeighPanel } from './WeighPanel.js';

jest.mock('../../data/deviceOutbox.js', () => {
  const nothing = { events: [], rows: [], pictures: [], loaded: true };
  return { outbox: { subscribe: () => () => undefined, snapshot: () => nothing } };
});

function panel(settings: Partial<KeptSettings> = {}, current?: WeightReading) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  client.setQueryData(['settings', FIRST_KEEPER], { ...FIRST_SETTINGS, ...settings, revision: 1 });
  client.setQueryData(['kit'], []);
  const taken: WeightReading[] = [];
  const guessed: Mass[] = [];
  let later = 0;
  const state = { ...emptyCapture('c1'), facts: current ? { weight: current } : {} };
  render(
    <QueryClientProvider client={client}>
      <WeighPanel
        state={state}
        onSet={({ readAt, way, ...reading }) => {
          expect([way, typeof readAt]).toEqual(['set', 'string']);
          taken.push(reading);
        }}
        onGuess={(guess) => guessed.push(guess)}
        onPastTheEnd={() => undefined}
        onLater={() => (later += 1)}
      />
    </QueryClientProvider>,
  );
  const tap = async (...names: (string | RegExp)[]) => {
    for (const name of names) await userEvent.click(screen.getByRole('button', { name }));
  };
  return { taken, guessed, tap, laters: () => later };
}

beforeEach(() => localStorage.clear());

test('sets pounds and ounces by the keypad; ounces beyond fifteen begin anew', async () => {
  const { taken, tap } = panel();
  await tap('2', '3', /^Weight, ounces/, '1', '7', /^23 lb 7 oz/);
  expect(taken).toEqual([{ asRead: poundsOunces(23, 7), method: 'zeroed' }]);
});

test('steppers stop at nothing and at the most that a wheel holds', async () => {
  const { taken, tap } = panel();
  await tap('1', 'Weight: less ounces');
  expect(screen.getByRole('button', { name: 'Weight, ounces: 0' })).toBeVisible();
  for (let i = 0; i < 17; i += 1) await tap('Weight: more ounces');
  await tap(/^1 lb 15 oz/);
  expect(taken).toEqual([{ asRead: poundsOunces(1, 15), method: 'zeroed' }]);
});

test('a digit taken back, and a wheel chosen again begins anew', async () => {
  const { taken, tap } = panel();
  await tap('2', '3', 'Delete a digit', /^Weight, ounces/, '4', /^Weight, pounds/, '9', /^9 lb 4 oz/);
  expect(taken).toEqual([{ asRead: poundsOunces(9, 4), method: 'zeroed' }]);
});

test('nothing can be taken before it is set; later is always an answer', async () => {
  const { taken, tap, laters } = panel();
  expect(screen.getByRole('button', { name: /^Set it above/ })).toBeDisabled();
  await tap('Later');
  expect(laters()).toBe(1);
  expect(taken).toEqual([]);
});

test('grams go by tens on the stepper', async () => {
  const { taken, tap } = panel({ massUnit: 'g' });
  await tap('8', 'Weight: more grams', 'Weight: more grams', /^8\.02 kg/);
  expect(taken).toEqual([{ asRead: { unit: 'g', count: 8020 }, method: 'zeroed' }]);
});

describe('gross minus tare', () => {
  test('shows the net, and remembers the tare for the next fish', async () => {
    const first = panel({ weighMethod: 'gross-minus-tare' });
    await first.tap('2', '5', /^Tare, pounds/, '1', /^Tare, ounces/, '8', /^23 lb 8 oz/);
    expect(first.taken).toEqual([
      { asRead: poundsOunces(25, 0), tare: poundsOunces(1, 8), method: 'gross-minus-tare' },
    ]);
    document.body.innerHTML = '';
    const second = panel({ weighMethod: 'gross-minus-tare' });
    await second.tap('1', '0', /^8 lb 8 oz/);
    expect(second.taken[0]?.tare).toEqual(poundsOunces(1, 8));
  });

  test('without a tare the gross is kept, and the tare may come later', async () => {
    const { taken, tap } = panel({ weighMethod: 'gross-minus-tare' });
    await tap('2', '5', /the tare comes later/);
    expect(taken).toEqual([{ asRead: poundsOunces(25, 0), method: 'gross-minus-tare' }]);
  });

  test('a tare heavier than the gross is said so and cannot be taken', async () => {
    const { tap } = panel({ weighMethod: 'gross-minus-tare' });
    await tap('2', /^Tare, pounds/, '3');
    expect(screen.getByText(/The tare is heavier/)).toBeVisible();
    expect(screen.getByRole('button', { name: /take this weight/ })).toBeDisabled();
  });
});

test('a weight that was read already stands on the wheels, in the unit in which it was read', () => {
  panel({ massUnit: 'g' }, { asRead: { unit: 'quarter-oz', count: 1517 }, method: 'zeroed' });
  expect(screen.getByRole('button', { name: 'Weight, pounds: 23' })).toBeVisible();
  expect(screen.getByRole('button', { name: 'Weight, quarter ounces: 1' })).toBeVisible();
});

test('where a guess is wanted it is asked before the scale is read', async () => {
  const { guessed, tap, taken } = panel({ guessFirst: true });
  expect(screen.queryByRole('button', { name: /^Weight, pounds/ })).not.toBeInTheDocument();
  await tap('2', '2', /^Guess, ounces/, '8', /^I say 22 lb 8 oz/);
  expect(guessed).toEqual([poundsOunces(22, 8)]);
  await tap('2', '3', /^23 lb 0 oz/);
  expect(taken).toEqual([{ asRead: poundsOunces(23, 0), method: 'zeroed' }]);
});
