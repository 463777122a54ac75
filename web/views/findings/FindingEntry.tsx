import { useState } from 'react';
import { IS_WITHIN, type Factor } from '@keeper/core/findings/factors';
import { MATTERS, type Finding } from '@keeper/core/findings/findings';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import type { RateRatio } from '@keeper/core/findings/rateRatio';
import { Behind } from './Behind.js';
import { LevelRates } from './LevelRates.js';
import { headed, levelText } from './levelText.js';
import { findingsText } from './text.en-GB.js';

interface FindingEntryProps {
  readonly finding: Finding;
  readonly filter: RecordFilter;
  /** The factors that were taken all at once. */
  readonly together: readonly Factor[];
  readonly swimName: (id: string) => string | undefined;
}

/** One thing that the book says: a sentence, and behind it the rates that it rests on and how it was found. */
export function FindingEntry({ finding, filter, together, swimName }: FindingEntryProps) {
  const { factor, says, p } = finding;
  const [level, setLevel] = useState<string | null>(null);
  return (
    <li className="break-inside-avoid border-t border-rule py-4">
      <p className={says === 'found' ? 'font-book text-2xl' : 'font-book text-lg'}>{sentence(finding, swimName)}</p>
      <details className="mt-1" open={says === 'found'}>
        <summary className="min-h-11 cursor-pointer py-2 text-soft">{findingsText.behind}</summary>
        <div className="grid max-w-3xl gap-3">
          <LevelRates finding={finding} swimName={swimName} onLevel={setLevel} />
          {finding.together && says === 'found' && together.includes(factor) && (
            <p>{findingsText.together({ ...ratioText(finding.together), factors: names(together, factor) })}</p>
          )}
          <p className="text-sm text-soft">
            {IS_WITHIN[factor] ? findingsText.withinDay : findingsText.betweenDays}{' '}
            {findingsText.chance({ p: (1000 * p).toFixed(p < 0.01 ? 1 : 0) })}
          </p>
        </div>
      </details>
      <Behind
        filter={filter}
        factor={factor}
        level={level}
        title={level === null ? '' : headed(levelText(factor, level, swimName))}
        onClose={() => setLevel(null)}
      />
    </li>
  );
}

function sentence({ factor, says, level, levels, moreOutings }: Finding, swimName: FindingEntryProps['swimName']) {
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

/** The factors beside this one, as one names them. */
function names(together: readonly Factor[], beside: Factor): readonly string[] {
  return together.filter((factor) => factor !== beside).map((factor) => findingsText.factor({ factor }).toLowerCase());
}

/** More than a guess in tens it is not. */
function tens(outings: number): number {
  return Math.max(10, Math.round(outings / 10) * 10);
}

function ratioText({ ratio, low, high }: RateRatio) {
  return { ratio: times(ratio), low: times(low), high: times(high) };
}

function times(ratio: number): string {
  return ratio.toLocaleString(undefined, { minimumFractionDigits: 1, maximumFractionDigits: ratio < 0.95 ? 2 : 1 });
}
