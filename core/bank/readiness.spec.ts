import { NO_RULES, type WaterRules } from '../domain/water/rules.js';
import type { KitItem } from '../domain/kit/kit.js';
import type { LayoutJudgement, LayoutPoint } from './layoutPoint.js';
import { longestExpectedMm, readiness, readinessList } from './readiness.js';
import { lengthForMm, netWidthForMm } from './kitSizes.js';
import { READINESS_ITEMS } from './readinessItems.js';
import type { ReadinessState } from './readinessState.js';
import { kitItem } from '../spec/kitItems.js';
import type { Rig } from '../domain/kit/rig.js';

const item = (kind: KitItem['kind'], change: Partial<KitItem> = {}): KitItem =>
  kitItem(kind, { name: `the ${kind}`, onLanyard: true, charge: 'full', checkedAt: '2026-05-01T00:00:00Z', ...change });
const rig: Rig = {
  id: 'r',
  name: 'Bottom rig',
  species: 'carp',
  mainLineKg: 7,
  leader: 'none',
  linkKg: 6,
  hookSize: 6,
  barb: 'barbless',
  lead: 'drops-off',
  trace: 'none',
  upTrace: false,
  loadTests: [{ at: '2026-07-10T05:00:00Z', heldS: 15 }],
};
const KIT = [
  item('net', { sizeMm: 1070 }),
  item('mat', { sizeMm: 1300 }),
  ...(['sling', 'scales', 'tool', 'board'] as const).map((kind) => item(kind)),
];
const water = (change: Partial<WaterRules>) => ({ id: 'w', name: 'Mere', rules: { ...NO_RULES, ...change } });
const mild: ReadinessState = {
  expected: ['carp'],
  gives: 'link',
  longestMm: 950,
  lastFishAt: {},
  nowMs: Date.UTC(2026, 6, 15, 6),
  zeroedMs: null,
  water: water({ ownKit: 'allowed' }),
  bank: 'grass',
  hazards: [],
  helped: false,
  kit: KIT,
  rigs: [rig],
  barbSchool: 'barbless',
  weighMethod: 'zeroed',
  day: '2026-07-15',
  tempHabit: 'C',
  lengthHabit: 'cm',
  massSystem: 'kg',
  waterC: 17,
  airC: 18,
  heat: null,
  soakLastsMs: null,
  night: false,
  layout: null,
  clock: (atMs: number) => `${atMs}:00`,
};
const list = (change: Partial<ReadinessState> = {}) => readinessList({ ...mild, ...change });
const one = (id: string, change: Partial<ReadinessState> = {}) => list(change).find((each) => each.id === id);
const layoutWith = (change: Partial<LayoutJudgement>, ...points: Partial<LayoutPoint>[]): LayoutJudgement => ({
  score: 0.5,
  carryM: 1,
  outOfReach: [],
  matLight: [],
  points: points.map((each) => ({
    id: '',
    mark: 0,
    weight: 1,
    text: { code: 'said' },
    reason: { code: 'why' },
    basis: { kind: 'common-practice' },
    pieces: [],
    ...each,
  })),
  ...change,
});

/** For each thing a state in which it stands on the list, and one in which it does not; null: it always does. */
const ON_THE_LIST: Record<string, [Partial<ReadinessState>, Partial<ReadinessState> | null]> = {
  net: [{}, null],
  'clean-kit': [{ water: water({}) }, {}],
  footing: [{}, { bank: 'boat' }],
  'boat-floor': [{ bank: 'boat' }, {}],
  mat: [{}, { bank: 'boat' }],
  'water-measured': [{}, null],
  bucket: [{}, null],
  sling: [{}, null],
  scales: [{}, null],
  tools: [{}, null],
  'spare-hooks': [{}, null],
  rigs: [{}, null],
  'care-kit': [{}, { water: water({ treatments: 'forbidden' }) }],
  'no-treatment': [{ water: water({ treatments: 'forbidden' }) }, {}],
  camera: [{}, null],
  board: [{}, { kit: [] }],
  roles: [{ helped: true }, {}],
  frost: [{ airC: -1 }, {}],
  light: [{ night: true }, {}],
  hazards: [{ hazards: ['stones'] }, {}],
  licence: [{ kit: [item('licence')] }, { kit: [item('licence', { waterId: 'other' })] }],
  guide: [{ water: water({ guideNeeded: true }) }, {}],
  'closed-areas': [{ water: water({ closedAreas: ['The bay'] }) }, {}],
  'legal-sizes': [
    { water: water({ legalSizes: [{ species: 'carp', leastMm: 350, mostMm: null }] }) },
    { water: water({ legalSizes: [{ species: 'pike', leastMm: 500, mostMm: null }] }) },
  ],
  'rules-read': [{}, null],
};

test('every thing of the list is held to standing on it and to staying off', () => {
  expect(Object.keys(ON_THE_LIST).sort()).toEqual(READINESS_ITEMS.map(({ id }) => id).sort());
  for (const [id, [on, off]] of Object.entries(ON_THE_LIST)) {
    expect([id, one(id, on)?.id]).toEqual([id, id]);
    if (off) expect([id, one(id, off)]).toEqual([id, undefined]);
  }
});

const unclean = item('net', { sizeMm: 1070, lastWater: { waterId: 'other', at: '2026-07-01' } });
/** What can be known against a thing: a state in which it is, and how grave. In the mild state nothing is. */
test.each<[string, Partial<ReadinessState>, 'stop' | 'care']>([
  ['net', { kit: [] }, 'care'],
  ['net', { kit: [item('net', { sizeMm: 800 })] }, 'care'],
  ['net', { kit: [item('net', { sizeMm: 800 })], water: water({ leastNetMm: 900 }) }, 'stop'],
  ['clean-kit', { kit: [unclean], water: water({}) }, 'care'],
  ['clean-kit', { kit: [unclean], water: water({ ownKit: 'dipped' }) }, 'stop'],
  ['mat', { kit: [item('mat', { sizeMm: 900 })] }, 'care'],
  ['mat', { layout: layoutWith({}, { id: 'ground', mark: 0, text: { code: 'hard' } }) }, 'care'],
  ['mat', { layout: layoutWith({}, { id: 'hazards', mark: 0.1, text: { code: 'stones' } }) }, 'care'],
  ['water-measured', { waterC: null }, 'care'],
  ['bucket', { layout: layoutWith({ outOfReach: ['bucket'] }) }, 'care'],
  ['sling', { kit: [] }, 'care'],
  ['scales', { kit: [item('scales', { charge: 'low' })] }, 'care'],
  ['scales', { kit: [item('scales', { checkedAt: '2025-06-01' })] }, 'care'],
  ['scales', { kit: [item('scales', { checkedAt: null })] }, 'care'],
  ['tools', { kit: [item('tool', { toReplace: true })] }, 'care'],
  ['tools', { kit: [item('tool', { onLanyard: false })], bank: 'boat' }, 'care'],
  ['tools', { layout: layoutWith({ outOfReach: ['kit-roll'] }) }, 'care'],
  ['spare-hooks', { kit: [item('hooks', { toReplace: true })] }, 'care'],
  ['rigs', { rigs: [{ ...rig, loadTests: [] }] }, 'care'],
  ['rigs', { rigs: [{ ...rig, lead: 'fixed' }] }, 'stop'],
  ['care-kit', { kit: [item('care', { inDateUntil: '2026-07-14' })] }, 'care'],
  ['camera', { kit: [item('camera', { charge: 'low' })] }, 'care'],
  ['licence', { kit: [item('licence', { inDateUntil: '2026-07-14' })] }, 'stop'],
  ['licence', { kit: [item('licence', { inDateUntil: '2026-07-29' })] }, 'care'],
  ['hazards', { hazards: ['power-line'] }, 'stop'],
])('%s: what is known against it is said', (id, state, severity) => {
  expect(one(id, state)?.problem?.severity).toBe(severity);
  expect(one(id)?.problem ?? null).toBeNull();
});

test('a licence that lasts more than a fortnight is only said until when', () => {
  const lasting = one('licence', { kit: [item('licence', { inDateUntil: '2026-07-30' })] });
  expect(lasting?.problem).toBeNull();
  expect(lasting?.detail).toEqual({ code: 'bank.licenceUntil', values: { atMs: Date.UTC(2026, 6, 30) } });
  expect(one('licence', { kit: [item('licence')] })?.problem).toBeNull();
});

test('the net comes first, on every bank', () => {
  for (const bank of ['grass', 'gravel', 'platform', 'boat', 'wading'] as const)
    expect(list({ bank })[0]?.id).toBe('net');
});

test('rigs of species that nobody expects are left alone', () => {
  const untested = [rig, { ...rig, species: 'wels' as const, trace: 'wire' as const, name: 'Cat rig', loadTests: [] }];
  expect(one('rigs', { rigs: untested })?.problem).toBeNull();
  expect(one('rigs', { rigs: untested, expected: ['carp', 'wels'] })?.problem?.text).toEqual({
    code: 'bank.rigTroubles',
    values: {
      troubles: [{ code: 'bank.rigTrouble', values: { rig: 'Cat rig', trouble: { code: 'bank.loadTestNever' } } }],
    },
  });
});

test('toothed fish want other tools; heat and moments are said', () => {
  expect(one('tools', { expected: ['carp', 'pike'] })?.text.code).toBe('bank.toolsToothed');
  expect(one('tools')?.text.code).toBe('bank.tools');
  const heat = { matWarmMs: 9, matBurnsMs: 11, matDryMs: null, bucketWarmMs: 13 };
  expect(one('mat', { heat, soakLastsMs: 45 * 60_000 })?.detail).toMatchObject({
    code: 'bank.matBurns',
    values: { clock: '11:00', lasts: { values: { soakLastsMs: 45 * 60_000 } } },
  });
  expect(one('bucket', { heat })?.detail?.values).toEqual({ clock: '13:00' });
});

// By hand: nine tenths of the fish in steps of 5 cm, 70 to 125 cm; the mat 10 cm longer than the fish.
test('sizes follow the fish and the water’s rules', () => {
  expect(netWidthForMm(930)).toBe(850);
  expect(netWidthForMm(500)).toBe(700);
  expect(netWidthForMm(2000)).toBe(1250);
  expect(lengthForMm(930)).toBe(1050);
  expect(lengthForMm(900)).toBe(1000);
  expect(longestExpectedMm(['carp', 'pike'])).toBe(1150);
  expect(longestExpectedMm(['carp'], { carp: 1010 })).toBe(1010);
});

test('ready is who has checked every essential and has nothing grave against it', () => {
  const items = list();
  const essentials = items.filter(({ essential }) => essential).map(({ id }) => id);
  expect(readiness(items, essentials)).toMatchObject({ ready: true, gaps: [] });
  expect(readiness(items, essentials.slice(1))).toEqual({
    ready: false,
    gaps: [{ code: 'bank.notChecked', values: { text: { code: 'bank.net' } } }],
    open: items.length - essentials.length + 1,
  });
  expect(readiness(list({ rigs: [{ ...rig, lead: 'fixed' }] }), essentials).gaps).toEqual([
    { code: 'bank.rigTrouble', values: { rig: 'Bottom rig', trouble: { code: 'bank.leadStays' } } },
  ]);
});

test('a measured water needs no tick', () => {
  const unmeasured = list({ waterC: null });
  const without = unmeasured.filter(({ id }) => id !== 'water-measured').map(({ id }) => id);
  expect(readiness(unmeasured, without).gaps).toEqual([
    { code: 'bank.notChecked', values: { text: { code: 'bank.waterMeasured' } } },
  ]);
  expect(readiness(list({ waterC: 22 }), without)).toEqual({ ready: true, gaps: [], open: 0 });
});

test('the keeper’s own biggest fish reach net, mat, sling, board and pliers', () => {
  const longestMm = longestExpectedMm(['pike'], { pike: 1300 });
  expect(longestMm).toBe(1300);
  const wants = (id: string, more: Partial<ReadinessState> = {}) =>
    one(id, { expected: ['pike'], longestMm, rigs: [], ...more })?.detail?.values;
  expect(wants('net')).toMatchObject({ leastMm: 1200, longestMm: 1300 });
  expect(wants('mat')).toMatchObject({ leastMm: 1400 });
  expect(wants('sling')).toMatchObject({ leastMm: 1400, longestMm: 1300 });
  expect(wants('board')).toMatchObject({ leastMm: 1400 });
  expect(wants('tools')).toMatchObject({ leastMm: 290 });
  const short = KIT.map((each) => (each.kind === 'sling' ? { ...each, sizeMm: 1390 } : each));
  expect(one('sling', { longestMm, kit: short })?.problem?.text.values).toMatchObject({ leastMm: 1400 });
  const long = KIT.map((each) => (each.kind === 'sling' ? { ...each, sizeMm: 1400 } : each));
  expect(one('sling', { longestMm, kit: long })?.problem).toBeNull();
});

test('two clocks of the scale: a check that is overdue, and a zero gone old', () => {
  const nowMs = Date.UTC(2026, 6, 15, 6);
  const checked = (days: number) =>
    KIT.map((each) =>
      each.kind === 'scales' ? { ...each, checkedAt: new Date(nowMs - days * 86_400_000).toISOString() } : each,
    );
  const said = (change: Partial<ReadinessState>) => one('scales', { nowMs, ...change })?.problem?.text;
  expect(said({ kit: checked(182) })).toBeUndefined();
  expect(said({ kit: checked(183) })).toEqual({ code: 'bank.scalesCheckOverdue', values: { days: 183 } });
  const zeroed = (minutes: number) => said({ kit: checked(10), zeroedMs: nowMs - minutes * 60_000 });
  expect(zeroed(15)).toBeUndefined();
  expect(zeroed(16)).toEqual({ code: 'bank.scalesZeroOld', values: { minutes: 16 } });
  // That of yesterday is none, and a box that was ticked says so already.
  expect(zeroed(13 * 60)).toBeUndefined();
});

/** What a thing says in a state, at the edge where it says something else. */
test.each<[string, Partial<ReadinessState>, string]>([
  ['clean-kit', { water: water({}) }, 'cleanKit'],
  ['clean-kit', { water: water({ ownKit: 'dipped' }) }, 'cleanKit'],
  ['clean-kit', { water: water({ ownKit: 'supplied' }) }, 'cleanKitSupplied'],
  ['footing', { bank: 'grass' }, 'footing'],
  ['footing', { bank: 'gravel' }, 'footing'],
  ['footing', { bank: 'wading' }, 'footingWading'],
  ['mat', { heat: { matWarmMs: 1, matBurnsMs: null, matDryMs: null, bucketWarmMs: null } }, 'matHot'],
  ['mat', { heat: { matWarmMs: null, matBurnsMs: 1, matDryMs: null, bucketWarmMs: null } }, 'matHot'],
  ['mat', { heat: { matWarmMs: null, matBurnsMs: null, matDryMs: 1, bucketWarmMs: 1 } }, 'mat'],
  ['scales', { weighMethod: 'zeroed' }, 'scalesZeroed'],
  ['scales', { weighMethod: 'gross-minus-tare' }, 'scalesTare'],
  ['tools', { expected: ['trout'] }, 'tools'],
  ['tools', { expected: ['zander'] }, 'toolsToothed'],
  ['camera', { helped: true }, 'cameraHelper'],
  ['camera', {}, 'camera'],
  ['frost', { airC: 2 }, 'frost'],
  ['hazards', { hazards: ['traffic', 'power-line'] }, 'hazardPowerLine'],
  ['hazards', { hazards: ['stones', 'steep-edge'] }, 'hazardSteepEdge'],
  ['hazards', { hazards: ['traffic', 'stones'] }, 'hazardStones'],
  ['hazards', { hazards: ['traffic'] }, 'hazardTraffic'],
])('%s in %j says %s', (id, state, code) => expect(one(id, state)?.text.code).toBe(`bank.${code}`));

test.each<[string, Partial<ReadinessState>]>([
  ['frost', { airC: 2.1 }],
  ['frost', { airC: null }],
  ['footing', { bank: 'platform' }],
  ['clean-kit', { water: water({ ownKit: 'allowed' }) }],
])('%s in %j does not stand on the list', (id, state) => expect(one(id, state)).toBeUndefined());

test.each<[string, Partial<ReadinessState>, string | undefined, object]>([
  ['mat', {}, 'matSize', { leastMm: 1050, lengthHabit: 'cm' }],
  [
    'mat',
    { heat: { matWarmMs: 9, matBurnsMs: null, matDryMs: null, bucketWarmMs: null } },
    'matTooWarm',
    { clock: '9:00' },
  ],
  ['mat', { heat: { matWarmMs: 9, matBurnsMs: 11, matDryMs: null, bucketWarmMs: null } }, 'matBurns', { lasts: null }],
  ['water-measured', { waterC: 17 }, 'waterMeasuredAt', { waterC: 17, tempHabit: 'C' }],
  ['water-measured', { waterC: null }, undefined, {}],
  ['scales', {}, 'scalesHang', {}],
  ['scales', { zeroedMs: 60_000 }, 'scalesZeroedAt', { clock: '60000:00', clock2: '960000:00' }],
  ['tools', {}, 'toolsReach', {}],
  ['camera', { layout: layoutWith({}, { id: 'camera-light', mark: 0.59, text: { code: 'dark' } }) }, 'dark', {}],
  ['camera', { layout: layoutWith({}, { id: 'camera-light', mark: 0.6, text: { code: 'dark' } }) }, undefined, {}],
  ['camera', { layout: layoutWith({}, { id: 'ground', mark: 0, text: { code: 'hard' } }) }, undefined, {}],
])('the detail of %s in %j is %s', (id, state, code, values) => {
  const detail = one(id, state)?.detail ?? undefined;
  expect(detail?.code.replace('bank.', '')).toBe(code);
  expect(detail?.values ?? {}).toMatchObject(values);
});

const marked = (id: string, mark: number) => layoutWith({}, { id, mark, text: { code: id } });
/** What is just not known against a thing, beside what is. */
test.each<[string, Partial<ReadinessState>, string | null]>([
  ['clean-kit', { kit: [unclean], water: water({ ownKit: 'supplied' }) }, null],
  ['mat', { layout: marked('ground', 0.5) }, null],
  ['mat', { layout: marked('ground', 0.49) }, 'ground'],
  ['mat', { layout: marked('hazards', 0.5) }, null],
  ['mat', { layout: marked('hazards', 0.49) }, 'hazards'],
  ['mat', { kit: [item('mat', { sizeMm: 1050 })] }, null],
  ['mat', { kit: [item('mat', { sizeMm: 1049 }), item('mat', { sizeMm: 900 })] }, 'bank.tooSmall'],
  ['mat', { kit: [item('mat', { sizeMm: 900 }), item('mat', { sizeMm: 1050 })] }, null],
  ['mat', { kit: [item('mat')] }, null],
  ['scales', { kit: [item('scales', { charge: 'low' }), item('scales', { charge: 'full' })] }, null],
  ['tools', { kit: [item('tool', { onLanyard: false, spare: true })], bank: 'boat' }, null],
  ['tools', { kit: [item('tool', { onLanyard: true })], bank: 'boat' }, null],
  ['tools', { kit: [item('tool', { onLanyard: false })], bank: 'grass' }, null],
  ['care-kit', { kit: [item('care', { inDateUntil: '2026-07-15' })] }, null],
  ['hazards', { hazards: ['stones'] }, null],
])('against %s in %j stands %s', (id, state, code) => {
  expect(one(id, state)?.problem?.text.code ?? null).toBe(code);
});

test('a water’s own size is grave where it is not met, and only of the thing that it is for', () => {
  const small = (kind: 'net' | 'mat', sizeMm: number, rules: Partial<WaterRules>) =>
    one(kind, { kit: [item(kind, { sizeMm })], longestMm: 500, water: water(rules) })?.problem?.severity;
  expect(small('net', 1069, { leastNetMm: 1070 })).toBe('stop');
  expect(small('net', 1070, { leastNetMm: 1070 })).toBeUndefined();
  expect(small('mat', 1199, { leastMatMm: 1200 })).toBe('stop');
  expect(small('mat', 1200, { leastMatMm: 1200 })).toBeUndefined();
  expect(small('net', 690, { leastMatMm: 1200 })).toBe('care');
  expect(small('mat', 590, { leastNetMm: 1070 })).toBe('care');
});

test('what is unclean, worn or loose is named, and nothing else', () => {
  const clean = item('mat', { name: 'Clean mat' });
  const names = (id: string, state: Partial<ReadinessState>) => one(id, state)?.problem?.text.values;
  expect(names('clean-kit', { kit: [{ ...unclean, name: 'Wet net' }, clean], water: water({}) })).toEqual({
    unclean: ['Wet net'],
  });
  const tools = [item('tool', { name: 'Blunt', toReplace: true, onLanyard: true }), item('tool', { name: 'Sharp' })];
  expect(names('tools', { kit: tools })).toEqual({ tools: ['Blunt'] });
  const loose = [item('tool', { name: 'Tied', onLanyard: true }), item('tool', { name: 'Loose', onLanyard: false })];
  expect(names('tools', { kit: loose, bank: 'boat' })).toEqual({ loose: ['Loose'] });
  const care = [item('care', { name: 'Old', inDateUntil: '2026-07-14' }), item('care', { name: 'Lasting' })];
  expect(names('care-kit', { kit: care })).toEqual({ old: ['Old'] });
});
