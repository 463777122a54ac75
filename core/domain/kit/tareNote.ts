import { type Mass } from '../../measure/mass.js';

/** A weighing of the empty sling. */
export interface TareNote {
  readonly at: string;
  readonly wet: boolean;
  readonly mass: Mass;
  /** How long it had hung since it came out of the water, in minutes, where that was looked at. */
  readonly hungMin?: number;
}
