import { NO_RULES } from '@keeper/core/domain/water/rules';
import type { Water } from '@keeper/core/domain/water/water';
import { stockWater, type DemoFish } from './fish.js';

/** Three waters of a valley that is nobody's: its positions lie in the open Atlantic. */
export const WATERS: readonly Water[] = [
  {
    id: '01890a5d-0000-7000-8000-0000000000a1',
    name: 'Harrowmere',
    kind: 'lake',
    position: { latitudeDeg: 46.712, longitudeDeg: -22.418 },
    altitudeM: 64,
    salinity: 0,
    rules: {
      ...NO_RULES,
      barblessOnly: true,
      retention: { kind: 'none' },
      treatments: 'allowed',
      ownKit: 'dipped',
      leastNetMm: 1060,
      leastMatMm: 1200,
      closedSeasons: [{ from: { month: 3, day: 15 }, to: { month: 6, day: 15 }, species: ['pike'] }],
    },
    note: 'Reeds all along the north bank. Soft grass down to the water at the boathouse end.',
  },
  {
    id: '01890a5d-0000-7000-8000-0000000000a2',
    name: 'Saltern Pit',
    kind: 'pit',
    position: { latitudeDeg: 46.694, longitudeDeg: -22.377 },
    altitudeM: 71,
    salinity: 0,
    rules: {
      ...NO_RULES,
      retention: { kind: 'minutes', most: 5 },
      treatments: 'forbidden',
      ownKit: 'supplied',
      leastMatMm: 1300,
    },
    note: 'Deep and clear, gravel to the edge: mat well back on the turf.',
  },
  {
    id: '01890a5d-0000-7000-8000-0000000000a3',
    name: 'River Wend, mill reach',
    kind: 'river',
    position: { latitudeDeg: 46.731, longitudeDeg: -22.445 },
    altitudeM: 88,
    salinity: 0,
    rules: {
      ...NO_RULES,
      closedSeasons: [{ from: { month: 3, day: 15 }, to: { month: 6, day: 15 }, species: [] }],
      stopTemperatures: [{ species: 'barbel', tempC: 21 }],
      legalSizes: [{ species: 'barbel', leastMm: 400, mostMm: null }],
      closedAreas: ['The weir pool, up to the white posts'],
    },
    // In fast water a barbel stays in it.
    practices: { pictureAt: 'water', recover: 'still' },
    note: 'Steep clay bank. Only the cattle drink is safe to land from when it runs high.',
  },
];

const [MERE, PIT, RIVER] = WATERS as [Water, Water, Water];

/** Every fish that swims in the demo's valley. */
export const STOCK: readonly DemoFish[] = [
  ...stockWater(MERE.id, 'mere', [
    {
      species: 'carp',
      forms: ['mirror', 'common', 'mirror', 'linear'],
      count: 11,
      lengthMm: [620, 860],
      growthMm: [8, 26],
    },
    { species: 'pike', forms: [undefined], count: 5, lengthMm: [720, 1040], growthMm: [20, 45] },
  ]),
  ...stockWater(PIT.id, 'pit', [
    { species: 'carp', forms: ['mirror', 'common', 'common'], count: 8, lengthMm: [680, 920], growthMm: [8, 22] },
    { species: 'wels', forms: [undefined], count: 6, lengthMm: [1100, 1720], growthMm: [40, 90] },
  ]),
  ...stockWater(RIVER.id, 'river', [
    { species: 'barbel', forms: [undefined], count: 12, lengthMm: [560, 740], growthMm: [6, 20] },
    { species: 'pike', forms: [undefined], count: 3, lengthMm: [650, 900], growthMm: [20, 45] },
  ]),
];
