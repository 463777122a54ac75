import { LAST_ELAPSED_MS } from '@keeper/core/domain/capture/event';
import { LONGEST_OUTING_MS } from '@keeper/core/domain/outing/event';
import { AppendEventsDto } from './events.js';
import { WriteFishDto } from './fish.js';
import { problemsIn } from './validation.js';
import { LegalSizeDto } from './waters.js';
import { YEAR_MS } from '@keeper/core/measure/timeSpan';

const ID = '01930000-0000-7000-8000-00000000000a';
const AT = '2026-06-01T05:00:00.000Z';
const SHA = 'a'.repeat(64);
const head = { id: ID, captureId: ID, deviceId: 'phone', at: AT, elapsedMs: 0 };
const said = (event: object) =>
  problemsIn(AppendEventsDto, { events: [event] }).map(({ field, sentence }) => `${field.slice(9)}: ${sentence}`);
const described = (facts: object) => said({ ...head, type: 'described', payload: { facts } });
const reading = (weight: object) => said({ ...head, type: 'reading-taken', payload: { weight } });
const note = (text: string) => described({ note: text });

test.each([1, 10, 40])('a fish is written about %d years later', (years) => {
  expect(said({ ...head, type: 'written-up', payload: {}, elapsedMs: years * YEAR_MS })).toEqual([]);
});

test('what cannot be counted exactly, or dated, is no elapsed time', () => {
  const at = (elapsedMs: number) => said({ ...head, type: 'netted', payload: {}, elapsedMs }).length;
  expect([LAST_ELAPSED_MS, LAST_ELAPSED_MS + 1, -1, 0.5].map(at)).toEqual([0, 1, 1, 1]);
});

describe('weights', () => {
  const grams = (count: number) => reading({ asRead: { unit: 'g', count }, method: 'zeroed' });
  test('250 kg is the most that is believed, in every unit', () => {
    expect(grams(250_000)).toEqual([]);
    expect(grams(250_001)).toEqual([
      'payload.weight.asRead.count: No freshwater fish weighs more than 250 kg. Check the unit.',
    ]);
    const oz = (count: number) => reading({ asRead: { unit: 'oz', count }, method: 'zeroed' }).length;
    expect([8818, 8819].map(oz)).toEqual([0, 1]);
  });
  test('the tare is below the gross', () => {
    const gross = (count: number) =>
      reading({ asRead: { unit: 'oz', count: 100 }, method: 'gross-minus-tare', tare: { unit: 'oz', count } });
    expect(gross(99)).toEqual([]);
    expect(gross(100)).toEqual([
      'payload.weight.tare: The tare is as heavy as fish and sling together. One of them was misread.',
    ]);
    const otherUnit = {
      asRead: { unit: 'oz', count: 100 },
      method: 'gross-minus-tare',
      tare: { unit: 'g', count: 900 },
    };
    expect(reading(otherUnit)).toEqual([]);
  });
  test('on the bank a gross reading may wait for its tare; at the desk it may not', () => {
    const weight = { asRead: { unit: 'oz', count: 100 }, method: 'gross-minus-tare' };
    expect(reading(weight)).toEqual([]);
    expect(described({ weight })).toEqual([
      'payload.facts.weight: A gross weight needs the weight of the sling. Without it the weight of the fish is not known.',
    ]);
    expect(described({ weight: null })).toEqual([]);
  });
});

test('4 m is the longest fish, in every unit', () => {
  const long = (unit: string, count: number) => described({ length: { unit, count } }).length;
  expect([long('mm', 4000), long('mm', 4001), long('half-cm', 800), long('half-cm', 801)]).toEqual([0, 1, 0, 1]);
  expect([long('quarter-in', 629), long('quarter-in', 630)]).toEqual([0, 1]);
});

test('only carp have forms', () => {
  expect(described({ species: 'carp', form: 'mirror' })).toEqual([]);
  expect(described({ species: 'pike', form: null })).toEqual([]);
  expect(described({ species: 'pike', form: 'mirror' })).toEqual([
    'payload.facts.form: This species has no such form.',
  ]);
});

describe('moments', () => {
  const at = (moment: unknown) => said({ ...head, type: 'netted', payload: {}, at: moment }).length;
  test.each([
    ['2026-06-01T05:00:00.000Z', 0],
    ['2026-06-01T06:00:00+01:00', 0],
    ['2024-02-29T00:00Z', 0],
    ['2026-02-29T00:00Z', 1],
    ['1900-01-01T00:00:00Z', 0],
    ['1899-12-31T23:59:59Z', 1],
    ['2199-12-31T23:59:59Z', 0],
    ['2200-01-01T00:00:00Z', 1],
    ['9999-06-01T05:00:00Z', 1],
    ['2026-W23-1', 1],
    ['2026-152', 1],
    ['2026-06-01T05:00:00', 1],
    ['2026-06-01', 1],
    ['2026-06-01T24:00:00Z', 1],
    [1_780_000_000_000, 1],
    [['2026-06-01T05:00:00.000Z'], 1],
    [null, 1],
  ])('%s', (moment, problems) => expect(at(moment)).toBe(problems));
});

test('an outing ends after it began, within two weeks', () => {
  const from = Date.parse(AT);
  const planned = (lastsMs: number) =>
    said({
      id: ID,
      outingId: ID,
      deviceId: 'phone',
      at: AT,
      type: 'outing-planned',
      payload: { waterId: ID, fromAt: AT, toAt: new Date(from + lastsMs).toISOString(), companions: 0, expected: [] },
    }).length;
  expect([-1, 0, 1, LONGEST_OUTING_MS, LONGEST_OUTING_MS + 1].map(planned)).toEqual([1, 1, 0, 0, 1]);
});

test('an id in capitals is another text, and is refused', () => {
  expect(said({ ...head, id: ID.toUpperCase(), type: 'netted', payload: {} })).toHaveLength(1);
  expect(said({ ...head, captureId: ID.toUpperCase(), type: 'netted', payload: {} })).toHaveLength(1);
});

describe('texts', () => {
  const broken = '\ud83d';
  test.each([
    ['A night’s note.\nTwo lines 🐟', 0],
    [broken, 1],
    [`${broken} and more`, 1],
    ['a\u0000b', 1],
    ['x'.repeat(4000), 0],
    ['x'.repeat(4001), 1],
  ])('%j', (text, problems) => expect(note(text)).toHaveLength(problems));

  test.each([
    ['Notch', 0],
    ['é', 0],
    ['12', 0],
    ['   ', 1],
    ['\u200b\u200d', 1],
    ['\u2800', 1],
    ['', 1],
  ])('%j as a name', (name, problems) =>
    expect(problemsIn(WriteFishDto, { name, note: null, retired: false, revision: 0 })).toHaveLength(problems),
  );
});

describe('lists where one object belongs, and the other way round', () => {
  test.each([
    ['a wound that is a list', 'wound-noted', { wound: [] }],
    ['a weight that is a list', 'reading-taken', { weight: [] }],
    ['facts that are a list', 'described', { facts: [] }],
    ['facts that hold a list', 'described', { facts: { length: [] } }],
    ['facts that are nothing', 'described', { facts: null }],
    ['a payload that is a list', 'netted', []],
    ['a payload that is nothing', 'netted', null],
    ['surroundings that are nothing', 'hooked', { around: null }],
    ['surroundings that are a list', 'hooked', { around: [] }],
    ['gaps that are a text', 'hooked', { gaps: 'net' }],
    ['marks that are lists', 'picture-read', { sha256: SHA, marks: [[]] }],
    ['marks that are one object', 'picture-read', { sha256: SHA, marks: { x: 1, y: 1 } }],
    ['landmarks that are a list', 'picture-read', { sha256: SHA, landmarks: [] }],
    ['a comparison that is a list', 'identified', { says: 'unsure', fishId: null, by: [] }],
    ['a list of numbers for a number', 'gill-beat', { perMinute: [44] }],
    ['a number written as text', 'gill-beat', { perMinute: '44' }],
  ])('%s is refused', (_, type, payload) => expect(said({ ...head, type, payload })).not.toEqual([]));

  test.each([[[]], [null], ['hooked'], [7], [[[]]]])('%j is no event', (event) =>
    expect(problemsIn(AppendEventsDto, { events: [event] })).not.toEqual([]),
  );
  test('one event is no list of events', () =>
    expect(problemsIn(AppendEventsDto, { events: { ...head, type: 'netted', payload: {} } })).not.toEqual([]));
});

describe('what is wrong with one field is said there, and nothing is made of it at another', () => {
  const fields = (weight: object) => reading(weight).map((text) => text.split(': ')[0]?.replace('payload.weight.', ''));
  const g = (count: unknown, unit = 'g') => ({ unit, count });
  test.each<[string, object, readonly string[]]>([
    ['a unit that is none', { asRead: g(300_000, 'stone'), method: 'zeroed' }, ['asRead.unit']],
    ['a count that is none', { asRead: g('heavy'), method: 'zeroed' }, ['asRead.count']],
    ['a tare with no unit', { asRead: g(100), method: 'gross-minus-tare', tare: g(200, 'stone') }, ['tare.unit']],
    ['a tare with no count', { asRead: g(100), method: 'gross-minus-tare', tare: g(null) }, ['tare.count']],
    ['a gross with no unit', { asRead: g(100, 'stone'), method: 'gross-minus-tare', tare: g(200) }, ['asRead.unit']],
    ['a tare of a zeroed scale', { asRead: g(100), method: 'zeroed', tare: g(200) }, []],
    [
      'two scales with one tare',
      { asRead: g(100), method: 'gross-minus-tare', tare: g(9), also: { asRead: g(90) } },
      ['also'],
    ],
    [
      'the other scale with a tare alone',
      { asRead: g(100), method: 'zeroed', also: { asRead: g(90), tare: g(9) } },
      ['also'],
    ],
    [
      'two scales, two tares',
      { asRead: g(100), method: 'gross-minus-tare', tare: g(9), also: { asRead: g(90), tare: g(9) } },
      [],
    ],
    ['two scales of two families', { asRead: g(100), method: 'zeroed', also: { asRead: g(90, 'oz') } }, ['also']],
    [
      'the other scale with no unit',
      { asRead: g(100), method: 'zeroed', also: { asRead: g(90, 'stone') } },
      ['also.asRead.unit'],
    ],
  ])('%s', (_what, weight, wrong) => expect(fields(weight)).toEqual(wrong));

  test('a length with no unit, or with no count, is not too long as well', () => {
    const wrong = (length: object) => described({ length }).map((text) => text.split(': ')[0]);
    expect(wrong({ unit: 'ell', count: 9_000 })).toEqual(['payload.facts.length.unit']);
    expect(wrong({ unit: 'mm', count: 'long' })).toEqual(['payload.facts.length.count']);
    expect(wrong({ unit: 'mm', count: 4_001 })).toEqual(['payload.facts.length.count']);
  });

  test('a size or a date of the wrong kind is not turned round as well', () => {
    const rules = (mostMm: unknown, leastMm: unknown) =>
      problemsIn(LegalSizeDto, { species: 'pike', mostMm, leastMm }).map(({ field }) => field);
    expect(rules(500, 500)).toEqual(['mostMm']);
    expect(rules(501, 500)).toEqual([]);
    expect(rules(501, null)).toEqual([]);
    expect(rules(null, 500)).toEqual([]);
    expect(rules('long', 500)).toEqual(['mostMm']);
    expect(rules(500, 'long')).toEqual(['leastMm']);
  });
});
