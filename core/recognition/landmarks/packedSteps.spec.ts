import { chance } from '../../statistics/rng.js';
import { pack } from '../../image/packedWeights.js';
import { framePatchSize } from './framePatch.js';
import { unpackedStep } from './packedSteps.js';
import { settleModel } from './frameModels.js';

test('a step comes out as it went in, to a hundredth of its largest weight, its constant last', () => {
  const luck = chance('step');
  const weights = Float32Array.from({ length: 400 }, () => luck.normal());
  const [step] = unpackedStep([{ ...pack(weights, 1), constant: 0.125 }], 400);
  const largest = weights.reduce((most, weight) => Math.max(most, Math.abs(weight)), 0);
  for (const [i, weight] of weights.entries())
    expect(Math.abs((step?.[i] ?? NaN) - weight)).toBeLessThan(largest / 200);
  expect(step).toHaveLength(401);
  expect(step?.[400]).toBe(0.125);
});

test.each(['carp-mirror', 'pike', 'barbel', 'wels'] as const)('what was learned of a %s fits its patch', (kind) => {
  const { far, near, bend } = settleModel(kind);
  for (const step of [far, near, bend]) {
    expect(step).toHaveLength(12);
    // The patch, six points along and across, and the constant.
    for (const weights of step) expect(weights).toHaveLength(framePatchSize(kind) + 12 + 1);
  }
  expect(settleModel(kind)).toBe(settleModel(kind));
});

test('all carp share a build, and what was learned of it', () => {
  expect(settleModel('carp-common')).toBe(settleModel('carp-linear'));
  expect(settleModel('pike')).not.toBe(settleModel('barbel'));
});
