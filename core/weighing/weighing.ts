import { timesDone } from '../capture/steps.js';
import type { CaptureStory } from '../capture/story.js';
import type { WeightReading } from './reading.js';

/**
 * The weighing of a capture as a whole: the reading, the zero that was tapped, and the empty sling that was hung again afterwards.
 * Undefined while nothing was read.
 */
export function weighingOf(story: CaptureStory): WeightReading | undefined {
  const { weight } = story.facts;
  if (!weight) return undefined;
  const { startedAt, slingAfter, slingAfterWay, marks } = story;
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

const OUTING_MS = 12 * 3_600_000;

/**
 * Whether the scale was seen to be zeroed with the wet sling on: tapped in the run, or on the bank before it. `zeroedAt` is the last zero from
 * before a take; one of another day was of another wetness.
 * Example: a zero of an hour before the take counts, one of the day before does not.
 */
export function wasZeroed(story: CaptureStory, zeroedAt: string | undefined): boolean {
  if (timesDone(story, 'zeroed') > 0) return true;
  if (!zeroedAt || story.startedAt === null) return false;
  return Math.abs(Date.parse(story.startedAt) - Date.parse(zeroedAt)) < OUTING_MS;
}
