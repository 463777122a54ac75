import { LEARNED } from '../../spec/learned.js';
import { PATCH_FEATURES } from '../finder/fishPatch.js';
import { STEP_OUTPUTS } from '../finder/findFish.js';
import { framePatchSize } from '../landmarks/framePatch.js';
import { namedFinder, namedFrame, readLearned } from './learnedModels.js';
import { writeWeights } from './weightsFile.js';

test.each(['carp-mirror', 'pike', 'barbel', 'wels'] as const)('what was learned of a %s fits its patch', (kind) => {
  const { far, near, bend } = LEARNED.frameOf(kind);
  for (const step of [far, near, bend]) {
    expect(step).toHaveLength(12);
    // The patch, six points along and across, and the constant.
    for (const weights of step) expect(weights).toHaveLength(framePatchSize(kind) + 12 + 1);
  }
});

test('what was learned of finding fits its patch', () => {
  const { steps, quality } = LEARNED.finder;
  expect(steps.length).toBeGreaterThan(2);
  for (const step of steps) expect(step).toHaveLength((PATCH_FEATURES + 1) * STEP_OUTPUTS);
  expect(quality).toHaveLength(PATCH_FEATURES + 1);
});

test('all carp share a build, and what was learned of it', () => {
  expect(LEARNED.frameOf('carp-common')).toBe(LEARNED.frameOf('carp-linear'));
  expect(LEARNED.frameOf('pike')).not.toBe(LEARNED.frameOf('barbel'));
});

test('what is read is written again as it was', () => {
  const again = readLearned(
    writeWeights([...namedFinder(LEARNED.finder), ...namedFrame('pike', LEARNED.frameOf('pike'))]),
  );
  expect(again.finder.steps).toHaveLength(LEARNED.finder.steps.length);
  expect(again.frameOf('pike').bend[11]?.at(-1)).toBeCloseTo(LEARNED.frameOf('pike').bend[11]?.at(-1) ?? NaN, 6);
  const [was, is] = [LEARNED.frameOf('pike').far[0], again.frameOf('pike').far[0]];
  for (let i = 0; i < 50; i += 1) expect(is?.[i]).toBeCloseTo(was?.[i] ?? NaN, 6);
});

test('a file without the finder is refused', () => {
  expect(() => readLearned(writeWeights([]))).toThrow('finder');
});
