import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { emptyCapture, type CaptureState } from '@keeper/core/domain/capture/captureState';
import { totalLength } from '@keeper/core/domain/fish/bodyLength';
import type { Length } from '@keeper/core/measure/length';
import { poundsOunces } from '@keeper/core/measure/mass';
import type { Entry } from '@keeper/core/weighing/entry';
import { weighingOf } from '@keeper/core/domain/capture/weighingOf';
import { EntryQuestion, oddsText } from './EntryQuestion.js';

const mockRecorded: CaptureEvent[] = [];
let mockEntry: Entry | undefined;
jest.mock('../../data/record.js', () => ({
  makeEvent: (_id: string, _at: string, type: string, payload: object) => ({ type, payload }),
  record: (events: CaptureEvent[]) => Promise.resolve(mockRecorded.push(...events)),
}));
jest.mock('../../data/useWeighing.js', () => ({ useEntry: () => mockEntry }));

/** A carp of 80 cm, of about 20 lb. */
function state(facts: CaptureState['facts'], more: Partial<CaptureState> = {}): CaptureState {
  const length: Length = facts.length ?? { unit: 'half-cm', count: 160 };
  const whole = { species: 'carp' as const, ...facts, length };
  const made = { ...emptyCapture('c1'), startedAt: '2026-06-01T05:00:00.000Z', facts: whole, ...more };
  const reading = weighingOf(made);
  mockEntry = reading && {
    reading,
    species: 'carp',
    lengthMm: totalLength(length, 'carp').totalMm,
    girthMm: null,
    own: [],
    division: { unit: 'oz', count: 1 },
    slingGrams: 765,
    zeroSeen: false,
  };
  return made;
}

beforeEach(() => mockRecorded.splice(0));

const left = {
  weight: { asRead: poundsOunces(22, 0), method: 'zeroed' as const },
};
const sling = { slingAfter: { unit: 'oz' as const, count: 27 } };

test('a sling left on is told with what was seen; one tap takes it off and stands by the rest', async () => {
  render(<EntryQuestion state={state(left, sling)} />);
  const first = within(screen.getByRole('region', { name: 'Does it add up?' })).getAllByRole('listitem')[0];
  expect(first).toHaveTextContent('The sling was not taken off.');
  expect(first).toHaveTextContent('The zero was not tapped.');
  await userEvent.click(screen.getByRole('button', { name: 'Take 1 lb 11 oz of sling off' }));
  expect(mockRecorded).toEqual([
    {
      type: 'amended',
      payload: {
        facts: { weight: { asRead: poundsOunces(22, 0), method: 'gross-minus-tare', tare: poundsOunces(1, 11) } },
        why: 'The sling was not taken off.',
      },
    },
    { type: 'entry-kept', payload: {} },
  ]);
});

test('the keeper may stand by it, with a note', async () => {
  render(<EntryQuestion state={state(left, sling)} />);
  await userEvent.type(screen.getByLabelText('A note, if you like'), 'Weighed twice.');
  await userEvent.click(screen.getByRole('button', { name: 'It is right as it stands' }));
  expect(mockRecorded).toEqual([{ type: 'entry-kept', payload: { note: 'Weighed twice.' } }]);
});

test('kilograms as pounds become kilograms', async () => {
  render(<EntryQuestion state={state({ weight: { asRead: { unit: 'lb/100', count: 920 }, method: 'zeroed' } })} />);
  await userEvent.click(screen.getByRole('button', { name: 'Make it 9.20 kg' }));
  expect(mockRecorded[0]).toMatchObject({
    payload: { facts: { weight: { asRead: { unit: 'g', count: 9200 }, method: 'zeroed' } } },
  });
});

test('inches that were centimetres become centimetres', async () => {
  const weight = { asRead: poundsOunces(20, 5), method: 'zeroed' as const };
  render(<EntryQuestion state={state({ weight, length: { unit: 'quarter-in', count: 320 } })} />);
  await userEvent.click(screen.getByRole('button', { name: 'Make it 80.0 cm' }));
  expect(mockRecorded[0]).toMatchObject({ payload: { facts: { length: { unit: 'half-cm', count: 160 } } } });
});

test('nothing is asked of an entry that fits, that was stood by, or that has no weight', () => {
  const fits = state({ weight: { asRead: poundsOunces(20, 5), method: 'zeroed' } });
  mockEntry = mockEntry && { ...mockEntry, zeroSeen: true };
  const { container, rerender } = render(<EntryQuestion state={fits} />);
  expect(container).toBeEmptyDOMElement();
  rerender(<EntryQuestion state={state(left, { ...sling, entryKept: { note: null } })} />);
  expect(container).toBeEmptyDOMElement();
  rerender(<EntryQuestion state={state({})} />);
  expect(container).toBeEmptyDOMElement();
});

test.each([
  [0.99, 'almost certain'],
  [0.71, 'about 7 in 10'],
  [0.05, 'about 1 in 20'],
])('%d is said as %s', (probability, says) => expect(oddsText(probability)).toBe(says));
