import type { Fixture, FixtureKind, Layout } from '@keeper/core/domain/water/plan';
import type { KitItem } from '@keeper/core/domain/kit/kit';
import type { Rig } from '@keeper/core/domain/kit/rig';
import type { Swim } from '@keeper/core/domain/water/swim';
import type { ScaleCheck } from '@keeper/core/domain/kit/scaleSpec';
import { WATERS } from './waters.js';

const [MERE, PIT, RIVER] = WATERS.map(({ id }) => id) as [string, string, string];

/** Ids that are the same each time the world is made. */
const idOf = (kind: string, n: number) => `01890a5d-0000-7000-8000-${kind}${String(n).padStart(10, '0')}`;

const fixture = (kind: FixtureKind, xM: number, yM: number, radiusM: number, heightM = 0): Fixture => ({
  id: `${kind} ${xM} ${yM}`,
  kind,
  xM,
  yM,
  radiusM,
  heightM,
});

/** The swims of the demo's valley. */
export const SWIMS: readonly Swim[] = [
  {
    id: idOf('0b', 1),
    waterId: MERE,
    name: 'Boathouse end',
    position: null,
    facingDeg: 20,
    bank: 'grass',
    hazards: ['stones'],
    fixtures: [
      fixture('stones', 1.7, -0.8, 0.7),
      fixture('tree', -3.4, -3.6, 1.7, 7),
      fixture('bush', 3.9, -4.4, 0.8, 1.6),
      fixture('path', 0, -5.3, 0.5),
    ],
    note: 'Soft turf to the edge, a few old footings on the right.',
  },
  {
    id: idOf('0b', 2),
    waterId: MERE,
    name: 'Reed gate',
    position: null,
    facingDeg: 185,
    bank: 'platform',
    hazards: ['steep-edge'],
    fixtures: [fixture('steep-edge', 0, 0, 0.8), fixture('bush', -3.5, -2, 1, 2)],
    note: null,
  },
  {
    id: idOf('0b', 3),
    waterId: PIT,
    name: 'Washing stage',
    position: null,
    facingDeg: 95,
    bank: 'gravel',
    hazards: ['stones', 'traffic'],
    fixtures: [fixture('soft-ground', -1.5, -3, 1.4), fixture('path', 0, -5.2, 0.7), fixture('stones', 2, -1.5, 1.2)],
    note: 'The turf on the left is the only soft ground.',
  },
  {
    id: idOf('0b', 4),
    waterId: RIVER,
    name: 'Cattle drink',
    position: null,
    facingDeg: 250,
    bank: 'wading',
    hazards: ['steep-edge'],
    fixtures: [fixture('steep-edge', -3, -0.5, 1.2), fixture('tree', 3.6, -2.8, 1.5, 9)],
    note: null,
  },
];

const tested = [{ at: '2026-05-02T08:10:00.000Z', heldS: 14.2 }];

/** The rigs in the demo's box: one of them was never loaded. */
export const RIGS: readonly Rig[] = [
  {
    id: idOf('0c', 1),
    name: 'Silt rig',
    species: 'carp',
    mainLineKg: 7,
    leader: 'tubing',
    linkKg: 6.5,
    hookSize: 4,
    barb: 'barbless',
    lead: 'drops-off',
    trace: 'none',
    upTrace: false,
    loadTests: tested,
  },
  {
    id: idOf('0c', 2),
    name: 'Short stiff link',
    species: 'carp',
    mainLineKg: 7,
    leader: 'none',
    linkKg: 6,
    hookSize: 6,
    barb: 'barbless',
    lead: 'pulls-free',
    trace: 'none',
    upTrace: false,
    loadTests: [],
  },
  {
    id: idOf('0c', 3),
    name: 'Running deadbait',
    species: 'pike',
    mainLineKg: 9,
    leader: 'mono',
    linkKg: 8,
    hookSize: 6,
    barb: 'barbless',
    lead: 'running',
    trace: 'wire',
    upTrace: true,
    loadTests: tested,
  },
  {
    id: idOf('0c', 4),
    name: 'Feeder rig',
    species: 'barbel',
    mainLineKg: 5,
    leader: 'none',
    linkKg: 4,
    hookSize: 10,
    barb: 'barbless',
    lead: 'running',
    trace: 'none',
    upTrace: false,
    loadTests: tested,
  },
];

const item = (n: number, change: Partial<KitItem> & Pick<KitItem, 'kind' | 'name'>): KitItem => ({
  id: idOf('0d', n),
  sizeMm: null,
  onLanyard: false,
  spare: false,
  toReplace: false,
  charge: null,
  inDateUntil: null,
  tares: [],
  checkedAt: null,
  disinfected: null,
  lastWater: null,
  ...change,
});

const atMere = { waterId: MERE, at: '2026-11-06T21:00:00.000Z' };
const dried = { at: '2026-11-08T10:00:00.000Z', how: 'dried' as const };
const wet = (at: string, count: number, hungMin?: number) => ({
  at,
  wet: true,
  mass: { unit: 'oz' as const, count },
  ...(hungMin !== undefined && { hungMin }),
});

/** Kitchen weights of 2 and 5 kg, ten litres and fifteen of water; the needle has crept up over the years. */
const DIAL_CHECKS: readonly ScaleCheck[] = (
  [
    ['2024-04-06T12:00:00.000Z', [71, 176, 352, 527]],
    ['2025-04-13T12:00:00.000Z', [71, 177, 353, 528]],
    ['2026-04-20T12:00:00.000Z', [71, 177, 354, 531]],
  ] as const
).map(([at, shown]) => ({
  at,
  points: shown.map((count, i) => ({
    how: i < 2 ? 'known-mass' : 'water',
    trueGrams: [2000, 5000, 9971.6, 14_957.4][i] ?? 0,
    uGrams: [1, 2.5, 30, 45][i] ?? 1,
    shown: { unit: 'oz', count },
  })),
}));

export const DIAL_SCALES = idOf('0d', 4);
export const GREEN_SLING = idOf('0d', 3);

/** What lies in the demo keeper's shed. */
export const KIT: readonly KitItem[] = [
  item(1, { kind: 'net', name: 'Big net', sizeMm: 1070, meshMm: 8, lastWater: atMere, disinfected: dried }),
  item(2, { kind: 'mat', name: 'Walled mat', sizeMm: 1300, paddingMm: 45, lastWater: atMere, disinfected: dried }),
  item(3, {
    kind: 'sling',
    name: 'Green sling',
    sizeMm: 1200,
    capacityGrams: 36_287,
    lastWater: atMere,
    disinfected: dried,
    tares: [
      wet('2026-06-14T05:30:00.000Z', 27, 4),
      wet('2026-06-14T05:40:00.000Z', 26, 14),
      wet('2026-06-14T06:05:00.000Z', 24, 40),
      wet('2026-08-02T05:10:00.000Z', 28, 0),
      wet('2026-08-02T05:32:00.000Z', 25, 22),
      { at: '2026-05-01T12:00:00.000Z', wet: false, mass: { unit: 'oz', count: 19 } },
    ],
  }),
  item(4, {
    kind: 'scales',
    name: 'Dial scales',
    charge: 'full',
    checkedAt: '2026-04-20T12:00:00.000Z',
    scale: {
      division: { unit: 'oz', count: 1 },
      scaleClass: 'IIII',
      checks: DIAL_CHECKS,
      capacity: { unit: 'oz', count: 960 },
      leastLoad: { unit: 'oz', count: 32 },
    },
  }),
  item(5, { kind: 'tool', name: 'Long forceps', sizeMm: 300, onLanyard: true }),
  item(6, { kind: 'tool', name: 'Side cutters', sizeMm: 180, onLanyard: true }),
  item(7, { kind: 'tool', name: 'Jaw spreader', onLanyard: true }),
  item(8, { kind: 'care', name: 'Antiseptic and paste', inDateUntil: '2027-09-30' }),
  item(9, { kind: 'camera', name: 'Small camera', charge: 'full', onLanyard: true }),
  item(10, { kind: 'bucket', name: 'Round bucket', lastWater: atMere, disinfected: dried }),
  item(11, { kind: 'hooks', name: 'Hooks 4 to 10', spare: true }),
  item(12, { kind: 'board', name: 'Floating board', sizeMm: 1000, lastWater: atMere, disinfected: dried }),
  item(13, { kind: 'licence', name: 'Rod licence', inDateUntil: '2027-03-31' }),
];

/** How the demo keeper lays out every bank: made for a swim that looks south, with the camera at the water's edge. */
export const HABIT: Layout = {
  net: { xM: 0, yM: 0.25 },
  mat: { xM: 0, yM: -1.6 },
  angler: { xM: 0, yM: -2.3 },
  sling: { xM: -0.75, yM: -2.1 },
  'kit-roll': { xM: 0.6, yM: -2.4 },
  'care-kit': { xM: 0.4, yM: -2.85 },
  bucket: { xM: 0.7, yM: -1.95 },
  board: { xM: -0.6, yM: -2.8 },
  'weigh-bar': { xM: 0.95, yM: -1.2 },
  camera: { xM: -1.6, yM: -0.4 },
};
