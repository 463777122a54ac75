import { render } from '@testing-library/react';
import type { CaptureEvent } from '@keeper/core/capture/event';
import { emptyStory, type CaptureStory } from '@keeper/core/capture/story';
import type { OutingSummary } from '@keeper/core/outing/story';
import { useOutingBound } from './useOutingBound.js';

const mockRecorded: CaptureEvent[] = [];
let mockOutings: OutingSummary[] = [];
jest.mock('./keeper.js', () => ({
  makeEvent: (_id: string, _at: string, type: string, payload: object) => ({ type, payload }),
  record: (events: CaptureEvent[]) => Promise.resolve(mockRecorded.push(...events)),
}));
jest.mock('./useOuting.js', () => ({ useOutings: () => mockOutings }));

const TAKE_MS = Date.UTC(2026, 5, 1, 5);
const outing: OutingSummary = {
  outingId: 'o1',
  waterId: 'mere',
  swimId: 'reeds',
  expected: [],
  calledOff: false,
  companions: 0,
  runsDropped: 0,
  note: null,
  fromMs: TAKE_MS - 3_600_000,
  toMs: TAKE_MS + 12 * 3_600_000,
  endedAt: null,
};
const fish: CaptureStory = { ...emptyStory('c1'), startedAt: new Date(TAKE_MS).toISOString(), outcome: 'open' };

function Run({ story }: { story: CaptureStory }) {
  useOutingBound(story);
  return null;
}

beforeEach(() => {
  mockRecorded.length = 0;
  mockOutings = [];
});

test('a fish begun before the outings were read is bound to its own once they are, and once only', () => {
  const { rerender } = render(<Run story={fish} />);
  expect(mockRecorded).toEqual([]);
  mockOutings = [outing];
  rerender(<Run story={fish} />);
  rerender(<Run story={{ ...fish }} />);
  expect(mockRecorded).toEqual([
    { type: 'outing-bound', payload: { outingId: 'o1', swimId: 'reeds', waterId: 'mere' } },
  ]);
});

test.each<[string, Partial<CaptureStory>]>([
  ['one that has its outing', { outingId: 'o2' }],
  ['one that is over', { outcome: 'released' }],
  ['one of another water', { facts: { waterId: 'pit' } }],
  ['one that was hooked on another day', { startedAt: '2026-06-03T05:00:00.000Z' }],
])('%s is left alone', (_, other) => {
  mockOutings = [outing];
  render(<Run story={{ ...fish, ...other }} />);
  expect(mockRecorded).toEqual([]);
});
