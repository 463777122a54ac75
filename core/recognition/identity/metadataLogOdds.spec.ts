import { metadataLogOdds, combineLogOdds, type OfItsKind } from './metadataLogOdds.js';
import type { LinkedFacts } from './consistencyChecks.js';
import { DAY_MS } from '../../measure/timeSpan.js';

const KIND: OfItsKind = {
  lengthsMm: [620, 650, 680, 700, 720, 750, 780, 810],
  grams: [5500, 6200, 7000, 8000, 8700, 9900, 11_000, 13_000],
  atThisWater: 0.4,
};
const fish = (days: number, facts: Partial<LinkedFacts> = {}): LinkedFacts => ({
  captureId: `day ${days}`,
  atMs: Date.UTC(2025, 4, 1) + days * DAY_MS,
  elapsedMs: 600_000,
  species: 'carp',
  waterId: 'a',
  lengthMm: 720,
  grams: 9000,
  ...facts,
});
const evidence = (asked: LinkedFacts, known = [fish(0)], kind = KIND) =>
  Object.fromEntries(metadataLogOdds(asked, known, kind).map((each) => [each.by, each.evidence]));

test('what agrees suggests it, and rightly more the rarer it is', () => {
  const said = evidence(fish(200, { lengthMm: 725, grams: 9100 }));
  expect(said['length']).toBeGreaterThan(0.5);
  expect(said['weight']).toBeGreaterThan(0.5);
  expect(said['water']).toBeCloseTo(Math.log(0.97 / 0.4), 6);
  expect(evidence(fish(200, { lengthMm: 810 }), [fish(0, { lengthMm: 805 })])['length']).toBeGreaterThan(
    said['length'] ?? 9,
  );
});

test('a fish cannot have shrunk ten centimetres, but spawn weight can be lost', () => {
  expect(evidence(fish(200, { lengthMm: 620 }))['length']).toBe(-6);
  expect(evidence(fish(40, { grams: 7900 }))['weight']).toBeGreaterThan(0);
});

test('another water and the same moment speak against it; what is not known says nothing', () => {
  expect(evidence(fish(200, { waterId: 'b' }))['water']).toBeLessThan(-2.5);
  expect(evidence(fish(0.002))['at-once']).toBe(-6);
  expect(evidence(fish(200, { lengthMm: null, grams: null, waterId: null }))).toEqual({});
  expect(evidence(fish(200), [fish(0)], { ...KIND, lengthsMm: [700], grams: [] })).toEqual({
    water: expect.any(Number),
  });
});

test('length and weight are not counted twice, and one that speaks against is not outvoted', () => {
  const said = (length: number, weight: number) =>
    combineLogOdds([
      { by: 'length', evidence: length, than: fish(0) },
      { by: 'weight', evidence: weight, than: fish(0) },
    ]);
  expect(said(2, 1)).toBe(1.5);
  expect(said(2, -3)).toBe(-3);
  expect(said(-6, -6)).toBe(-6);
  expect(combineLogOdds([])).toBe(0);
});
