import { speciesOf, type PaintedKind } from '../../domain/fish/anatomy.js';
import type { SpeciesId } from '../../domain/fish/species.js';
import type { FishFinderModel } from '../finder/findFish.js';
import type { FrameModel } from '../landmarks/refineFrame.js';
import { readWeights, type NamedWeights } from './weightsFile.js';

/** What was learned from painted pictures: how a fish is found, and how the frame of each kind settles on its flank. */
export interface LearnedModels {
  readonly finder: FishFinderModel;
  readonly frameOf: (kind: PaintedKind) => FrameModel;
}

/**
 * Reads what was learned out of the bytes of `learned.bin`, which whoever calls fetches. Throws a RangeError where they
 * are not such a file. Example: `readLearned(bytes).frameOf('pike').near` has twelve rows of weights.
 */
export function readLearned(file: Uint8Array): LearnedModels {
  const weights = readWeights(file);
  const quality = weights.get('finder/quality');
  if (!quality) throw new RangeError('The weights of the finder are not in this file.');
  const steps = (name: string) => [...weights].filter(([at]) => at.startsWith(`${name}/`)).map(([, each]) => each);
  const frames = new Map<SpeciesId, FrameModel>();
  const frameOf = (species: SpeciesId) => ({
    far: steps(`${species}/far`),
    near: steps(`${species}/near`),
    bend: steps(`${species}/bend`),
  });
  return {
    finder: { steps: steps('finder/step'), quality },
    frameOf: (kind) => {
      const species = speciesOf(kind);
      const frame = frames.get(species) ?? frameOf(species);
      frames.set(species, frame);
      return frame;
    },
  };
}

/** A finder as `writeWeights` takes it. */
export function namedFinder({ steps, quality }: FishFinderModel): NamedWeights[] {
  const shape = { bytes: 2, hasConstant: false } as const;
  return [
    ...steps.map((weights, i) => ({ name: `finder/step/${i}`, weights, ...shape })),
    { name: 'finder/quality', weights: quality, ...shape },
  ];
}

/** The frame of a species as `writeWeights` takes it. */
export function namedFrame(species: SpeciesId, { far, near, bend }: FrameModel): NamedWeights[] {
  return Object.entries({ far, near, bend }).flatMap(([part, rows]) =>
    rows.map((weights, i) => ({ name: `${species}/${part}/${i}`, weights, bytes: 1, hasConstant: true }) as const),
  );
}
