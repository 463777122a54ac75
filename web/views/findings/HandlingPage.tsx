import type { HandlingTold } from '@keeper/core/findings/bookTold';
import { LEAST_HANDLED, type HandlingFinding } from '@keeper/core/findings/handlingOutcomes';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { Section } from '../../parts/Section.js';
import { FindingsFrame } from './FindingsFrame.js';
import { HandledSeasons } from './HandledSeasons.js';
import { Working } from './Working.js';
import { handlingSentence, quietSentences } from './handlingSentence.js';
import { shareText } from './shareText.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { useFindings } from '../../parts/findings/useFindings.js';

/** What the keeper's handling does to the fish, as far as their own fish say. */
export function HandlingPage() {
  return (
    <FindingsFrame title={findingsText.handling} how={findingsText.handlingHow}>
      {(filter) => <Handling filter={filter} />}
    </FindingsFrame>
  );
}

function Handling({ filter }: { filter: RecordFilter }) {
  const { told, isAway, going } = useFindings('handling', filter);
  if (!told) return <Working isAway={isAway} going={going} />;
  const { findings, seasons, wounds } = told;
  const of = (says: HandlingFinding['says']) => findings.filter((finding) => finding.says === says);
  const quiet = [...of('nothing'), ...of('open')];
  return (
    <>
      {findings.length === 0 && (
        <p className="max-w-prose font-book text-xl">{findingsText.noHandling({ least: LEAST_HANDLED })}</p>
      )}
      {findings.length > 0 && of('found').length === 0 && (
        <p className="max-w-prose font-book text-xl">{findingsText.handlingTellsNothing}</p>
      )}
      <ul className="grid max-w-prose gap-4">
        {of('found').map((finding) => (
          <li key={`${finding.strain} ${finding.show}`}>
            <Entry finding={finding} />
          </li>
        ))}
      </ul>
      <HandledSeasons seasons={seasons} />
      <Wounds wounds={wounds} />
      {quiet.length > 0 && (
        <Section title={findingsText.saysNothing}>
          <ul className="grid max-w-prose gap-2">
            {quietSentences(quiet).map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </Section>
      )}
      <Published />
      <p className="max-w-prose text-sm text-soft">{findingsText.handlingMethod}</p>
    </>
  );
}

function Entry({ finding }: { finding: HandlingFinding }) {
  return (
    <>
      <p className="font-book text-2xl">{handlingSentence(finding)}</p>
      <p className="text-sm text-soft">
        {findingsText.handlingRests({
          fish: finding.fish,
          p: (1000 * finding.p).toFixed(finding.p < 0.01 ? 1 : 0),
        })}
      </p>
    </>
  );
}

function Wounds({ wounds: { open, healed } }: Pick<HandlingTold, 'wounds'>) {
  if (open.of === 0) return null;
  return (
    <Section title={findingsText.woundsTitle}>
      <p className="max-w-prose">
        {findingsText.woundsSeen({ times: open.times, of: open.of, limits: shareText(open) })}{' '}
        {healed.of > 0 && findingsText.woundsHealed({ times: healed.times, of: healed.of })}
      </p>
    </Section>
  );
}

/** What others have measured: it stands beside the keeper's own, and does not go into it. */
function Published() {
  return (
    <Section title={findingsText.published}>
      <ul className="grid max-w-prose gap-2">
        {findingsText.publishedWork.map(({ says, source }) => (
          <li key={source}>
            {says} <span className="text-sm text-soft">{source}</span>
          </li>
        ))}
      </ul>
    </Section>
  );
}
