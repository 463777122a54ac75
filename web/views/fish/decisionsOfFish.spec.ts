import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import { decisionsOfFish } from './decisionsOfFish.js';

const said = (eventId: string, captureId: string, fishId: string | null, decisionId?: string): IdentityDecision => ({
  eventId,
  captureId,
  fishId,
  says: fishId ? 'same' : 'unsure',
  at: '2026-05-01',
  takenBackAt: null,
  ...(decisionId && { decisionId }),
});

test('all that was said of catches that were ever this fish, newest first, in one go what was decided in one go', () => {
  const all = [
    said('1', 'a', 'notch'),
    said('2', 'b', 'penny'),
    said('3', 'b', 'notch', 'merge'),
    said('4', 'c', 'notch', 'merge'),
    said('5', 'c', null),
    said('6', 'd', 'penny'),
  ];
  const found = decisionsOfFish(all, 'notch').map(({ decisions }) => decisions.map(({ eventId }) => eventId));
  expect(found).toEqual([['5'], ['3', '4'], ['2'], ['1']]);
  expect(decisionsOfFish(all, 'nobody')).toEqual([]);
});
