import type { CaptureState } from './captureState.js';
import type { WeightReading } from './weightReading.js';

/**
 * The weighing of a capture as a whole: the reading, the zero that was tapped, and the empty sling that was hung again
 * afterwards. Undefined while nothing was read.
 */
export function weighingOf(state: CaptureState): WeightReading | undefined {
  const { weight } = state.facts;
  if (!weight) return undefined;
  const { startedAt, slingAfter, slingAfterWay, marks } = state;
  const at = (type: 'zeroed' | 'weighed') => marks.findLast((mark) => mark.type === type)?.atMs;
  const clock = (ms: number | undefined) =>
    ms === undefined || startedAt === null ? undefined : new Date(Date.parse(startedAt) + ms).toISOString();
  const zeroedAt = clock(at('zeroed')) ?? weight.zeroedAt;
  const readAt = weight.readAt ?? clock(at('weighed'));
  return {
    ...weight,
    ...(zeroedAt && { zeroedAt }),
    ...(readAt && { readAt }),
    ...(slingAfter && { slingAfter }),
    ...(slingAfterWay && { slingAfterWay }),
  };
}
