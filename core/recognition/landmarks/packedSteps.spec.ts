import { createRng } from '../../statistics/rng.js';
import { pack } from '../../image/packedWeights.js';
import { framePatchSize } from './framePatch.js';
import { unpackedStep } from './packedSteps.js';
import { frameModelOf } from './frameModels.js';

test('a step comes out as it went in, to a hundredth of its largest weight, its constant last', () => {
  const luck = createRng('step');
  const weights = Float32Array.from({ length: 400 }, () => luck.normal());
  const [step] = unpackedStep([{ ...pack(weights, 1), constant: 0.125 }], 400);
  const largest = weights.reduce((most, weight) => Math.max(most, Math.abs(weight)), 0);
  for (const [i, weight] of weights.entries())
    expect(Math.abs((step?.[i] ?? NaN) - weight)).toBeLessThan(largest / 200);
  expect(step).toHaveLength(401);
  expect(step?.[400]).toBe(0.125);
});

test.each(['carp-mirror', 'pike', 'barbel', 'wels'] as const)('what was learned of a %s fits its patch', (kind) => {
  const { far, near, bend } = frameModelOf(kind);
  for (const step of [far, near, bend]) {
    expect(step).toHaveLength(12);
    // The patch, six points along and across, and the constant.
    for (const weights of step) expect(weights).toHaveLength(framePatchSize(kind) + 12 + 1);
  }
  expect(frameModelOf(kind)).toBe(frameModelOf(kind));
});

test('all carp share a build, and what was learned of it', () => {
  expect(frameModelOf('carp-common')).toBe(frameModelOf('carp-linear'));
  expect(frameModelOf('pike')).not.toBe(frameModelOf('barbel'));
});
