import Papa from 'papaparse';
import { CAPTURE, cleanCapture, event } from '../spec/events.js';
import { recordOf } from '../domain/capture/record.js';
import { summaryOf } from '../domain/capture/summary.js';
import { replay } from '../domain/capture/replay.js';
import { poundsOunces } from '../measure/mass.js';
import { NO_RULES } from '../domain/water/rules.js';
import type { OutingEvent } from '../domain/outing/event.js';
import type { Swim } from '../domain/water/swim.js';
import type { Water } from '../domain/water/water.js';
import { csvFields, csvHeader, csvRecords } from './bookCsv.js';
import { enGB } from '../text/en-GB/catalogue.js';
import { sayIn } from '../text/texts.js';
import { resultOf } from '../weighing/resultOf.js';
import { BOOK_ROWS, type BookRows } from './bookRows.js';
import { bookJson, type ExportedWeight } from './bookJson.js';

const say = sayIn(enGB);
const NO_ROWS = Object.fromEntries(BOOK_ROWS.map((kind) => [kind, []])) as unknown as BookRows;
const water: Water = {
  id: 'w1',
  name: 'Over, "Mere"',
  kind: 'lake',
  position: { latitudeDeg: 50.25, longitudeDeg: -30.5 },
  altitudeM: 120,
  salinity: 0,
  rules: NO_RULES,
  note: null,
};
const swim: Swim = {
  id: 's1',
  waterId: 'w1',
  name: 'Reed gate',
  position: { latitudeDeg: 50.26, longitudeDeg: -30.5 },
  facingDeg: 90,
  bank: 'grass',
  hazards: [],
  fixtures: [],
  note: null,
};
const planned: OutingEvent = {
  id: 'e1',
  outingId: 'o1',
  deviceId: 'phone',
  at: '2026-06-01T04:00:00.000Z',
  type: 'outing-planned',
  payload: {
    waterId: 'w1',
    fromAt: '2026-06-01T04:00:00.000Z',
    toAt: '2026-06-01T12:00:00.000Z',
    companions: 0,
    expected: ['carp'],
  },
};
const note = 'First light.\r\nShe said "go", and went.';
const events = [
  ...cleanCapture(),
  event('reading-taken', 381_000, {
    weight: { asRead: poundsOunces(25, 3), tare: poundsOunces(1, 8), method: 'gross-minus-tare' },
  }),
  event('hook-held', 95_000, { hold: 'corner' }),
  event('rod-told', 96_000, {
    rod: 2,
    rig: 'Hair rig',
    bait: 'Bread; crust',
    place: 'Reeds',
    distanceM: 36.576,
    givenS: 0,
  }),
  event('described', 600_000, {
    facts: { species: 'carp', form: 'mirror', length: { unit: 'quarter-in', count: 125 }, note },
  }),
];
const state = replay(CAPTURE, events);

function readBack(positions: boolean, of = state): Record<string, string> {
  const text =
    csvHeader({ positions }) +
    csvRecords([csvFields(summaryOf(of), recordOf(of), { water, swim }, resultOf(of, [], 'down'), { positions }, say)]);
  // Papa Parse reads RFC 4180; it stands here as the spreadsheet at the other end.
  return Papa.parse<Record<string, string>>(text.trimEnd(), { header: true }).data[0] ?? {};
}

test('a CSV record reads back with every fact', () => {
  expect(readBack(false)).toMatchObject({
    started_at_utc: '2026-06-01T05:00:00.000Z',
    water: 'Over, "Mere"',
    swim: 'Reed gate',
    gaps_at_take: '',
    weight_as_read: '25 lb 3 oz',
    tare_as_read: '1 lb 8 oz',
    net_weight: '23 lb 11 oz',
    net_weight_g: '10744.5',
    net_weight_expanded_u_g: expect.stringMatching(/^7\d\.\d$/) as string,
    best_estimate_g: '10744.5',
    length_mm: '793.8',
    air_total_s: '60.0',
    air_complete: 'yes',
    note,
    rod: '2',
    rig: 'Hair rig',
    bait: 'Bread; crust',
    method: '',
    place: 'Reeds',
    distance_m: '36.6',
    given_before_strike_s: '0.0',
    hook_hold: 'corner',
    lost_how: '',
    tackle_left: '',
  });
});

test('a fish that is remembered has the days that it lies between, and no moment and no clock', () => {
  const dated = { as: 'month', from: '2019-06-01', to: '2019-06-30' } as const;
  const past = replay(CAPTURE, [
    event('hooked', 0, { from: 'memory', dated }),
    event('released', 0),
    event('described', 1000, { facts: { species: 'pike' } }),
  ]);
  expect(readBack(false, past)).toMatchObject({
    origin: 'memory',
    date_known_to: 'month',
    date_from: '2019-06-01',
    date_to: '2019-06-30',
    started_at_utc: '',
    started_at_local: '',
    air_total_s: '',
    elapsed_s: '',
  });
  expect(readBack(false)).toMatchObject({ origin: 'bank', date_known_to: '', date_from: '' });
});

test('positions stay home unless asked for', () => {
  expect(readBack(false)).not.toHaveProperty('water_latitude_deg');
  expect(readBack(true)).toMatchObject({ water_latitude_deg: '50.25', water_longitude_deg: '-30.5' });
});

test.each([false, true])('the JSON book parses and holds each event (positions: %s)', (positions) => {
  const pieces = bookJson(
    {
      exportedAt: '2026-06-02T00:00:00.000Z',
      rows: { ...NO_ROWS, waters: [{ ...water, retired: false }], swims: [{ ...swim, retired: false }] },
      settings: [],
      roundingOf: () => 'down',
      outings: [{ outingId: 'o1', events: [planned] }],
      pictures: [],
      captures: [{ captureId: CAPTURE, events }],
    },
    { positions },
  );
  const book = JSON.parse([...pieces].join('')) as {
    captures: { events: unknown[]; summary: unknown; weight: ExportedWeight | null }[];
    waters: object[];
    swims: object[];
    outings: object[];
  };
  expect(book).toMatchObject({
    format: 'unhurried-keeper-book',
    version: 1,
    captures: [{ summary: { airMs: 60_000 } }],
  });
  expect(book.captures[0]?.events).toHaveLength(events.length);
  // By hand: steps of the ounce twice and half a step by eye, the sling untimed (30 g), the class's limit of one step:
  // the root of 1502.8
  // is 38.8, doubled less a little for the limits.
  expect(book.captures[0]?.weight).toMatchObject({ netGrams: 10_744.5, bestGrams: 10_744.5, degreesOfFreedom: null });
  expect(book.captures[0]?.weight?.netExpandedGrams).toBeCloseTo(77.4, 0);
  for (const [place] of [book.waters, book.swims]) expect('position' in (place ?? {})).toBe(positions);
  expect(book.outings).toMatchObject([{ summary: { outingId: 'o1', expected: ['carp'] }, events: [{ id: 'e1' }] }]);
});
