import { unpack, type PackedWeights } from '../../image/packedWeights.js';
import type { StepWeights } from './refineFrame.js';

/** What a step says, one number after the other: weights of a byte each, and the constant. */
export type PackedStep = readonly (PackedWeights & { readonly constant: number })[];

/** As `SettleModel`, packed. */
export interface PackedFrameModel {
  readonly far: PackedStep;
  readonly near: PackedStep;
  readonly bend: PackedStep;
}

/** The weights of a step for so many features, the constant last. */
export function unpackedStep(step: PackedStep, features: number): StepWeights[] {
  return step.map(({ constant, ...packed }) => {
    const weights = new Float32Array(features + 1);
    weights.set(unpack(packed, features, 1));
    weights[features] = constant;
    return weights;
  });
}
