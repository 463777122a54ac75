import { massParts } from '@keeper/core/measure/massParts';
import type { MassUnit } from '@keeper/core/measure/mass';
import { say } from '../text/say.js';
import type { Wheel } from './useWheels.js';

/** The wheels on which a weight of this unit is set, each with its name in full. */
export function massWheels(unit: MassUnit): readonly Wheel[] {
  return massParts(unit).map((part) => ({ ...part, label: say(part.label) }));
}
