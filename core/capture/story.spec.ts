import fc from 'fast-check';
import { anyHistory, CAPTURE, cleanCapture, event } from '../spec/events.js';
import { poundsOunces } from '../measure/mass.js';
import { clocksAt } from './clocks.js';
import { missingThings } from './missing.js';
import { netOf, tellStory } from './story.js';
import { summaryOf } from './summary.js';

const told = (events: Parameters<typeof tellStory>[1]) => tellStory(CAPTURE, events);
const zeroed = (pounds: number, ounces: number) => ({
  asRead: poundsOunces(pounds, ounces),
  method: 'zeroed' as const,
});

describe('a clean capture', () => {
  const story = told(cleanCapture());
  test('has its spells of water and air', () => {
    expect(story.spells.map(({ medium, fromMs, toMs }) => [medium, fromMs, toMs])).toEqual([
      ['water', 0, 360_000],
      ['air', 360_000, 400_000],
      ['water', 400_000, 460_000],
      ['air', 460_000, 480_000],
      ['water', 480_000, 540_000],
    ]);
    expect(story.outcome).toBe('released');
    expect(story.airComplete).toBe(true);
  });
  test('has its clocks, and they stop at the release', () => {
    expect(clocksAt(story, 9_000_000)).toEqual({
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
    const story = told([...cleanCapture(), reading, amendment]);
    expect(netOf(story)).toEqual(poundsOunces(22, 11));
    expect(story.amendments).toEqual([
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
    const story = told([event('reading-taken', 380_000, { weight: gross }), whole]);
    expect(netOf(story)).toEqual(poundsOunces(23, 11));
    expect(story.amendments).toEqual([]);
  });
  test('a fact can be struck out', () => {
    const story = told([reading, event('amended', 900_000, { facts: { weight: null }, why: 'Not this fish.' })]);
    expect(netOf(story)).toBeUndefined();
    expect(story.amendments).toHaveLength(1);
  });
});

test('pictures are kept once, and the portrait stands for the fish', () => {
  const story = told([
    event('picture-added', 1, { sha256: 'a' }),
    event('picture-added', 2, { sha256: 'a' }),
    event('picture-added', 3, { sha256: 'b', role: 'portrait' }),
    event('picture-added', 4, { sha256: 'c' }),
    event('picture-removed', 5, { sha256: 'c', why: 'Blurred.' }),
  ]);
  expect(story.pictures.map((picture) => picture.sha256)).toEqual(['a', 'b']);
  expect(summaryOf(story).pictures).toEqual([
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
