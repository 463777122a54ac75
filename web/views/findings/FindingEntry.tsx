import { useState } from 'react';
import { IS_WITHIN, type Factor } from '@keeper/core/findings/factors';
import type { Finding } from '@keeper/core/findings/findings';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { findingSentence, ratioText } from '../../parts/findings/findingSentence.js';
import { Behind } from './Behind.js';
import { LevelRates } from './LevelRates.js';
import { headed, levelText } from '../../parts/findings/levelText.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';

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
      <p className={says === 'found' ? 'font-book text-2xl' : 'font-book text-lg'}>
        {findingSentence(finding, swimName)}
      </p>
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

/** The factors beside this one, as one names them. */
function names(together: readonly Factor[], beside: Factor): readonly string[] {
  return together.filter((factor) => factor !== beside).map((factor) => findingsText.factor({ factor }).toLowerCase());
}
