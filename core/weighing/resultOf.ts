import type { CaptureStory } from '../domain/capture/captureState.js';
import type { Mass } from '../measure/mass.js';
import type { WeightReading } from '../domain/capture/weightReading.js';
import { weightResult, type WeightResult } from './result.js';
import type { Rounding } from './rounding.js';
import { checkInForce } from './scaleCheck.js';
import type { ScaleNature } from '../domain/kit/scaleSpec.js';
import { slingDrain } from './slingDrain.js';
import { type TareNote } from '../domain/kit/tareNote.js';
import { weighingOf } from '../domain/capture/weighingOf.js';

/** What the kit knows of a scale or a sling, as far as a weight is worked out with it. */
export interface WeighedOn {
  readonly id: string;
  readonly scale?: ScaleNature | null;
  readonly tares: readonly TareNote[];
}

/** The steps of a scale that nobody described: one of the unit read, ten grams where it shows kilograms. */
export function plainDivision(unit: Mass['unit']): Mass {
  return { unit, count: unit === 'g' ? 10 : 1 };
}

/**
 * The weight of a capture with its uncertainty, of its story, the kit and the keeper's rule of rounding. Undefined while nothing was read, or its
 * tare is missing. Example: without any kit the unit that was read is the step of the scale.
 */
export function resultOf(story: CaptureStory, kit: readonly WeighedOn[], rounding: Rounding): WeightResult | undefined {
  const weighing = weighingOf(story);
  return weighing && resultOfReading(weighing, story.startedAt ?? '', kit, rounding);
}

/** The same of a weighing that was taken from its story before. `takenAt` stands in where nobody noted when it was read. */
export function resultOfReading(
  weighing: WeightReading,
  takenAt: string,
  kit: readonly WeighedOn[],
  rounding: Rounding,
): WeightResult | undefined {
  const nature = kit.find(({ id }) => id === weighing.scalesId)?.scale;
  const sling = kit.find(({ id }) => id === weighing.slingId);
  const readAt = weighing.readAt ?? takenAt;
  return weightResult(
    { ...weighing, ...(readAt && { readAt }) },
    {
      division: nature?.division ?? plainDivision(weighing.asRead.unit),
      scaleClass: nature?.scaleClass ?? 'III',
      check: nature ? checkInForce(nature, readAt) : undefined,
      drain: sling ? slingDrain(sling.tares) : undefined,
      rounding,
    },
  );
}
