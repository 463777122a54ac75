import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { currentOuting } from './useOuting.js';

jest.mock('./record.js', () => ({}));
jest.mock('./useCapture.js', () => ({}));

const HOUR = 3_600_000;
const NOW = 1000 * HOUR;
const outing = (outingId: string, fromHour: number, toHour: number, endedAt: string | null = null): OutingSummary => ({
  outingId,
  waterId: 'w',
  swimId: null,
  expected: [],
  calledOff: false,
  companions: 0,
  runsDropped: 0,
  fished: [],
  note: null,
  endedAt,
  fromMs: NOW + fromHour * HOUR,
  toMs: NOW + toHour * HOUR,
});

test.each([
  ['the one under way', [outing('planned', 48, 60), outing('on', -2, 8), outing('old', -200, -190)], 'on'],
  ['one that should have ended an hour ago', [outing('late', -9, -1)], 'late'],
  ['the next that is planned', [outing('far', 90, 99), outing('next', 48, 60)], 'next'],
  ['the newest that was never ended', [outing('a', -100, -90), outing('b', -200, -190)], 'a'],
  ['none when all are ended', [outing('a', -2, 8, 'then')], undefined],
])('%s', (_, outings, id) => {
  expect(currentOuting(outings, NOW)?.outingId).toBe(id);
});
