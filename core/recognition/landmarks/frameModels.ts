import { speciesOf, type PaintedKind } from '../../domain/fish/anatomy.js';
import { STEP_OUTPUTS } from '../finder/findFish.js';
import { BARBEL_FRAME_WEIGHTS } from './barbelFrameWeights.js';
import { CARP_FRAME_WEIGHTS } from './carpFrameWeights.js';
import { framePatchSize } from './framePatch.js';
import { unpackedStep, type PackedFrameModel } from './packedSteps.js';
import { PIKE_FRAME_WEIGHTS } from './pikeFrameWeights.js';
import type { FrameModel } from './refineFrame.js';
import { WELS_FRAME_WEIGHTS } from './welsFrameWeights.js';

const unpacked = new Map<string, FrameModel>();

/** How the frame of a kind settles, as it was learned from painted pictures; unpacked once. */
export function frameModelOf(kind: PaintedKind): FrameModel {
  const species = speciesOf(kind);
  const known = unpacked.get(species);
  if (known) return known;
  const { far, near, bend } = packedModel(species);
  const steps = (step: PackedFrameModel['far']) => unpackedStep(step, framePatchSize(kind) + STEP_OUTPUTS);
  const model = { far: steps(far), near: steps(near), bend: steps(bend) };
  unpacked.set(species, model);
  return model;
}

function packedModel(species: ReturnType<typeof speciesOf>): PackedFrameModel {
  if (species === 'pike') return PIKE_FRAME_WEIGHTS;
  if (species === 'barbel') return BARBEL_FRAME_WEIGHTS;
  if (species === 'wels') return WELS_FRAME_WEIGHTS;
  return CARP_FRAME_WEIGHTS;
}
