import fc from 'fast-check';
import { bucketAfter, bucketHeatW, TEN_LITRES } from './bucket.js';
import { heatOf, LATENT_FUSION_JKG, stateOfHeat } from './freezing.js';
import { marginAfter, marginHeatWm2 } from './margin.js';
import { faceHeat, matAfter, matFlows, soaked, type MatState, type MatSurroundings } from './mat.js';
import { convectionWm2K } from '../weather/surface.js';

const DARK = { beamWm2: 0, diffuseWm2: 0 };
const frost = { airC: -10, humidity: 0.7, windMs: 5, cloudOctas: 2 };
const night = { air: frost, light: DARK, sunAltitudeDeg: -20, shaded: false };

// CRC Handbook: 333.55 kJ/kg. By hand: a kilogram at 1 degree C holds 4186 J; half frozen it holds 166 775 J less than
// at 0.
test('heat falls through freezing without a jump of temperature, there and back', () => {
  const kilogram = { waterKg: 1 };
  expect(heatOf({ tempC: 1 }, kilogram)).toBe(4186);
  expect(heatOf({ tempC: 0, iceShare: 0.5 }, kilogram)).toBe(-LATENT_FUSION_JKG / 2);
  expect(stateOfHeat(0, kilogram)).toEqual({ tempC: 0, iceShare: 0 });
  expect(stateOfHeat(-1, kilogram)).toMatchObject({ tempC: 0 });
  expect(stateOfHeat(-LATENT_FUSION_JKG - 2100, kilogram)).toEqual({ tempC: -1, iceShare: 1 });
  // A dry body goes through 0 as if nothing were there.
  expect(stateOfHeat(-500, { waterKg: 0, dryJK: 100 })).toEqual({ tempC: -5, iceShare: 0 });
  fc.assert(
    fc.property(
      fc.double({ min: -1e6, max: 1e6, noNaN: true }),
      fc.double({ min: 0.1, max: 50, noNaN: true }),
      (joules, waterKg) => {
        expect(heatOf(stateOfHeat(joules, { waterKg }), { waterKg })).toBeCloseTo(joules, 4);
      },
    ),
  );
});

test('a bucket in hard frost stands at 0 degrees while it freezes, and its latent heat is what goes out', () => {
  let water = bucketAfter({ tempC: 0.2 }, 3600, () => night);
  expect(water.tempC).toBe(0);
  const before = water.iceShare;
  water = bucketAfter(water, 3600, () => night);
  // By hand: the loss at 0 degrees C, an hour long, over what freezes ten litres.
  const lost = -bucketHeatW(0, TEN_LITRES, night) * 3600;
  expect(water.iceShare - before).toBeCloseTo(lost / (10 * LATENT_FUSION_JKG), 6);
  expect(water.tempC).toBe(0);
});

test('a margin never falls below freezing, and thaws by as much as it froze', () => {
  const cold = marginAfter({ tempC: 1 }, 48 * 3600, () => ({ air: frost, light: DARK }));
  expect(cold.tempC).toBe(0);
  expect(cold.iceShare).toBeGreaterThan(0.02);
  const gain = marginHeatWm2(0, { air: { ...frost, airC: 12 }, light: DARK });
  const thawS = (cold.iceShare * 1000 * LATENT_FUSION_JKG) / gain;
  const mild = { air: { ...frost, airC: 12 }, light: DARK };
  expect(marginAfter(cold, thawS - 600, () => mild).iceShare).toBeGreaterThan(0);
  expect(marginAfter(cold, thawS + 600, () => mild).iceShare).toBe(0);
});

test('lake water on a mat in frost holds it at 0 until the film is ice', () => {
  const around: MatSurroundings = { air: frost, light: DARK, shaded: false, face: 'up', groundC: 0 };
  const wet = soaked({ faceC: -8, backC: -2, waterKgM2: 0 }, 4);
  expect(wet.faceC).toBeGreaterThan(1);
  const minutes = Array.from({ length: 120 }, (_, i) => i + 1).reduce<MatState[]>(
    (all) => [...all, matAfter(all.at(-1) ?? wet, 60, () => around)],
    [wet],
  );
  const freezing = minutes.filter(({ iceShare = 0 }) => iceShare > 0 && iceShare < 1);
  expect(freezing.length).toBeGreaterThan(3);
  expect(freezing.every(({ faceC }) => faceC === 0)).toBe(true);
  expect(minutes.every(({ faceC, iceShare = 0 }) => faceC >= 0 || iceShare === 1 || iceShare === 0)).toBe(true);
  expect(minutes.at(-1)?.faceC).toBeLessThan(-4);
});

// The largest and least that a surface can come to: the sun alone above the air, the clear sky and evaporation below
// it.
test.each([0, 5, 10, 20, 30, 40])('at %d m/s mat and bucket stay between what can be, and energy is kept', (windMs) => {
  fc.assert(
    fc.property(
      fc.double({ min: -25, max: 40, noNaN: true }),
      fc.double({ min: 0.05, max: 1, noNaN: true }),
      fc.boolean(),
      fc.boolean(),
      fc.constantFrom('up' as const, 'down' as const),
      (airC, humidity, sunny, wet, face) => {
        const air = { airC, humidity, windMs, cloudOctas: sunny ? 0 : 8 };
        const light = sunny ? { beamWm2: 800, diffuseWm2: 120 } : DARK;
        const around: MatSurroundings = { air, light, shaded: false, face, groundC: Math.max(-2, airC - 3) };
        const dry: MatState = { faceC: airC, backC: airC, waterKgM2: 0 };
        const start = wet ? soaked(dry, Math.max(0, airC - 5)) : dry;
        const net = (s: MatState) => {
          const f = matFlows(s, around);
          return f.sunWm2 + f.longwaveWm2 + f.airWm2 + f.evaporationWm2 + f.groundWm2;
        };
        let [state, joules] = [start, 0];
        for (let i = 0; i < 600; i += 1) {
          const next = matAfter(state, 1, () => around);
          joules += (net(state) + net(next)) / 2 - carried(state, next);
          state = next;
          expect(state.faceC).toBeGreaterThan(airC - 30);
          expect(state.faceC).toBeLessThan(airC + 75);
        }
        const held = faceHeat(state) - faceHeat(start) + 1900 * (state.backC - start.backC);
        expect(Math.abs(joules - held)).toBeLessThan(0.01 * Math.max(Math.abs(held), 20_000));
        // The same in one go: the step is short enough for any wind.
        expect(Math.abs(matAfter(start, 600, () => around).faceC - state.faceC)).toBeLessThan(0.5);
        const bucket = bucketAfter({ tempC: 10 }, 6 * 3600, () => ({ air, light, sunAltitudeDeg: 50, shaded: false }));
        expect(bucket.tempC).toBeGreaterThanOrEqual(bucket.iceShare === 1 ? airC - 15 : 0);
      },
    ),
    { numRuns: 12 },
  );
});

/** What vapour carried off with it from one state to the next, in J/m2. */
function carried(from: MatState, to: MatState): number {
  const perKg = ({ faceC, iceShare = 0 }: MatState) =>
    iceShare >= 1 ? 2100 * faceC - LATENT_FUSION_JKG : 4186 * faceC - iceShare * LATENT_FUSION_JKG;
  return ((from.waterKgM2 - to.waterKgM2) * (perKg(from) + perKg(to))) / 2;
}

// McAdams (1954), 3rd ed., from memory: 24.7 at 5 m/s; the power law for faster wind doubles with a factor 2.43 of
// speed.
test('the pull of the air goes over from a line to a power without a jump', () => {
  expect(convectionWm2K(5)).toBeCloseTo(24.7, 9);
  expect(convectionWm2K(5.0001)).toBeCloseTo(24.7, 2);
  expect(convectionWm2K(10) / convectionWm2K(5)).toBeCloseTo(2 ** 0.78, 9);
});
