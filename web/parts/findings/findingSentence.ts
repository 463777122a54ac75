import { MATTERS, type Finding } from '@keeper/core/findings/findings';
import type { RateRatio } from '@keeper/core/findings/rateRatio';
import { headed, levelText } from './levelText.js';
import { findingsText } from './text.en-GB.js';

/** What a finding says, in one sentence; `swimName` gives the name of a swim by its id. */
export function findingSentence(
  { factor, says, level, levels, moreOutings }: Finding,
  swimName: (id: string) => string | undefined,
): string {
  const ratio = levels.find((each) => each.level === level)?.ratio;
  if (says === 'found' && level !== null && ratio) {
    return findingsText.found({
      level: headed(levelText(factor, level, swimName)),
      many: level === 'first' || level === 'last',
      ...ratioText(ratio),
      factor,
    });
  }
  return says === 'nothing'
    ? findingsText.nothing({ factor, most: times(MATTERS) })
    : findingsText.open({ factor, more: moreOutings && tens(moreOutings) });
}

/** More than a guess in tens it is not. */
function tens(outings: number): number {
  return Math.max(10, Math.round(outings / 10) * 10);
}

/** A ratio and its limits as one writes them. */
export function ratioText({ ratio, low, high }: RateRatio) {
  return { ratio: times(ratio), low: times(low), high: times(high) };
}

function times(ratio: number): string {
  return ratio.toLocaleString(undefined, { minimumFractionDigits: 1, maximumFractionDigits: ratio < 0.95 ? 2 : 1 });
}
