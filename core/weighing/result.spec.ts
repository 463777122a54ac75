import { createRng } from '../statistics/rng.js';
import { gramsOf, poundsOunces, type Mass } from '../measure/mass.js';
import { comparedWeight, probabilityHeaviest, type ComparedWeight } from './heavier.js';
import type { WeightReading } from '../domain/capture/weightReading.js';
import { weightResult, type WeighedWith } from './result.js';
import { roundToDivision } from './rounding.js';
import { checkInForce } from './scaleCheck.js';
import { slingDrain } from './slingDrain.js';
import { stateWeight } from './statedWeight.js';

const OUNCE: Mass = { unit: 'oz', count: 1 };
const OUNCE_GRAMS = gramsOf(OUNCE);
const around: WeighedWith = {
  division: OUNCE,
  scaleClass: 'III',
  check: undefined,
  drain: undefined,
  rounding: 'down',
};
const reading: WeightReading = { asRead: poundsOunces(23, 11), method: 'zeroed', steadyGrams: 5, steadyFreedom: 11 };
const of = (source: string, result = weightResult(reading, around)) =>
  result?.budget.find((each) => each.source === source)?.uGrams ?? NaN;
const READ_GRAMS = gramsOf(reading.asRead);

test('a budget worked by hand: squares are added, and the root is expanded', () => {
  const result = weightResult(reading, around);
  // d / sqrt(12) = 8.1838; a quarter of d / sqrt(3) = 4.0919; 5 as measured; 30 by custom; the limit of 379 divisions
  // in class III in
  // service is one division, 28.3495 / sqrt(3) = 16.3676. The root of 66.97 + 16.74 + 25 + 900 + 267.90 is 35.73.
  expect(of('resolution')).toBeCloseTo(8.1838, 3);
  expect(of('zero')).toBeCloseTo(4.0919, 3);
  expect(of('calibration')).toBeCloseTo(16.3676, 3);
  expect(result?.best.uGrams).toBeCloseTo(35.73, 1);
  // A little under twice that: a good part of it is a limit, which ends.
  expect(result?.best.expandedGrams).toBeGreaterThan(68);
  expect(result?.best.expandedGrams).toBeLessThan(71.46);
});

test('the combined uncertainty is what two hundred thousand weighings with the same doubts come to (JCGM 101)', () => {
  const luck = createRng('JCGM 101');
  const drawn = { ...reading, slingAfter: { unit: 'oz', count: 3 } as const };
  const result = weightResult(drawn, around);
  if (!result) throw new Error('No result.');
  const even = (halfWidth: number) => luck.between(-halfWidth, halfWidth);
  const truths = Array.from({ length: 200_000 }, () => {
    const tare = luck.between(0, 3 * OUNCE_GRAMS);
    const steps = even(OUNCE_GRAMS / 2) + even(OUNCE_GRAMS / 8) + even(OUNCE_GRAMS / 4);
    return READ_GRAMS - tare + steps + 5 * luck.normal() + even(OUNCE_GRAMS);
  });
  const mean = truths.reduce((sum, each) => sum + each, 0) / truths.length;
  const sd = Math.sqrt(truths.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (truths.length - 1));
  expect(result.best.grams).toBeCloseTo(mean, -1);
  expect(Math.abs(result.best.uGrams / sd - 1)).toBeLessThan(0.02);
  const { grams, expandedGrams } = result.best;
  const within = truths.filter((truth) => Math.abs(truth - grams) <= expandedGrams).length / truths.length;
  expect(within).toBeGreaterThan(0.945);
  expect(within).toBeLessThan(0.97);
});

test('a zero of forty minutes is said to be old, with the error to be expected; a fresh one counts for little', () => {
  const drain = slingDrain([{ at: '2026-06-01T05:00:00Z', wet: true, mass: { unit: 'g', count: 800 } }]);
  const aged = (min: number) =>
    weightResult(
      { ...reading, zeroedAt: '2026-06-01T05:00:00Z', readAt: new Date(Date.UTC(2026, 5, 1, 5, min)).toISOString() },
      { ...around, drain },
    );
  expect(aged(40)?.budget.find(({ source }) => source === 'tare')?.why).toMatchObject({
    code: 'weighing.zeroOld',
    values: { minutes: 40 },
  });
  expect(of('tare', aged(1))).toBeLessThan(of('tare', aged(40)) / 5);
});

function checked(gain: number, middle = 0) {
  const points = [2000, 5000, 12_000].map((trueGrams, i) => ({
    how: 'known-mass' as const,
    trueGrams,
    uGrams: 1,
    shown: { unit: 'g', count: Math.round(trueGrams * gain) + (i === 1 ? middle : 0) } as const,
  }));
  const scale = { division: OUNCE, scaleClass: 'III' as const, checks: [{ at: '2026-03-01T09:00:00Z', points }] };
  return checkInForce(scale, '2026-03-02T09:00:00Z');
}

test('a check moves the best estimate and its interval, never the weight that stands', () => {
  const result = weightResult({ ...reading, readAt: '2026-03-02T09:00:00Z' }, { ...around, check: checked(1.01) });
  if (!result) throw new Error('No result.');
  expect(result.correction?.byGrams).toBeCloseTo(-106, 0);
  expect(result.best.grams).toBeCloseTo(READ_GRAMS - 106, 0);
  expect(result.stands).toEqual(poundsOunces(23, 11));
  // JCGM 100:2008, F.2.4.5: round the uncorrected weight the interval is wider by the whole of what was left
  // uncorrected.
  expect(result.standsExpandedGrams - result.best.expandedGrams).toBeCloseTo(106, 0);
  expect(stateWeight(result)).toMatchObject({ about: 'best', expandedGrams: result.best.expandedGrams });
});

test('a check that is crooked moves nothing, and its doubt is wide', () => {
  const result = weightResult({ ...reading, readAt: '2026-03-02T09:00:00Z' }, { ...around, check: checked(1, 400) });
  expect(result?.best.grams).toBeCloseTo(READ_GRAMS, 6);
  expect(of('calibration', result)).toBeCloseTo(400 / Math.sqrt(3), 0);
  expect(result?.budget.find(({ source }) => source === 'calibration')?.why.code).toBe('weighing.checkCrooked');
});

test('a best estimate within a tenth of its doubt is the weight as read; beyond it the two are told apart', () => {
  const finer = (grams: number) =>
    weightResult({ ...reading, settledGrams: READ_GRAMS + grams, resolutionGrams: 1 }, around);
  const [near, far] = [finer(5), finer(12)];
  if (!near || !far) throw new Error('No result.');
  expect(stateWeight(near)).toMatchObject({ about: 'as-read', grams: READ_GRAMS });
  expect(stateWeight(near).expandedGrams).toBeCloseTo(near.best.expandedGrams + 5, 6);
  expect(stateWeight(far).about).toBe('best');
  expect(stateWeight(far).grams).toBeCloseTo(READ_GRAMS + 12, 6);
});

test('what a connected scale settled at is the best estimate, unless the reading was corrected since', () => {
  const settled = (grams: number) => weightResult({ ...reading, settledGrams: grams }, around)?.best.grams;
  expect(settled(READ_GRAMS + 20)).toBeCloseTo(READ_GRAMS + 20, 6);
  expect(settled(READ_GRAMS + 227)).toBeCloseTo(READ_GRAMS + 227, 6);
  expect(settled(READ_GRAMS + 228)).toBeCloseTo(READ_GRAMS, 6);
});

test('a hand at the loop leaves the weight; one round the body takes 3 to 8 % off; one that nobody noted widens the doubt only', () => {
  const by = (support: WeightReading['support'] & string) => {
    const result = weightResult({ ...reading, support }, around);
    if (!result) throw new Error('No result.');
    return { share: result.best.grams / READ_GRAMS - 1, wide: result.best.expandedGrams / READ_GRAMS };
  };
  expect(by('loop').share).toBe(0);
  expect(by('loop').wide).toBeLessThan(0.012);
  // The middle of the two is 5.5 in a hundred of the true weight.
  expect(by('cupped').share).toBeCloseTo(-0.055 / 1.055, 9);
  expect(by('cupped').wide).toBeLessThan(0.035);
  expect(by('held').share).toBe(0);
  expect(by('held').wide).toBeGreaterThan(0.08);
});

test('few looks behind a restless value widen it more than many (JCGM 100:2008, G.4)', () => {
  const drain = slingDrain([{ at: '2026-06-01T05:00:00Z', wet: true, mass: { unit: 'g', count: 800 } }]);
  const clock = { zeroedAt: '2026-06-01T05:00:00Z', readAt: '2026-06-01T05:01:00Z' };
  const restless = (steadyFreedom: number) =>
    weightResult({ ...reading, ...clock, steadyGrams: 200, steadyFreedom }, { ...around, drain })?.best;
  expect(restless(1000)?.freedom).toBeGreaterThan(900);
  expect((restless(3)?.expandedGrams ?? 0) / (restless(1000)?.expandedGrams ?? 1)).toBeCloseTo(3.31 / 2, 1);
});

test('a fine reading is brought down to the division, or to the nearer one, or kept', () => {
  const fine: WeightReading = { asRead: { unit: 'lb/100', count: 2374 }, method: 'zeroed' };
  expect(weightResult(fine, around)?.stands).toEqual(poundsOunces(23, 11));
  expect(weightResult(fine, { ...around, rounding: 'nearest' })?.stands).toEqual(poundsOunces(23, 12));
  expect(weightResult(fine, { ...around, rounding: 'as-read' })?.stands).toEqual(fine.asRead);
  expect(weightResult({ asRead: { unit: 'lb/100', count: 2374 }, method: 'gross-minus-tare' }, around)).toBeUndefined();
  expect(roundToDivision({ unit: 'g', count: 10_000 }, { unit: 'g', count: 10 }, 'down').count).toBe(10_000);
  expect(roundToDivision({ unit: 'g', count: 10_009 }, { unit: 'g', count: 10 }, 'down').count).toBe(10_000);
  // 23 lb 10 oz, as a scale sends it that can only say hundredths of a pound.
  expect(roundToDivision({ unit: 'lb/100', count: 2362 }, OUNCE, 'down')).toEqual(poundsOunces(23, 10));
});

test('a scale that shows ounces and sends steps of 5 g loses none of seven thousand ounces', () => {
  const lost = Array.from({ length: 7000 }, (_, i) => i + 1).filter((ounces) => {
    const sent: Mass = { unit: 'g', count: Math.round((ounces * OUNCE_GRAMS) / 5) * 5 };
    return roundToDivision(sent, OUNCE, 'down', 5).count !== ounces;
  });
  expect(lost).toEqual([]);
});

const weight = (grams: number, uGrams: number, scaleKey = '', uGain = 0): ComparedWeight => ({
  grams,
  uGrams,
  uGain,
  scaleKey,
});

test('two weights that overlap are compared by chance', () => {
  expect(probabilityHeaviest(weight(10_000, 25), [weight(9950, 25)])).toBeCloseTo(0.921, 3);
  expect(probabilityHeaviest(weight(10_000, 25), [weight(10_000, 25)])).toBeCloseTo(0.5, 6);
  expect(probabilityHeaviest(weight(10_000, 0), [weight(9999, 0)])).toBe(1);
  expect(probabilityHeaviest(weight(10_000, 25), [])).toBe(1);
});

test('of three that weigh the same each is the heaviest once in three; each has its own doubt', () => {
  const same = weight(10_000, 25);
  expect(probabilityHeaviest(same, [same, same])).toBeCloseTo(1 / 3, 3);
  // By hand: the difference of 50 has a doubt of hypot(25, 100).
  expect(probabilityHeaviest(weight(10_000, 25), [weight(9950, 100)])).toBeCloseTo(0.6862, 3);
});

test('two fish off one scale share its error, which does not part them', () => {
  const [one, other] = [weight(10_000, 10, 'a', 0.01), weight(9970, 10, 'a', 0.01)];
  // What parts them: 30 g, give or take hypot(10, 10) and a hundredth of the 30 g.
  expect(probabilityHeaviest(one, [other])).toBeCloseTo(0.983, 2);
  // Off two scales the gains count in full: 30 over hypot(100.5, 100.2).
  expect(probabilityHeaviest(one, [{ ...other, scaleKey: 'b' }])).toBeCloseTo(0.584, 2);
});

test('what a weight shares is its scale: the check and what it may have drifted, under one and the same check', () => {
  const result = weightResult({ ...reading, readAt: '2026-03-02T09:00:00Z' }, { ...around, check: checked(1.01) });
  if (!result) throw new Error('No result.');
  const compared = comparedWeight(result, 'scales');
  expect(compared.scaleKey).toBe('scales 2026-03-01T09:00:00Z');
  expect(Math.hypot(compared.uGrams, compared.uGain * compared.grams)).toBeCloseTo(result.best.uGrams, 6);
  expect(comparedWeight(result, undefined).uGain).toBe(0);
});
