import { replay } from '../capture/replay.js';
import { summaryOf } from '../capture/summary.js';
import { cleanCapture, event } from '../../spec/events.js';
import { identityDecisions } from './identityDecision.js';
import { heaviestOf, knownFish, lastOf } from './knownFish.js';

const A = '01990000-0000-7000-8000-00000000000a';
const B = '01990000-0000-7000-8000-00000000000b';

const summary = (captureId: string, day: string, fishId: string | null, netGrams: number | null = null) => ({
  ...summaryOf(replay(captureId, cleanCapture())),
  captureId,
  startedAt: day,
  fishId,
  netGrams,
});

test('captures are put to their fish, oldest first; who was seen last comes first; the open ones are left out', () => {
  const register = knownFish([
    summary('3', '2026-03-01', A, 9000),
    summary('1', '2026-01-01', A, 9500),
    summary('2', '2026-02-01', B),
    summary('4', '2026-04-01', null),
  ]);
  expect(register.map(({ fishId, captures }) => [fishId, captures.map(({ captureId }) => captureId)])).toEqual([
    [A, ['1', '3']],
    [B, ['2']],
  ]);
  const [first, second] = register;
  expect(first && [lastOf(first).captureId, heaviestOf(first)?.captureId]).toEqual(['3', '1']);
  expect(second && heaviestOf(second)).toBeUndefined();
});

test('a wrong "same" taken back later stays in the history, and the capture is who it was before', () => {
  const begun = event('identified', 1000, { says: 'new', fishId: A });
  const wrong = event('identified', 2000, { says: 'same', fishId: B });
  const back = event('undone', 700_000_000, { eventId: wrong.id });
  const log = [...cleanCapture(), begun, wrong, back];
  expect(identityDecisions([...log, wrong])).toMatchObject([
    { says: 'new', fishId: A, takenBackAt: null },
    { says: 'same', fishId: B, at: wrong.at, takenBackAt: back.at },
  ]);
  expect(summaryOf(replay('c', log)).fishId).toBe(A);
});

test('"another fish than that" changes nothing about who it is', () => {
  const by = { sha256: 'a', captureId: 'other', otherSha: 'b', score: 0.3, probability: 0.4 };
  const named = event('identified', 1000, { says: 'new', fishId: A });
  const other = event('identified', 2000, { says: 'different', fishId: null, by });
  const told = replay('c', [...cleanCapture(), named, other]);
  expect([told.identity?.fishId, told.notSameAs]).toEqual([A, ['other']]);
});
