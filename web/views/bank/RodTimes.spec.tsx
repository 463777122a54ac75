import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import type { RodSpell } from '@keeper/core/domain/outing/rods';
import { localInput } from '../../parts/when.js';
import { RodTimes } from './RodTimes.js';

interface Told {
  readonly type: string;
  readonly payload: { readonly when?: string; readonly eventId?: string };
}
const kept: Told[] = [];
jest.mock('../../data/record.js', () => ({
  makeOutingEvent: (_: string, type: string, payload: object) => ({ type, payload }),
  record: (events: Told[]) => Promise.resolve(kept.push(...events)),
}));

const FROM_MS = new Date(2026, 5, 6, 5, 12, 40).getTime();
const TO_MS = FROM_MS + 3_600_000;
const spell: RodSpell = {
  rod: 1,
  setup: { bait: 'Bread' },
  swimId: null,
  fromMs: FROM_MS,
  toMs: TO_MS,
  castId: 'c',
  inId: 'i',
  endedBy: 'rested',
};

beforeEach(() => kept.splice(0));

/** Puts the times into the sheet and saves it. */
async function put(times: { cast?: string; in?: string }) {
  render(<RodTimes state={{ outingId: 'o' } as OutingState} spell={spell} />);
  await userEvent.click(screen.getByRole('button', { name: 'Put right' }));
  const [cast, takenIn] = [screen.getByLabelText('Cast at'), screen.getByLabelText('Taken in at')];
  if (times.cast !== undefined) fireEvent.change(cast, { target: { value: times.cast } });
  if (times.in !== undefined) fireEvent.change(takenIn, { target: { value: times.in } });
  await userEvent.click(screen.getByRole('button', { name: 'Save the times' }));
}

test('the time that was not touched keeps its seconds', async () => {
  await put({ cast: localInput(FROM_MS - 600_000) });
  expect(kept.map(({ type, payload }) => [type, payload.when ?? payload.eventId])).toEqual([
    ['taken-back', 'c'],
    ['rod-out', new Date(2026, 5, 6, 5, 2).toISOString()],
    ['taken-back', 'i'],
    ['rod-in', new Date(TO_MS).toISOString()],
  ]);
});

test.each([
  ['no time at all', { in: '' }, 'Say day and time.'],
  ['a time to come', { cast: '2200-01-01T06:00' }, 'That is still to come. Say when it was.'],
  ['in before it was cast', { in: localInput(FROM_MS - 60_000) }, 'It came in before it was cast. Turn them round.'],
])('%s is refused with its reason, and nothing is written', async (_, times, sentence) => {
  await put(times);
  expect(screen.getByText(sentence)).toBeInTheDocument();
  expect(kept).toEqual([]);
});
