import { CIVIL_DUSK_DEG, sunAt } from '../weather/sun.js';
import type { CaptureConditions } from '../domain/capture/conditions.js';
import type { Position } from '../domain/water/water.js';
import { conditionsNow } from '../domain/outing/conditionsNow.js';
import type { OutingState } from '../domain/outing/outingState.js';

/**
 * How it is around a fish that takes at a moment, to be kept with its capture: from the log of the outing alone, so
 * that a fish that takes while the hours ahead are still being worked out lacks nothing. Example: nothing measured and
 * nobody along gives no companions.
 */
export function conditionsAtTake(state: OutingState, position: Position | null, momentMs: number): CaptureConditions {
  const { waterC, airC, oxygenMgL, thunder } = conditionsNow(state, momentMs);
  return {
    ...(waterC !== null && { waterC }),
    ...(airC !== null && { airC }),
    ...(oxygenMgL !== null && { oxygenMgL }),
    ...(position && sunAt(momentMs, position).altitudeDeg < CIVIL_DUSK_DEG && { dark: true }),
    ...(thunder && { thunder }),
    companions: state.companions,
  };
}
