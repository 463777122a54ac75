import fc from 'fast-check';
import { anyHistory, CAPTURE, cleanCapture, event } from '../../spec/events.js';
import { poundsOunces } from '../../measure/mass.js';
import { clocksAt } from './clocks.js';
import { longGapSince } from './longGap.js';
import { canHappen } from './steps.js';
import { missingThings } from './missing.js';
import { netOf } from './captureState.js';
import { replay } from './replay.js';
import { summaryOf } from './summary.js';

const told = (events: Parameters<typeof replay>[1]) => replay(CAPTURE, events);
const zeroed = (pounds: number, ounces: number) => ({
  asRead: poundsOunces(pounds, ounces),
  method: 'zeroed' as const,
});

describe('a clean capture', () => {
  const state = told(cleanCapture());
  test('has its spells of water and air', () => {
    expect(state.spells.map(({ medium, fromMs, toMs }) => [medium, fromMs, toMs])).toEqual([
      ['water', 0, 360_000],
      ['air', 360_000, 400_000],
      ['water', 400_000, 460_000],
      ['air', 460_000, 480_000],
      ['water', 480_000, 540_000],
    ]);
    expect(state.outcome).toBe('released');
    expect(state.airComplete).toBe(true);
  });
  test('has its clocks, and they stop at the release', () => {
    expect(clocksAt(state, 9_000_000)).toEqual({
      elapsedMs: 540_000,
      fightMs: 300_000,
      airMs: 60_000,
      airNowMs: 0,
      longestAirMs: 40_000,
      waterMs: 480_000,
      medium: 'water',
    });
  });
});

describe('whatever happens', () => {
  test('air and water add up to the elapsed time, and no total is negative', () => {
    fc.assert(
      fc.property(anyHistory, fc.integer({ min: 0, max: 20_000_000 }), (events, nowMs) => {
        const clocks = clocksAt(told(events), nowMs);
        expect(clocks.airMs + clocks.waterMs).toBe(clocks.elapsedMs);
        for (const ms of [clocks.airMs, clocks.waterMs, clocks.fightMs, clocks.airNowMs])
          expect(ms).toBeGreaterThanOrEqual(0);
        expect(clocks.longestAirMs).toBeLessThanOrEqual(clocks.airMs);
      }),
    );
  });
  test('order of arrival and repeats change nothing', () => {
    fc.assert(
      fc.property(
        anyHistory.chain((events) =>
          fc.tuple(fc.constant(events), fc.shuffledSubarray([...events, ...events], { minLength: 0 })),
        ),
        ([events, some]) => {
          expect(told([...some, ...events.toReversed()])).toEqual(told(events));
        },
      ),
    );
  });
  test('undo is an exact inverse', () => {
    fc.assert(
      fc.property(
        anyHistory,
        fc.constantFrom('lifted' as const, 'returned' as const, 'released' as const),
        (events, type) => {
          const lastMs = Math.max(...events.map((each) => each.elapsedMs));
          const tap = event(type, lastMs + 1);
          const undo = event('undone', lastMs + 2, { eventId: tap.id });
          expect(told([...events, tap, undo])).toEqual(told(events));
        },
      ),
    );
  });
});

test('weighing with no lift noted makes the air time a lower bound', () => {
  expect(told([event('hooked', 0), event('weighed', 9)]).airComplete).toBe(false);
});

test('a discarded start is no fish', () => {
  expect(told([event('hooked', 0), event('discarded', 5000)]).outcome).toBe('discarded');
});

describe('corrections', () => {
  const reading = event('reading-taken', 380_000, { weight: zeroed(23, 11) });
  const amendment = event('amended', 900_000, { facts: { weight: zeroed(22, 11) }, why: 'The sling was not zeroed.' });
  test('an amended weight shows what it was, when and why', () => {
    const state = told([...cleanCapture(), reading, amendment]);
    expect(netOf(state)).toEqual(poundsOunces(22, 11));
    expect(state.amendments).toEqual([
      {
        eventId: amendment.id,
        at: amendment.at,
        field: 'weight',
        from: zeroed(23, 11),
        to: zeroed(22, 11),
        why: 'The sling was not zeroed.',
      },
    ]);
  });
  test('noting the same fact again is no correction; another value is', () => {
    const pike = event('described', 600_000, { facts: { species: 'pike' } });
    const again = event('described', 700_000, { facts: { species: 'pike' } });
    const carp = event('described', 800_000, { facts: { species: 'carp' } });
    expect(told([pike, again]).amendments).toHaveLength(0);
    expect(told([pike, carp]).amendments).toMatchObject([{ field: 'species', from: 'pike', to: 'carp' }]);
  });
  test('a gross reading that gets its tare is finished, not corrected', () => {
    const gross = { asRead: poundsOunces(25, 3), method: 'gross-minus-tare' as const };
    const whole = event('described', 900_000, { facts: { weight: { ...gross, tare: poundsOunces(1, 8) } } });
    const state = told([event('reading-taken', 380_000, { weight: gross }), whole]);
    expect(netOf(state)).toEqual(poundsOunces(23, 11));
    expect(state.amendments).toEqual([]);
  });
  test('a fact can be struck out', () => {
    const state = told([reading, event('amended', 900_000, { facts: { weight: null }, why: 'Not this fish.' })]);
    expect(netOf(state)).toBeUndefined();
    expect(state.amendments).toHaveLength(1);
  });
});

test('pictures are kept once, and the portrait stands for the fish', () => {
  const state = told([
    event('picture-added', 1, { sha256: 'a' }),
    event('picture-added', 2, { sha256: 'a' }),
    event('picture-added', 3, { sha256: 'b', role: 'portrait' }),
    event('picture-added', 4, { sha256: 'c' }),
    event('picture-removed', 5, { sha256: 'c', why: 'Blurred.' }),
  ]);
  expect(state.pictures.map((picture) => picture.sha256)).toEqual(['a', 'b']);
  expect(summaryOf(state).pictures).toEqual([
    { sha256: 'b', role: 'portrait', view: null },
    { sha256: 'a', role: null, view: null },
  ]);
});

test('who it is, is what the keeper said last and has not taken back', () => {
  const id = '01990000-0000-7000-8000-00000000f15b';
  const said = event('identified', 700_000, { says: 'same', fishId: id });
  const open = event('identified', 600_000, { says: 'unsure', fishId: null });
  expect(told(cleanCapture()).identity).toBeNull();
  expect(told([...cleanCapture(), open, said]).identity).toEqual({ says: 'same', fishId: id, eventId: said.id });
  const back = event('undone', 800_000, { eventId: said.id });
  expect(told([...cleanCapture(), open, said, back]).identity).toMatchObject({ says: 'unsure', fishId: null });
});

test('what is missing is asked in order, and a lost fish only where it was', () => {
  expect(missingThings(told(cleanCapture()))).toEqual(['species', 'weight', 'length', 'picture']);
  expect(missingThings(told([event('hooked', 0), event('lost', 60_000)]))).toEqual(['water']);
  const gross = { asRead: poundsOunces(25, 3), method: 'gross-minus-tare' as const };
  expect(missingThings(told([...cleanCapture(), event('reading-taken', 381_000, { weight: gross })]))).toContain(
    'tare',
  );
});

test('a summary depends on the events alone', () => {
  const summary = summaryOf(told([...cleanCapture(), event('reading-taken', 381_000, { weight: zeroed(23, 11) })]));
  expect(summary).toMatchObject({
    net: poundsOunces(23, 11),
    airMs: 60_000,
    longestAirMs: 40_000,
    waterId: 'w1',
    pictures: [],
  });
  expect(summary.netGrams).toBeCloseTo(10744.4693, 3);
});

describe('a run that was left alone', () => {
  const lifted = [event('hooked', 0), event('netted', 300_000), event('lifted', 360_000)];
  const told = (says: 'back-soon' | 'back-at' | 'still-here' | 'not-known', backMs?: number) =>
    replay(CAPTURE, [
      ...lifted,
      event('gap-told', 7_560_000, { says, fromMs: 360_000, ...(backMs !== undefined && { backMs }) }),
    ]);
  const airMs = (state: ReturnType<typeof replay>) => clocksAt(state, 7_600_000).airMs;

  test('asks after ten minutes in the air, and after six hours in the water', () => {
    const state = replay(CAPTURE, lifted);
    expect(longGapSince(state, 360_000 + 600_000)).toBeUndefined();
    expect(longGapSince(state, 360_000 + 600_001)).toBe(360_000);
    const netted = replay(CAPTURE, lifted.slice(0, 2));
    expect(longGapSince(netted, 300_000 + 21_600_000)).toBeUndefined();
    expect(longGapSince(netted, 300_000 + 21_600_001)).toBe(300_000);
    expect(longGapSince(replay(CAPTURE, [...lifted, event('released', 400_000)]), 9e9)).toBeUndefined();
  });

  test('a sign that was seen meanwhile is a tap; writing at the desk is none', () => {
    const seen = replay(CAPTURE, [...lifted, event('seen', 900_000, { sign: 'calm' })]);
    expect(seen.lastTapMs).toBe(900_000);
    expect(replay(CAPTURE, [...lifted, event('described', 900_000, { facts: { note: 'x' } })]).lastTapMs).toBe(360_000);
  });

  test('gone back soon after, or nobody knows: the air time is what was tapped, and at least that', () => {
    for (const says of ['back-soon', 'not-known'] as const) {
      const state = told(says);
      expect(state).toMatchObject({ outcome: 'released', endMs: 360_000, airComplete: false });
      expect(airMs(state)).toBe(0);
    }
  });

  test('gone back at a time that is known: the air time ends there', () => {
    const state = told('back-at', 390_000);
    expect(state).toMatchObject({ outcome: 'released', endMs: 390_000, airComplete: true });
    expect(airMs(state)).toBe(30_000);
  });

  test('still here: the clocks go on, and it is not asked again at once', () => {
    const state = told('still-here');
    expect(state).toMatchObject({ outcome: 'open', endMs: null, lastTapMs: 7_560_000 });
    expect(longGapSince(state, 7_600_000)).toBeUndefined();
  });
});

describe('a time that is put right', () => {
  const taps = cleanCapture();
  const released = taps.at(-1)?.id ?? '';
  const returned = taps.find(({ type, elapsedMs }) => type === 'returned' && elapsedMs === 400_000)?.id ?? '';

  test('moves the tap, keeps what it was with the reason, and the clocks follow', () => {
    const state = replay(CAPTURE, [
      ...taps,
      event('time-amended', 900_000, { eventId: returned, toMs: 385_000, why: 'tapped late' }),
    ]);
    expect(clocksAt(state, 0).airMs).toBe(45_000);
    expect(state.timeAmendments).toMatchObject([
      { of: { eventId: returned, type: 'returned' }, fromMs: 400_000, toMs: 385_000, why: 'tapped late' },
    ]);
  });

  test('the last correction counts, each stays, and one that was taken back does not', () => {
    const first = event('time-amended', 900_000, { eventId: released, toMs: 600_000, why: 'a' });
    const second = event('time-amended', 901_000, { eventId: released, toMs: 500_000, why: 'b' });
    const state = replay(CAPTURE, [...taps, first, second]);
    expect(state.endMs).toBe(500_000);
    expect(state.timeAmendments.map(({ fromMs, toMs }) => [fromMs, toMs])).toEqual([
      [540_000, 600_000],
      [600_000, 500_000],
    ]);
    expect(replay(CAPTURE, [...taps, first, second, event('undone', 902_000, { eventId: second.id })]).endMs).toBe(
      600_000,
    );
  });

  test('the take itself is not moved, nor what is not there', () => {
    const take = taps[0]?.id ?? '';
    const state = replay(CAPTURE, [
      ...taps,
      event('time-amended', 900_000, { eventId: take, toMs: 5000, why: 'x' }),
      event('time-amended', 901_000, { eventId: '01930000-0000-7000-8000-00000000ffff', toMs: 5000, why: 'x' }),
    ]);
    expect(state.timeAmendments).toEqual([]);
    expect(state.endMs).toBe(540_000);
  });
});

test('a fish begun before its outing was read is bound to it, once', () => {
  const state = replay(CAPTURE, [
    event('hooked', 0),
    event('outing-bound', 1000, { outingId: 'o1', swimId: 's1', waterId: 'w1' }),
    event('outing-bound', 2000, { outingId: 'o2' }),
  ]);
  expect(state).toMatchObject({ outingId: 'o1', swimId: 's1', facts: { waterId: 'w1' } });
});

test.each<[string, object, object, object]>([
  [
    'nothing was known at the take',
    {},
    { outingId: 'o1', around: { waterC: 16, companions: 1 } },
    { waterC: 16, companions: 1 },
  ],
  [
    'what was known at the take stands',
    { outingId: 'o1', around: { companions: 0 } },
    { outingId: 'o1', around: { waterC: 16, companions: 1 } },
    { companions: 0 },
  ],
  [
    'its outing was known, and nothing else',
    { outingId: 'o1' },
    { outingId: 'o1', around: { companions: 2 } },
    { companions: 2 },
  ],
  ['what another outing says is not its', { outingId: 'o1' }, { outingId: 'o2', around: { companions: 2 } }, {}],
])('the conditions of an outing that was read late: %s', (_, hooked, bound, around) => {
  const state = replay(CAPTURE, [
    event('hooked', 0, hooked),
    event('outing-bound', 1000, bound as { outingId: string }),
  ]);
  expect(state).toMatchObject({ outingId: 'o1' });
  expect(state.conditions).toEqual(around);
});

test('off the rig the hook is still in', () => {
  const state = replay(CAPTURE, [event('hooked', 0), event('netted', 1000), event('off-rig', 2000)]);
  expect(state.hookEnd).toBeNull();
  expect(canHappen(state, 'hook-out')).toBe(true);
  expect(canHappen(state, 'off-rig')).toBe(false);
});

describe('straight back', () => {
  const netted = [event('hooked', 0), event('netted', 60_000)];
  test('it has gone, and nothing that was not wanted is missing', () => {
    const state = told([...netted, event('released', 70_000, { straight: true })]);
    expect(state).toMatchObject({ outcome: 'released', straightBack: true, endMs: 70_000 });
    expect(missingThings(state)).toEqual(['species', 'water']);
    expect(summaryOf(state)).toMatchObject({ straightBack: true, writtenUp: false });
  });
  test('named and placed it waits for no paper', () => {
    const facts = { species: 'pike', waterId: 'w1' } as const;
    const state = told([
      ...netted,
      event('released', 70_000, { straight: true }),
      event('described', 80_000, { facts }),
    ]);
    expect(summaryOf(state).writtenUp).toBe(true);
    const plain = told([...netted, event('released', 70_000), event('described', 80_000, { facts })]);
    expect(plain.straightBack).toBe(false);
    expect(summaryOf(plain).writtenUp).toBe(false);
  });
});

test('a picture taken in the water asks for no lift; one whose place was not said does', () => {
  const pictured = (payload: { in?: 'water' }) =>
    told([event('hooked', 0), event('netted', 1000), event('pictured', 2000, payload)]).airComplete;
  expect(pictured({ in: 'water' })).toBe(true);
  expect(pictured({})).toBe(false);
});

test('past the end of the scale its length answers for its weight', () => {
  const over = { overScale: poundsOunces(110, 0) };
  const length = { unit: 'half-cm', count: 400 } as const;
  const state = (facts: object) => told([...cleanCapture(), event('described', 600_000, { facts })]);
  expect(missingThings(state(over))).toContain('weight');
  expect(missingThings(state({ ...over, length }))).not.toContain('weight');
  expect(summaryOf(state({ ...over, girth: { unit: 'half-cm', count: 170 } }))).toMatchObject({
    girthMm: 850,
    net: null,
  });
});

describe('when and where it was, put right', () => {
  const moved = '2026-05-31T04:00:00.000Z';
  const amended = event('amended', 600_000, {
    facts: { taken: { at: moved }, swimId: 's2', outingId: null },
    why: 'The wrong day.',
  });
  const hooked = event('hooked', 0, { outingId: 'o1', swimId: 's1', waterId: 'w1' });
  test('it stands where it was put, its clocks and its log as they were', () => {
    const before = told([hooked, event('released', 540_000)]);
    const after = told([hooked, event('released', 540_000), amended]);
    expect(after).toMatchObject({
      startedAt: moved,
      begunAt: before.begunAt,
      swimId: 's2',
      outingId: null,
      endMs: 540_000,
    });
    expect(summaryOf(after)).toMatchObject({ startedAt: moved, begunAt: before.begunAt, swimId: 's2', outingId: null });
    expect(after.facts).toEqual({ waterId: 'w1' });
    expect(after.amendments.map(({ field, from, to }) => [field, from, to])).toEqual([
      ['swimId', 's1', 's2'],
      ['outingId', 'o1', null],
      ['taken', { at: before.startedAt }, { at: moved }],
    ]);
  });
  test('taken back, it is as it was tapped', () => {
    const state = told([hooked, amended, event('undone', 700_000, { eventId: amended.id })]);
    expect(state).toMatchObject({ startedAt: state.begunAt, swimId: 's1', outingId: 'o1', amendments: [] });
  });
  test('a moment takes the place of a day that was known roughly, and the other way round', () => {
    const dated = { as: 'month', from: '2019-06-01', to: '2019-06-30' } as const;
    const remembered = event('hooked', 0, { from: 'memory', dated });
    const exact = event('amended', 1, { facts: { taken: { at: moved } }, why: 'Found the diary.' });
    expect(told([remembered]).dated).toEqual(dated);
    expect(told([remembered, exact])).toMatchObject({ dated: null, startedAt: moved });
    const roughly = event('amended', 2, { facts: { taken: { at: moved, dated } }, why: 'It was another.' });
    expect(told([remembered, exact, roughly])).toMatchObject({ dated, startedAt: moved });
  });
});

test('what it took on, told another way once it is away, is a correction; before, or told the same, it is none', () => {
  const telling = (elapsedMs: number, bait: string) => event('rod-told', elapsedMs, { rod: 1, bait });
  const log = [event('hooked', 0), telling(10, 'Corn'), telling(20, 'Boilie'), event('released', 30)];
  expect(told(log).rodCorrections).toEqual([]);
  expect(told([...log, telling(40, 'Boilie')]).rodCorrections).toEqual([]);
  const again = telling(50, 'Tiger nut');
  expect(told([...log, again]).rodCorrections).toMatchObject([
    { eventId: again.id, from: { bait: 'Boilie' }, to: { bait: 'Tiger nut' } },
  ]);
});

test('a picture that was moved or deleted for good is gone from the fish, and the log says so', () => {
  const [moved, deleted] = [
    event('picture-removed', 5, { sha256: 'a', why: 'The other fish.', movedTo: 'c2' }),
    event('picture-deleted', 6, { sha256: 'b', why: 'A face.' }),
  ];
  const state = told([
    ...[event('picture-added', 1, { sha256: 'a' }), event('picture-added', 2, { sha256: 'b' })],
    ...[moved, deleted],
    event('picture-removed', 7, { sha256: 'never there', why: '' }),
  ]);
  expect(state.pictures).toEqual([]);
  expect(state.picturesGone).toMatchObject([
    { eventId: moved.id, sha256: 'a', movedTo: 'c2', deleted: false },
    { eventId: deleted.id, sha256: 'b', movedTo: null, deleted: true },
  ]);
});
