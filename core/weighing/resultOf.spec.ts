import { emptyCapture, type CaptureState } from '../domain/capture/captureState.js';
import type { WeightReading } from '../domain/capture/weightReading.js';
import { poundsOunces } from '../measure/mass.js';
import { plainDivision, resultOf, resultOfReading, type WeighedOn } from './resultOf.js';

const TAKEN = '2026-06-01T05:00:00.000Z';
const reading: WeightReading = { asRead: poundsOunces(23, 11), method: 'zeroed', steadyGrams: 5, steadyFreedom: 11 };
const scale = (id: string, ounces: number): WeighedOn => ({
  id,
  scale: { division: { unit: 'oz', count: ounces }, scaleClass: 'IIII', checks: [] },
  tares: [],
});
const wet = (at: string, count: number, hungMin: number) => ({
  at,
  wet: true,
  mass: { unit: 'oz' as const, count },
  hungMin,
});
const sling: WeighedOn = { id: 'green', tares: [wet(TAKEN, 27, 0), wet(TAKEN, 25, 20), wet(TAKEN, 24, 40)] };
const of = (change: Partial<WeightReading>, kit: readonly WeighedOn[], takenAt = TAKEN) =>
  resultOfReading({ ...reading, ...change }, takenAt, kit, 'down');
const doubt = (source: string, ...given: Parameters<typeof of>) =>
  of(...given)?.budget.find((each) => each.source === source);

test('a scale that nobody described shows one of its unit, or ten grams', () => {
  expect(plainDivision('oz')).toEqual({ unit: 'oz', count: 1 });
  expect(plainDivision('lb/100')).toEqual({ unit: 'lb/100', count: 1 });
  expect(plainDivision('g')).toEqual({ unit: 'g', count: 10 });
});

test('its step and its class are those of the scale that is named, not of another', () => {
  const kit = [scale('fine', 1), scale('coarse', 8)];
  // A step of 8 oz counts 226.8 / sqrt(12).
  expect(doubt('resolution', { scalesId: 'coarse' }, kit)?.uGrams).toBeCloseTo(65.47, 1);
  expect(doubt('resolution', { scalesId: 'fine' }, kit)?.uGrams).toBeCloseTo(8.18, 1);
  expect(doubt('resolution', { scalesId: 'gone' }, kit)?.uGrams).toBeCloseTo(8.18, 1);
  expect(doubt('resolution', {}, kit)?.uGrams).toBeCloseTo(8.18, 1);
  // Ordinary accuracy may be farther off than medium.
  const limit = (given: Parameters<typeof of>[0]) => doubt('calibration', given, kit)?.uGrams ?? 0;
  expect(limit({ scalesId: 'fine' })).toBeGreaterThan(limit({}));
});

test('how its sling drains counts where the sling is named and the zero was timed', () => {
  const timed = { zeroedAt: '2026-06-01T05:00:00.000Z', readAt: '2026-06-01T05:10:00.000Z' };
  expect(doubt('tare', { ...timed, slingId: 'green' }, [sling])?.why.code).toBe('weighing.zeroFresh');
  expect(doubt('tare', { ...timed, slingId: 'black' }, [sling])?.why.code).toBe('weighing.zeroNotTimed');
  expect(doubt('tare', timed, [sling])?.why.code).toBe('weighing.zeroNotTimed');
});

test('what was not noted when it was read was read at the take', () => {
  const zeroedAt = '2026-06-01T04:30:00.000Z';
  expect(of({ zeroedAt, slingId: 'green' }, [sling])?.zeroAgeMin).toBe(30);
  expect(of({ zeroedAt, readAt: '2026-06-01T04:40:00.000Z', slingId: 'green' }, [sling])?.zeroAgeMin).toBe(10);
  expect(of({ zeroedAt }, [], '')?.zeroAgeMin).toBeUndefined();
});

test('a state without a reading has no result; one with it has that of its reading', () => {
  const state = (weight?: WeightReading): CaptureState => ({
    ...emptyCapture('c'),
    startedAt: TAKEN,
    facts: weight ? { weight } : {},
  });
  expect(resultOf(state(), [], 'down')).toBeUndefined();
  expect(resultOf(state(reading), [], 'down')).toEqual(of({}, []));
  const zeroedAt = '2026-06-01T04:30:00.000Z';
  expect(resultOf(state({ ...reading, zeroedAt }), [], 'down')?.zeroAgeMin).toBe(30);
  expect(resultOf({ ...state({ ...reading, zeroedAt }), startedAt: null }, [], 'down')?.zeroAgeMin).toBeUndefined();
});
