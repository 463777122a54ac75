import type { Finding } from '@keeper/core/findings/findings';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import type { WhenTold } from '@keeper/core/findings/bookTold';
import { useSwims } from '../../data/rows.js';
import { Section } from '../../parts/Section.js';
import { FindingEntry } from './FindingEntry.js';
import { FindingsFrame } from './FindingsFrame.js';
import { RateCurves } from './RateCurves.js';
import { SwimMonths } from './SwimMonths.js';
import { Working } from './Working.js';
import { headed } from '../../parts/findings/levelText.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { useFindings } from '../../parts/findings/useFindings.js';

/** A winter evening's reading: when and where the keeper's own fish came, the surest first, and what says nothing. */
export function WhenPage() {
  return (
    <FindingsFrame title={findingsText.title} how={findingsText.how}>
      {(filter) => <When filter={filter} />}
    </FindingsFrame>
  );
}

function When({ filter }: { filter: RecordFilter }) {
  const { told, isAway, going } = useFindings('when', filter);
  return told ? <Told told={told} filter={filter} /> : <Working isAway={isAway} going={going} />;
}

function Told({ told, filter }: { told: WhenTold; filter: RecordFilter }) {
  const swims = useSwims();
  const swimName = (id: string) => swims.find((swim) => swim.id === id)?.name;
  const { rests, findings, untold, together } = told;
  const isNever = ({ says, moreOutings }: Finding) => says === 'open' && moreOutings === null;
  const never = findings.filter(isNever);
  const entries = (some: readonly Finding[]) => (
    <ul className="border-b border-rule">
      {some.map((finding) => (
        <FindingEntry key={finding.factor} finding={finding} filter={filter} together={together} swimName={swimName} />
      ))}
    </ul>
  );
  const section = (title: string, says: Finding['says']) => {
    const some = findings.filter((finding) => finding.says === says && !isNever(finding));
    return some.length > 0 && <Section title={title}>{entries(some)}</Section>;
  };
  const asked = untold.map((factor) => findingsText.factor({ factor }).toLowerCase()).join(', ');
  return (
    <>
      {findings.length === 0 && <p className="max-w-prose font-book text-xl">{findingsText.nothingYet}</p>}
      {section(findingsText.sure, 'found')}
      <RateCurves curves={told.curves} />
      <SwimMonths waters={told.swims} swimName={swimName} />
      {section(findingsText.notYet, 'open')}
      {section(findingsText.noDifference, 'nothing')}
      {never.length > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer py-2 font-book text-lg">{neverText(never)}</summary>
          {entries(never)}
        </details>
      )}
      <div className="grid max-w-prose gap-2 text-soft">
        {rests.outings > 0 && <p>{findingsText.rests({ ...rests, rodHours: Math.round(rests.rodHours) })}</p>}
        {rests.withoutRods > 0 && <p>{findingsText.withoutRods({ outings: rests.withoutRods })}</p>}
        {rests.fishOutside > 0 && <p>{findingsText.fishOutside({ fish: rests.fishOutside })}</p>}
        {filter.keeperId !== undefined && <p>{findingsText.whoseRods}</p>}
        {findings.length > 0 && untold.length > 0 && <p>{findingsText.untold({ factors: asked })}</p>}
      </div>
    </>
  );
}

/** What no keeper would live to see settled, in one sentence; one alone is said as it is elsewhere. */
function neverText(never: readonly Finding[]): string {
  const [only, ...more] = never;
  if (only && more.length === 0) return findingsText.open({ factor: only.factor, more: null });
  return headed(
    findingsText.never({ factors: never.map(({ factor }) => findingsText.factor({ factor }).toLowerCase()) }),
  );
}
