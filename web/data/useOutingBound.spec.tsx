import { render } from '@testing-library/react';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { emptyCapture, type CaptureState } from '@keeper/core/domain/capture/captureState';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import { replayOuting, type OutingSummary } from '@keeper/core/domain/outing/outingState';
import { useOutingBound } from './useOutingBound.js';

const mockRecorded: CaptureEvent[] = [];
let mockOutings: OutingSummary[] = [];
jest.mock('./record.js', () => ({
  makeEvent: (_id: string, _at: string, type: string, payload: object) => ({ type, payload }),
  record: (events: CaptureEvent[]) => Promise.resolve(mockRecorded.push(...events)),
}));
let mockLog = replayOuting('', []);
jest.mock('./useOuting.js', () => ({ useOutings: () => mockOutings, useOuting: () => ({ state: mockLog }) }));
jest.mock('./rows.js', () => ({ useSwims: () => [], useWaters: () => [] }));

const TAKE_MS = Date.UTC(2026, 5, 1, 5);
const outing: OutingSummary = {
  outingId: 'o1',
  waterId: 'mere',
  swimId: 'reeds',
  expected: [],
  calledOff: false,
  companions: 0,
  runsDropped: 0,
  fished: [],
  note: null,
  fromMs: TAKE_MS - 3_600_000,
  toMs: TAKE_MS + 12 * 3_600_000,
  endedAt: null,
};
const fish: CaptureState = { ...emptyCapture('c1'), startedAt: new Date(TAKE_MS).toISOString(), outcome: 'open' };

function Run({ state }: { state: CaptureState }) {
  useOutingBound(state);
  return null;
}

beforeEach(() => {
  mockRecorded.length = 0;
  mockOutings = [];
  mockLog = replayOuting('', []);
});

test('a fish begun before the outings were read is bound to its own once they are, and once only', () => {
  const { rerender } = render(<Run state={fish} />);
  expect(mockRecorded).toEqual([]);
  mockOutings = [outing];
  rerender(<Run state={fish} />);
  rerender(<Run state={{ ...fish }} />);
  expect(mockRecorded).toEqual([
    { type: 'outing-bound', payload: { outingId: 'o1', swimId: 'reeds', waterId: 'mere' } },
  ]);
});

test.each<[string, Partial<CaptureState>]>([
  ['one that has its outing and its conditions', { outingId: 'o2', conditions: { companions: 0 } }],
  ['one whose outing cannot be read yet', { outingId: 'o2' }],
  ['one that is over', { outcome: 'released' }],
  ['one of another water', { facts: { waterId: 'pit' } }],
  ['one that was hooked on another day', { startedAt: '2026-06-03T05:00:00.000Z' }],
])('%s is left alone', (_, other) => {
  mockOutings = [outing];
  render(<Run state={{ ...fish, ...other }} />);
  expect(mockRecorded).toEqual([]);
});

test('what the outing knew of water and company is kept with a fish that was begun before its log was read', () => {
  const unread = { ...fish, outingId: 'o1' };
  const { rerender } = render(<Run state={unread} />);
  expect(mockRecorded).toEqual([]);
  const at = new Date(TAKE_MS - 60_000).toISOString();
  const head = { outingId: 'o1', deviceId: 'd', at };
  mockLog = replayOuting('o1', [
    {
      ...head,
      id: 'e1',
      type: 'outing-planned',
      payload: {
        waterId: 'mere',
        fromAt: at,
        toAt: new Date(TAKE_MS + 3_600_000).toISOString(),
        companions: 1,
        expected: [],
      },
    },
    { ...head, id: 'e2', type: 'swim-taken', payload: { swimId: 'reeds' } },
    { ...head, id: 'e3', type: 'condition-taken', payload: { source: 'hand', waterC: 16, depth: 'surface', when: at } },
  ] as OutingEvent[]);
  rerender(<Run state={unread} />);
  rerender(<Run state={{ ...unread }} />);
  const around = { waterC: 16, companions: 1 };
  expect(mockRecorded).toEqual([
    { type: 'outing-bound', payload: { outingId: 'o1', swimId: 'reeds', waterId: 'mere', around } },
  ]);
  rerender(<Run state={{ ...unread, conditions: around }} />);
  expect(mockRecorded).toHaveLength(1);
});
