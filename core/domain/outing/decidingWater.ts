import type { WaterDepth } from './event.js';
import type { OutingState, TakenCondition } from './outingState.js';

/** The reading of the water that decides whether to fish, and the coolest deep one that does not. */
export interface DecidingWater {
  readonly waterC: number;
  readonly at: TakenCondition;
  /** A cooler reading from the bottom beside it: no refuge. */
  readonly deepC: number | null;
}

/**
 * A reading counts beside a newer one for so long: a margin warms by a degree or two in that time (common practice, no
 * source).
 */
const RECENT_MS = 3 * 3_600_000;

/**
 * Which reading of the water decides: the warmest recent one of the water that a fish is fought and handled in, at the
 * surface or at the depth of the net. A reading off the bottom decides only where there is no other. Null while nothing
 * was measured. Common practice, no source: a cool layer below is often short of oxygen in the warm season, and the
 * fish must come up through the warm one. Example: 27 degrees at the surface, then 15 on the bottom an hour later, is
 * 27, with 15 below.
 */
export function decidingWater({ conditions }: Pick<OutingState, 'conditions'>, untilMs: number): DecidingWater | null {
  const measured = conditions.filter(({ waterC, atMs }) => waterC !== undefined && atMs <= untilMs);
  const above = measured.filter(({ depth }) => !isDeep(depth));
  const newest = (above.length > 0 ? above : measured).at(-1);
  if (!newest) return null;
  const near = (each: TakenCondition) => newest.atMs - each.atMs <= RECENT_MS;
  const recent = (above.length > 0 ? above : measured).filter((each) => near(each) && sameDepth(each, newest));
  // The newest of each depth stands for it; of these the warmest decides.
  const others = above.filter((each) => near(each) && !sameDepth(each, newest));
  const candidates = [recent.at(-1) ?? newest, ...(others.length > 0 ? [others.at(-1) as TakenCondition] : [])];
  const at = candidates.reduce((a, b) => ((b.waterC ?? 0) > (a.waterC ?? 0) ? b : a));
  const waterC = at.waterC ?? 0;
  const deep = measured.findLast(({ depth, atMs }) => isDeep(depth) && Math.abs(newest.atMs - atMs) <= RECENT_MS);
  const deepC = deep?.waterC !== undefined && deep !== at && deep.waterC < waterC ? deep.waterC : null;
  return { waterC, at, deepC };
}

function isDeep(depth: WaterDepth | undefined): boolean {
  return depth === 'bottom';
}

/** One that does not say where it was taken is taken for one at the surface. */
function sameDepth(a: TakenCondition, b: TakenCondition): boolean {
  return (a.depth ?? 'surface') === (b.depth ?? 'surface');
}
