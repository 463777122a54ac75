import { UNTOLD_FISH, type FishTaken, type OutingFished, type RodMiss } from './fishingRecord.js';
import { LEAST_TAKES, tackleOutcomes } from './tackleOutcomes.js';

const some = (times: number, more: Partial<FishTaken>): FishTaken[] =>
  Array.from({ length: times }, () => ({ ...UNTOLD_FISH, rig: 'Hair', ...more }));
const miss = (kind: RodMiss['kind'], more: Partial<RodMiss> = {}): RodMiss => {
  return { rig: 'Hair', hook: null, bait: null, loss: null, kind, ...more };
};
const outing = (...missed: RodMiss[]): OutingFished => {
  return { outingId: 'o', waterId: null, fromMs: 0, expected: [], stretches: [], hours: [], missed };
};

test('takes, losses and holds of each rig are counted, and what had no page too', () => {
  const fish = [
    ...some(6, { hookHold: 'lip', hookEnd: 'out' }),
    ...some(1, { hookHold: 'deep', hookEnd: 'left-in' }),
    ...some(1, { outcome: 'died', hookHold: null, hookEnd: 'cut' }),
    ...some(2, { outcome: 'lost', loss: 'snagged' }),
    ...some(5, { rig: 'Zig' }),
    ...some(7, { rig: null }),
    // A notebook has no losses.
    ...some(90, { isFromBank: false }),
  ];
  const missed = [miss('run-dropped'), miss('bite-missed'), miss('fish-lost', { loss: 'hook-pulled' })];
  const [hair, zig, ...more] = tackleOutcomes({ fish, outings: [outing(...missed)] }, 'rig');
  expect(more).toEqual([]);
  expect(hair).toMatchObject({ name: 'Hair', takes: 13, landed: 8 });
  expect(hair?.losses).toEqual([
    { reason: 'snagged', times: 2 },
    { reason: 'hook-pulled', times: 1 },
  ]);
  const counts = Object.entries(hair?.mishaps ?? {}).map(([name, { times, of }]) => [name, times, of]);
  expect(counts).toEqual([
    ['missed', 2, 13],
    ['lost', 3, 11],
    ['deep', 1, 7],
    ['cut', 2, 8],
  ]);
  expect(hair?.mishaps.lost.others).toMatchObject({ times: 0, of: 5 });
  expect(zig).toMatchObject({ takes: 5, landed: 5 });
});

test('a rig is spoken of from so many takes on', () => {
  const rigs = (takes: number) => tackleOutcomes({ fish: some(takes, {}), outings: [] }, 'rig').length;
  expect([rigs(LEAST_TAKES - 1), rigs(LEAST_TAKES)]).toEqual([0, 1]);
});

test('one is worse when that is likely enough for all that is asked, and never by one mishap', () => {
  const lostOf = (lost: number, landed: number, rig: string) => [
    ...some(landed, { rig }),
    ...some(lost, { rig, outcome: 'lost' as const }),
  ];
  const worse = (lost: number) => {
    const fish = [...lostOf(lost, 20 - lost, 'A'), ...lostOf(2, 48, 'B')];
    return tackleOutcomes({ fish, outings: [] }, 'rig').find(({ name }) => name === 'A')?.mishaps.lost;
  };
  // 4 of 20 against 2 of 50 is not sure enough for eight questions, 6 of 20 is.
  expect(worse(4)).toMatchObject({ isWorse: false, chanceWorse: expect.closeTo(0.978, 2) });
  expect(worse(6)).toMatchObject({ isWorse: true });
  const once = [...lostOf(1, 4, 'A'), ...lostOf(0, 400, 'B')];
  const [, a] = tackleOutcomes({ fish: once, outings: [] }, 'rig');
  expect(a?.mishaps.lost).toMatchObject({ times: 1, isWorse: false });
  expect(a?.mishaps.lost.chanceWorse).toBeGreaterThan(0.99);
});

test('a rig is compared with those of its kind alone', () => {
  const pike = some(10, { rig: 'Trace', species: 'pike', hookEnd: 'cut' });
  const carp = some(40, { rig: 'Hair', species: 'carp', hookEnd: 'out' });
  const trace = (of: readonly FishTaken[]) =>
    tackleOutcomes({ fish: of, outings: [] }, 'rig').find(({ name }) => name === 'Trace');
  expect(trace([...pike, ...carp])?.mishaps.cut).toMatchObject({ isWorse: false, others: { of: 0 } });
  const other = some(40, { rig: 'Float', species: 'pike', hookEnd: 'out' });
  expect(trace([...pike, ...carp, ...other])).toMatchObject({
    kind: 'pike',
    mishaps: { cut: { isWorse: true, others: { of: 40 } } },
  });
});

test('with one rig alone nothing is compared', () => {
  const [only] = tackleOutcomes({ fish: some(9, { outcome: 'lost' }), outings: [] }, 'rig');
  expect(only?.mishaps.lost).toMatchObject({ chanceWorse: 0.5, isWorse: false });
  expect(tackleOutcomes({ fish: [], outings: [] }, 'bait')).toEqual([]);
});
