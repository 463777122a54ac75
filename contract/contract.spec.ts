import { EVENT_TYPES, type EventType } from '@keeper/core/domain/capture/event';
import { OUTING_EVENT_TYPES, type OutingEventType } from '@keeper/core/domain/outing/event';
import { AppendEventsDto } from './events.js';
import { problemsIn } from './validation.js';
import { WriteWaterDto } from './waters.js';

const ID = '01930000-0000-7000-8000-000000000001';
const OTHER_ID = '01930000-0000-7000-8000-000000000002';
const event = (type: string, payload: object, more: object = {}) => ({
  id: ID,
  captureId: ID,
  deviceId: 'phone',
  at: '2026-06-01T05:00:00.000Z',
  elapsedMs: 0,
  type,
  payload,
  ...more,
});
const problems = (...events: object[]) => problemsIn(AppendEventsDto, { events });

const SHA = 'a'.repeat(64);
const VIEW = {
  turnRad: 0.1,
  mirrored: true,
  centre: { x: 400, y: 300 },
  widthPx: 700,
  stops: 0.5,
  of: { widthPx: 900, heightPx: 700 },
};
const LANDMARKS_PX = Object.fromEntries(
  ['snout', 'eye', 'dorsal', 'pelvic', 'anal', 'fork'].map((name, i) => [name, { x: 100 * i, y: 200.5 }]),
);

const good: Record<EventType, object> = {
  identified: {
    says: 'same',
    fishId: '01990000-0000-7000-8000-00000000f15b',
    by: {
      sha256: SHA,
      captureId: '01990000-0000-7000-8000-00000000f15c',
      otherSha: SHA,
      score: 0.7,
      probability: 0.98,
    },
  },
  hooked: { waterId: ID, around: { waterC: 18.5, airC: 21, oxygenMgL: 7.9, companions: 1, dark: true } },
  netted: {},
  'off-rig': {},
  'outing-bound': { outingId: ID, swimId: ID, waterId: ID },
  'gap-told': { says: 'back-at', fromMs: 360_000, backMs: 390_000 },
  'time-amended': { eventId: ID, toMs: 385_000, why: 'Tapped late.' },
  'hook-out': {},
  lifted: {},
  weighed: {},
  'reading-taken': { weight: { asRead: { unit: 'oz', count: 379 }, method: 'zeroed' } },
  'hook-cut': {},
  'line-cut': {},
  'hook-shed': {},
  'hook-held': { hold: 'corner' },
  'put-forward': { meetingId: ID, sha256: SHA, checks: ['identifier', 'mouth-shut'], lateWhy: 'No signal.' },
  seen: { sign: 'thrashing' },
  'looked-over': {},
  'wound-noted': { wound: { kind: 'ulcer', side: 'left', at: { u: 0.7, v: -0.05 }, sizeMm: 20 } },
  treated: { with: 'antiseptic', woundId: ID },
  wetted: {},
  zeroed: {},
  measured: {},
  rested: {},
  carried: {},
  dropped: {},
  held: {},
  'sling-hung': { shown: { unit: 'oz', count: -3 } },
  'entry-kept': { note: 'Weighed twice.' },
  'gill-beat': { perMinute: 44 },
  recovering: { sign: 'upright' },
  'left-as': { leaving: 'strong' },
  interrupted: { why: 'second-rod' },
  'taken-up': {},
  merged: { into: ID },
  pictured: {},
  returned: {},
  released: {},
  lost: {},
  'loss-told': { reason: 'hook-pulled', left: 'nothing' },
  'rod-told': { rod: 2, rigId: ID, rig: 'Hair rig', bait: 'Bread', distanceM: 36.6, givenS: 0 },
  described: { facts: { species: 'carp', form: 'mirror', length: { unit: 'quarter-in', count: 125 } } },
  'picture-added': { sha256: 'a'.repeat(64), role: 'left-flank' },
  'picture-removed': { sha256: 'a'.repeat(64), why: 'Blurred.' },
  'picture-deleted': { sha256: 'a'.repeat(64), why: 'A face.' },
  'picture-read': {
    sha256: SHA,
    role: 'left-flank',
    by: 'hand',
    landmarks: LANDMARKS_PX,
    view: VIEW,
    length: {
      marks: [0, 300, 600].map((atMm) => ({ atMm, pixel: { x: atMm, y: 400 } })),
      nose: { x: 0, y: 400 },
      tail: { x: 580, y: 402 },
      lengthMm: 580.4,
      uMm: 2.1,
    },
  },
  amended: { facts: { weight: null }, why: 'Another fish.' },
  'written-up': {},
  undone: { eventId: ID },
  discarded: {},
};

test.each(EVENT_TYPES)('a good %s passes, and one with a field too many does not', (type) => {
  expect(problems(event(type, good[type]))).toEqual([]);
  expect(problems(event(type, { ...good[type], weather: 'wet' }))).toEqual([
    { field: 'events.0.payload.weather', sentence: '"weather" is not a field that is known here.' },
  ]);
});

test.each([
  [
    'a wound beside the fish',
    'wound-noted',
    { wound: { kind: 'ulcer', side: 'left', at: { u: 2, v: 0 }, sizeMm: 20 } },
  ],
  ['a sign that is none', 'seen', { sign: 'bored' }],
  ['gills that race', 'gill-beat', { perMinute: 900 }],
  ['landmarks without a fork', 'picture-read', { sha256: SHA, landmarks: { ...LANDMARKS_PX, fork: undefined } }],
  ['a known fish without a name for it', 'identified', { says: 'same', fishId: null }],
  [
    'a probability above one',
    'identified',
    {
      says: 'unsure',
      fishId: null,
      by: {
        sha256: SHA,
        captureId: '01990000-0000-7000-8000-00000000f15c',
        otherSha: SHA,
        score: 0.7,
        probability: 98,
      },
    },
  ],
  ['a view turned more than round', 'picture-read', { sha256: SHA, view: { ...VIEW, turnRad: 9 } }],
  [
    'more marks than a flank has',
    'picture-read',
    { sha256: SHA, marks: Array.from({ length: 81 }, () => ({ x: 1, y: 2 })) },
  ],
  ['a mark without a place', 'picture-read', { sha256: SHA, marks: [{ x: 1 }] }],
  ['a decision without an id', 'identified', { says: 'unsure', fishId: null, decisionId: 'merge' }],
  ['water that boils', 'hooked', { around: { waterC: 99 } }],
])('%s is refused', (_, type, payload) => expect(problems(event(type, payload))).toHaveLength(1));

test.each([
  [
    'another fish than that, whoever it is',
    'identified',
    { says: 'different', fishId: null, decisionId: ID, why: 'fins' },
  ],
  ['marks, and none any more', 'picture-read', { sha256: SHA, marks: [{ x: 100, y: 50.5 }] }],
  ['marks taken away', 'picture-read', { sha256: SHA, marks: null }],
] as const)('%s is taken', (_, type, payload) => expect(problems(event(type, payload))).toEqual([]));

const AT = '2026-06-01T05:00:00.000Z';
const outing = (type: string, payload: object) => ({ id: ID, outingId: ID, deviceId: 'phone', at: AT, type, payload });
const goodOuting: Record<OutingEventType, object> = {
  'swim-amended': { from: ID, to: OTHER_ID },
  'outing-planned': { waterId: ID, fromAt: AT, toAt: '2026-06-01T17:00:00.000Z', companions: 1, expected: ['carp'] },
  'swim-taken': { swimId: ID },
  'condition-taken': { source: 'probe', waterC: 18.4, depth: 'net-depth', when: AT },
  'forecast-taken': {
    hours: [
      {
        atMs: 0,
        airC: 20,
        humidity: 0.5,
        windMs: 2,
        windFromDeg: 200,
        cloudOctas: 3,
        pressureHpa: 1013,
        rainMm: 0,
        thunder: false,
      },
    ],
  },
  'care-done': { kind: 'turned', face: 'down', when: AT },
  'laid-out': { layout: { mat: { xM: 0, yM: -2 } } },
  'item-checked': { item: 'net', done: true },
  'rod-out': { rod: 1, setup: { rig: 'Float', bait: 'Bread', place: 'Reeds', depthM: 1.5 }, when: AT },
  'rod-in': { rod: 1, why: 'rested', when: AT },
  'run-dropped': { rod: 1, when: AT },
  'bite-missed': {},
  'fish-lost': { rod: 1, when: AT, reason: 'snagged', left: 'link' },
  'lost-how': { of: ID, reason: 'hook-pulled', left: 'nothing' },
  'outing-ended': { note: 'A blank.' },
  'outing-called-off': { note: 'Flood.' },
  'taken-back': { eventId: ID },
};

test.each(OUTING_EVENT_TYPES)('of an outing a good %s passes, and one with a field too many does not', (type) => {
  expect(problems(outing(type, goodOuting[type]))).toEqual([]);
  expect(problems(outing(type, { ...goodOuting[type], weather: 'wet' }))).toHaveLength(1);
});

test.each([
  ['a type that is not known', event('flown', {}), 'events.0.type'],
  ['an id that is no UUIDv7', event('netted', {}, { id: 'abc' }), 'events.0.id'],
  ['a negative clock', event('netted', {}, { elapsedMs: -1 }), 'events.0.elapsedMs'],
  ['a time that is none', event('netted', {}, { at: 'yesterday' }), 'events.0.at'],
  ['no payload', event('netted', {}, { payload: undefined }), 'events.0.payload'],
  [
    'half an ounce counted in ounces',
    event('reading-taken', { weight: { asRead: { unit: 'oz', count: 1.5 }, method: 'zeroed' } }),
    'events.0.payload.weight.asRead.count',
  ],
  ['a correction with no reason', event('amended', { facts: {}, why: '' }), 'events.0.payload.why'],
])('%s is refused at its field', (_, bad, field) => expect(problems(bad)[0]?.field).toBe(field));

test('an empty batch is refused', () => expect(problems()).toHaveLength(1));

test('a water needs a name and a place on the globe', () => {
  const fields = problemsIn(WriteWaterDto, {
    name: '  ',
    kind: 'lake',
    position: { latitudeDeg: 95, longitudeDeg: 0 },
    revision: 0,
  });
  expect(fields.map((problem) => problem.field)).toEqual(['name', 'position.latitudeDeg']);
});

test.each([
  [0, 1],
  [1, 0],
  [4, 0],
  [5, 1],
  [1.5, 1],
])('rods are counted from 1 to 4: rod %d has %i problems', (rod, found) => {
  const told = problems(outing('rod-in', { rod, why: 'rested', when: AT }));
  expect(told).toHaveLength(found);
  for (const { sentence } of told) expect(sentence).toBe('Rods are counted from 1 to 4.');
});

test.each([
  ['distanceM', -0.1, 1],
  ['distanceM', 0, 0],
  ['distanceM', 1000, 0],
  ['distanceM', 1000.1, 1],
  ['depthM', 200, 0],
  ['depthM', 200.1, 1],
  ['bait', 'x'.repeat(60), 0],
  ['bait', 'x'.repeat(61), 1],
])('of a rod %s %p has %i problems', (field, value, found) => {
  expect(problems(outing('rod-out', { rod: 1, setup: { [field]: value }, when: AT }))).toHaveLength(found);
});

test.each([
  [-1, 1],
  [0, 0],
  [600, 0],
  [601, 1],
])('a take given %d s before the strike has %i problems', (givenS, found) => {
  expect(problems(event('rod-told', { givenS }))).toHaveLength(found);
});
