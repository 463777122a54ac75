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
import { findingsText } from './text.en-GB.js';
import { useFindings } from './useFindings.js';

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
  const list = (title: string, says: Finding['says']) => {
    const some = findings.filter((finding) => finding.says === says);
    return (
      some.length > 0 && (
        <Section title={title}>
          <ul className="border-b border-rule">
            {some.map((finding) => (
              <FindingEntry
                key={finding.factor}
                finding={finding}
                filter={filter}
                together={together}
                swimName={swimName}
              />
            ))}
          </ul>
        </Section>
      )
    );
  };
  const asked = untold.map((factor) => findingsText.factor({ factor }).toLowerCase()).join(', ');
  return (
    <>
      {findings.length === 0 && <p className="max-w-prose font-book text-xl">{findingsText.nothingYet}</p>}
      {list(findingsText.sure, 'found')}
      <RateCurves curves={told.curves} />
      <SwimMonths waters={told.swims} swimName={swimName} />
      {list(findingsText.notYet, 'open')}
      {list(findingsText.noDifference, 'nothing')}
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
