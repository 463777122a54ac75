import { IS_WITHIN } from '@keeper/core/findings/factors';
import { MATTERS, type Finding } from '@keeper/core/findings/findings';
import { LevelRates } from './LevelRates.js';
import { headed, levelText } from './levelText.js';
import { findingsText } from './text.en-GB.js';

interface FindingEntryProps {
  readonly finding: Finding;
  readonly swimName: (id: string) => string | undefined;
}

/** One thing that the book says: a sentence, and behind it the rates that it rests on and how it was found. */
export function FindingEntry({ finding, swimName }: FindingEntryProps) {
  const { factor, says, p } = finding;
  return (
    <li className="border-t border-rule py-4">
      <p className={says === 'found' ? 'font-book text-2xl' : 'font-book text-lg'}>{sentence(finding, swimName)}</p>
      <details className="mt-1" open={says === 'found'}>
        <summary className="min-h-11 cursor-pointer py-2 text-soft">{findingsText.behind}</summary>
        <div className="grid max-w-3xl gap-3">
          <LevelRates finding={finding} swimName={swimName} />
          <p className="text-sm text-soft">
            {IS_WITHIN[factor] ? findingsText.withinDay : findingsText.betweenDays}{' '}
            {findingsText.chance({ p: (1000 * p).toFixed(p < 0.01 ? 1 : 0) })}
          </p>
        </div>
      </details>
    </li>
  );
}

function sentence({ factor, says, level, levels, moreOutings }: Finding, swimName: FindingEntryProps['swimName']) {
  const ratio = levels.find((each) => each.level === level)?.ratio;
  if (says === 'found' && level !== null && ratio) {
    return findingsText.found({
      level: headed(levelText(factor, level, swimName)),
      many: level === 'first' || level === 'last',
      ratio: times(ratio.ratio),
      low: times(ratio.low),
      high: times(ratio.high),
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

function times(ratio: number): string {
  return ratio.toLocaleString(undefined, { minimumFractionDigits: 1, maximumFractionDigits: ratio < 0.95 ? 2 : 1 });
}
