import { autoLayout } from '../bank/autoLayout.js';
import { NO_RULES } from '../domain/water/rules.js';
import type { Swim } from '../domain/water/swim.js';
import type { Water } from '../domain/water/water.js';
import type { WeatherHour } from '../domain/outing/weather.js';
import { assessOuting, type AssessmentInput } from './assessOuting.js';
import type { OutingState } from '../domain/outing/outingState.js';

const HOUR = 3_600_000;
const FROM = Date.UTC(2026, 6, 15, 6);
const clock = (atMs: number) => new Date(atMs).toISOString().slice(11, 16);
const calendar = (atMs: number) => {
  const date = new Date(atMs);
  return { year: date.getUTCFullYear(), month: date.getUTCMonth() + 1, day: date.getUTCDate() };
};
const water: Water = {
  id: 'w',
  name: 'Mere',
  kind: 'lake',
  altitudeM: 60,
  salinity: 0,
  rules: NO_RULES,
  note: null,
  position: { latitudeDeg: 46.7, longitudeDeg: 0 },
};
const swim: Swim = {
  id: 's',
  waterId: 'w',
  name: 'Boathouse',
  position: null,
  facingDeg: 180,
  bank: 'grass',
  hazards: [],
  fixtures: [],
  note: null,
};
const hour = (i: number, more: Partial<WeatherHour> = {}): WeatherHour => ({
  atMs: FROM + i * HOUR,
  airC: 20 + 12 * Math.sin((Math.PI * i) / 18),
  humidity: 0.45,
  windMs: 1.5,
  windFromDeg: 180,
  cloudOctas: 0,
  pressureHpa: 1018,
  rainMm: 0,
  thunder: false,
  ...more,
});
const hours = Array.from({ length: 14 }, (_, i) => hour(i));
const state: OutingState = {
  outingId: 'o',
  waterId: 'w',
  fromMs: FROM,
  toMs: FROM + 12 * HOUR,
  companions: 0,
  expected: ['carp', 'pike'],
  swims: [{ swimId: 's', at: '' }],
  deeds: [],
  layout: null,
  checked: [],
  runsDropped: 0,
  rods: [],
  signs: [],
  endedAt: null,
  endedBy: null,
  note: null,
  setAside: [],
  calledOff: false,
  lastEvent: null,
  forecast: { takenAt: '', hours },
  conditions: [{ eventId: 'e', atMs: FROM, source: 'hand', waterC: 23.5 }],
};
const input: AssessmentInput = {
  state,
  water,
  swim,
  kit: [],
  rigs: [],
  nowMs: FROM - 24 * HOUR,
  calendar,
  clock,
  ways: {
    stopSchool: 'per-species',
    barbSchool: 'barbless',
    bank: { gives: 'link' },
    weighMethod: 'zeroed',
    tempHabit: 'C',
    lengthHabit: 'cm',
    massUnit: 'g',
    habit: null,
  },
};
const look = (change: Partial<OutingState> = {}, more: Partial<AssessmentInput> = {}) =>
  assessOuting({ ...input, ...more, state: { ...state, ...change } });

test('a hot day, planned the day before: the mat burns in the forenoon, the bucket wants changing, pike are off, carp go', () => {
  const { heat, advice, momentMs } = look();
  expect(momentMs).toBe(FROM);
  expect(clock(heat?.matBurnsMs ?? 0) < '12:00').toBe(true);
  expect(clock(heat?.bucketWarmMs ?? 0) < '13:00').toBe(true);
  expect(advice.map(({ species, verdict }) => [species, verdict])).toEqual([
    ['carp', 'good'],
    ['pike', 'stop'],
  ]);
});

test('shade that is laid out is seen by the heat clocks', () => {
  const { plan } = look();
  const laid = autoLayout(plan, false);
  expect(laid.brolly).toBeDefined();
  const shaded = look({ layout: laid });
  const inShade = shaded.moments?.findLast(({ matShaded }) => matShaded);
  const inSun = look().moments?.find(({ atMs }) => atMs === inShade?.atMs);
  expect(inShade?.matC).toBeLessThan((inSun?.matC ?? 0) - 8);
  expect(shaded.layout?.score).toBeGreaterThan(0.8);
});

test('what is not known is left out: no forecast, no place', () => {
  expect(look({ forecast: null })).toMatchObject({ moments: null, heat: null });
  expect(look({}, { water: { ...water, position: null } })).toMatchObject({ moments: null, plan: { hours: [] } });
  expect(look({ conditions: [] }).now.waterC).toBeNull();
  expect(look({}, { swim: null }).plan.bank).toBe('grass');
});

test('what was measured comes before the forecast', () => {
  expect(look().now.airC).toBe(20);
  const measured = { eventId: 'a', atMs: FROM, source: 'hand' as const, airC: 17 };
  expect(look({ conditions: [...state.conditions, measured] }).now.airC).toBe(17);
});

test('air and sky seen by hand stand in for a forecast, and set one right', () => {
  const seen = { eventId: 'a', atMs: FROM, source: 'hand' as const, airC: 30, cloudOctas: 0 };
  const conditions = [...state.conditions, seen];
  expect(look({ forecast: null, conditions }).heat?.matBurnsMs).not.toBeNull();
  const overcast = { ...seen, cloudOctas: 8, airC: 15 };
  const burnsMs = (more: typeof seen) => look({ conditions: [...state.conditions, more] }).heat?.matBurnsMs ?? Infinity;
  expect(burnsMs(overcast)).toBeGreaterThan(burnsMs(seen));
});

test('thunder in the hour stops everything', () => {
  const thunder = { takenAt: '', hours: [hour(0), hour(1, { thunder: true }), hour(2)] };
  expect(look({ forecast: thunder }).advice.every(({ verdict }) => verdict === 'stop')).toBe(true);
  expect(
    look({ forecast: { takenAt: '', hours: [hour(0), hour(1), hour(2, { thunder: true })] } }).advice[0]?.verdict,
  ).toBe('good');
});

test('the list knows the night, and what was checked', () => {
  expect(look().items.map(({ id }) => id)).not.toContain('light');
  expect(look({ toMs: FROM + 18 * HOUR }).items.map(({ id }) => id)).toContain('light');
  const all = look().items.map(({ id }) => id);
  expect(look({ checked: all }).readiness).toMatchObject({ ready: true, gaps: [] });
  expect(look().readiness.ready).toBe(false);
});

test('a habit stands in until something was laid out here, and is judged on this swim', () => {
  const habit = { ...autoLayout(look().plan, false), camera: { xM: 0, yM: 0.5 } };
  const withHabit = look({}, { ways: { ...input.ways, habit } });
  expect(withHabit.laid?.mat).toBeDefined();
  expect(withHabit.layout?.points.some(({ id }) => id === 'camera-light')).toBe(true);
  const laid = { mat: { xM: 1, yM: -2 } };
  expect(look({ layout: laid }, { ways: { ...input.ways, habit } }).laid).toEqual(laid);
  expect(look().laid).toBeNull();
});

// Common practice, no source.
test('27 degrees at the surface, then 15 on the bottom: pike are still left alone', () => {
  const at = (minutes: number, waterC: number, depth: 'surface' | 'bottom') => ({
    eventId: `${minutes}`,
    atMs: FROM + minutes * 60_000,
    source: 'hand' as const,
    waterC,
    depth,
  });
  const looked = look({ expected: ['pike'], conditions: [at(0, 27, 'surface'), at(30, 15, 'bottom')] });
  expect(looked.now.waterC).toBe(27);
  expect(looked.advice[0]?.verdict).toBe('stop');
  expect(looked.advice[0]?.findings.map(({ rule }) => rule)).toContain('cool-below');
  // Nor does it cool the margin in the hours ahead.
  expect(looked.moments?.find(({ atMs }) => atMs >= FROM + 45 * 60_000)?.waterC).toBeGreaterThan(25);
});

test('without a swim the bank is open and level, and faces north', () => {
  expect(look({}, { swim: null }).plan).toMatchObject({ facingDeg: 0, fixtures: [] });
  expect(look().plan.facingDeg).toBe(180);
});

test('the sun is known for each full hour, from the first to the last, of a long outing for two days', () => {
  const hoursOf = (change: Partial<OutingState>) => look(change).plan.hours.map(({ atMs }) => (atMs - FROM) / HOUR);
  expect(hoursOf({ toMs: FROM + 3 * HOUR })).toEqual([0, 1, 2, 3]);
  expect(hoursOf({ toMs: FROM + 4 * HOUR - 1 })).toEqual([0, 1, 2, 3]);
  expect(hoursOf({ fromMs: FROM + 1, toMs: FROM + 3 * HOUR })).toEqual([1, 2, 3]);
  expect(hoursOf({ fromMs: FROM + 1, toMs: FROM + 2 })).toEqual([1]);
  expect(hoursOf({ toMs: FROM + 47 * HOUR })).toHaveLength(48);
  expect(hoursOf({ toMs: FROM + 90 * HOUR })).toHaveLength(48);
});

test('where nothing is expected carp are, and an outing turned round has no hours ahead', () => {
  expect(look({ expected: [] }).advice.map(({ species }) => species)).toEqual(['carp']);
  expect(look({ toMs: FROM })).toMatchObject({ moments: null, heat: null });
  expect(look({ toMs: FROM + 1 }).moments).not.toBeNull();
});

test('a wet cloth is timed where the mat burns, and nowhere else', () => {
  const laid = { mat: { xM: 1, yM: -2 }, bucket: { xM: 1.5, yM: -2 } };
  expect(look({ layout: laid }).soakLastsMs).not.toBeNull();
  expect(look({ forecast: null }).soakLastsMs).toBeNull();
  const cool = { takenAt: '', hours: hours.map((each) => ({ ...each, airC: 8, cloudOctas: 8 })) };
  expect(look({ forecast: cool, layout: laid }).soakLastsMs).toBeNull();
});
