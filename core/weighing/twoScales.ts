import { addMasses, gramsOf } from '../measure/mass.js';
import { combineDoubts, effectiveFreedom, expandDoubts } from '../statistics/coverage.js';
import type { WeightResult } from './result.js';

/**
 * Two scales that carried one fish, as one weight: the readings add, and so do the doubts, as squares, each scale's its
 * own (JCGM 100:2008, 5.1.2). Undefined where pounds meet grams.
 *
 * Example: two scales of give or take 2 oz each are together good to about 2.8 oz.
 */
export function addResults(first: WeightResult, second: WeightResult): WeightResult | undefined {
  const net = addMasses(first.net, second.net);
  const stands = addMasses(first.stands, second.stands);
  if (!net.ok || !stands.ok) return undefined;
  const budget = [...first.budget, ...second.budget];
  const doubts = budget.map(({ uGrams: u, freedom, even }) => ({ u, freedom, even }));
  const expandedGrams = expandDoubts(doubts);
  return {
    ...first,
    net: net.value,
    stands: stands.value,
    best: {
      grams: first.best.grams + second.best.grams,
      uGrams: combineDoubts(doubts),
      freedom: effectiveFreedom(doubts),
      expandedGrams,
    },
    standsExpandedGrams: expandedGrams + Math.abs(offset(first) + offset(second)),
    budget,
    cuppedByGrams: first.cuppedByGrams + second.cuppedByGrams,
    checkAt: first.checkAt && second.checkAt && (first.checkAt < second.checkAt ? first.checkAt : second.checkAt),
  };
}

/** How far the best estimate lies from the weight that stands. */
function offset({ best, stands }: WeightResult): number {
  return best.grams - gramsOf(stands);
}
