import type { CaptureState } from '../domain/capture/captureState.js';
import type { Mass } from '../measure/mass.js';
import { eachScale, type WeightReading } from '../domain/capture/weightReading.js';
import { weightResult, type WeightResult } from './result.js';
import type { Rounding } from './rounding.js';
import { checkInForce } from './scaleCheck.js';
import type { ScaleSpec } from '../domain/kit/scaleSpec.js';
import { slingDrain } from './slingDrain.js';
import { addResults } from './twoScales.js';
import { type TareNote } from '../domain/kit/tareNote.js';
import { weighingOf } from '../domain/capture/weighingOf.js';

/** What the kit knows of a scale or a sling, as far as a weight is worked out with it. */
export interface WeighedOn {
  readonly id: string;
  readonly scale?: ScaleSpec | null;
  readonly tares: readonly TareNote[];
}

/** The steps of a scale that nobody described: one of the unit read, ten grams where it shows kilograms. */
export function plainDivision(unit: Mass['unit']): Mass {
  return { unit, count: unit === 'g' ? 10 : 1 };
}

/**
 * The weight of a capture with its uncertainty, from its state, the kit and the keeper's rule of rounding. Undefined
 * while nothing was read, or its tare is missing. Example: without any kit the unit that was read is the step of the
 * scale.
 */
export function resultOf(state: CaptureState, kit: readonly WeighedOn[], rounding: Rounding): WeightResult | undefined {
  const weighing = weighingOf(state);
  return weighing && resultOfReading(weighing, state.startedAt ?? '', kit, rounding);
}

/**
 * The same of a weighing that was taken from its state before. `takenAt` stands in where nobody noted when it was read.
 */
export function resultOfReading(
  weighing: WeightReading,
  takenAt: string,
  kit: readonly WeighedOn[],
  rounding: Rounding,
): WeightResult | undefined {
  const [first, second] = eachScale(weighing).map((each) => resultOfOne(each, takenAt, kit, rounding));
  return weighing.also ? first && second && addResults(first, second) : first;
}

function resultOfOne(
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
