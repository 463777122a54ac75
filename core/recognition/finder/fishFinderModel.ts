import { PATCH_FEATURES } from './fishPatch.js';
import { STEP_OUTPUTS, type FishFinderModel } from './findFish.js';
import { FISH_FINDER_WEIGHTS } from './fishFinderWeights.js';
import { unpack } from '../../image/packedWeights.js';

let unpacked: FishFinderModel | undefined;

/** The finder as it was learned from painted pictures; unpacked once. */
export function fishFinderModel(): FishFinderModel {
  unpacked ??= {
    steps: FISH_FINDER_WEIGHTS.steps.map((packed) => unpack(packed, (PATCH_FEATURES + 1) * STEP_OUTPUTS)),
    quality: unpack(FISH_FINDER_WEIGHTS.quality, PATCH_FEATURES + 1),
  };
  return unpacked;
}
