import { proofChecks, type ProofSeen } from './proofChecks.js';

const meeting = { identifier: 'Card 12', lengthOf: 'pinched', by: 'length' } as const;
const seen = (change: Partial<ProofSeen> = {}): ProofSeen => ({
  verdicts: [],
  headLeft: null,
  othersHeadLeft: [],
  ...change,
});
const seems = (check: string, of: ProofSeen) => proofChecks(meeting, of).find((each) => each.check === check)?.seems;

test('what is asked follows the meeting: no identifier, no board, nothing to ask of them', () => {
  const asks = (change: Partial<Parameters<typeof proofChecks>[0]>) =>
    proofChecks({ ...meeting, ...change }, seen()).map(({ check }) => check);
  expect(asks({})).toEqual(['identifier', 'mouth-shut', 'tail-on-mark', 'gill-cover', 'nose-light', 'same-way']);
  expect(asks({ identifier: null })).not.toContain('identifier');
  expect(asks({ by: 'weight' })).toEqual(['identifier', 'gill-cover', 'nose-light', 'same-way']);
});

test('hand and shadow are as the picture was found; what no machine sees is left to the eye', () => {
  const verdicts = [
    { check: 'hand', good: false },
    { check: 'shadow', good: true },
  ] as const;
  expect(seems('gill-cover', seen({ verdicts }))).toBe('bad');
  expect(seems('nose-light', seen({ verdicts }))).toBe('good');
  expect(seems('gill-cover', seen())).toBeNull();
  expect(seems('identifier', seen({ verdicts }))).toBeNull();
});

test('the same way round as all the others, where there are others and a fish is seen', () => {
  expect(seems('same-way', seen({ headLeft: true }))).toBeNull();
  expect(seems('same-way', seen({ othersHeadLeft: [true] }))).toBeNull();
  expect(seems('same-way', seen({ headLeft: true, othersHeadLeft: [true, true] }))).toBe('good');
  expect(seems('same-way', seen({ headLeft: true, othersHeadLeft: [true, false] }))).toBe('bad');
});
