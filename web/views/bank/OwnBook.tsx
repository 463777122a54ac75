import { useState } from 'react';
import { Link } from 'react-router';
import { speciesName, type SpeciesId } from '@keeper/core/domain/fish/species';
import { paths } from '../../app/paths.js';
import { useSwims } from '../../data/rows.js';
import { findingSentence } from '../../parts/findings/findingSentence.js';
import { useFindings } from '../../parts/findings/useFindings.js';
import { Section } from '../../parts/Section.js';
import { say } from '../../text/say.js';
import { bankText } from './text.en-GB.js';

/**
 * What the keeper's own book says for sure of this water and this kind; and that it says nothing, where it does not. It
 * is worked out for a tap: what was told before stands at once.
 */
export function OwnBook({ waterId, species }: { waterId: string; species: SpeciesId }) {
  const [isAsked, setAsked] = useState(false);
  const { told, isAway } = useFindings('when', { waterId, species }, isAsked);
  const swims = useSwims();
  const kind = say(speciesName(species)).toLowerCase();
  const search = new URLSearchParams({ water: waterId, kind: species }).toString();
  const sure = told?.findings.filter(({ says }) => says === 'found') ?? [];
  return (
    <Section title={bankText.yourOwnBook({ kind })}>
      {!told && (
        <button type="button" className="button" disabled={isAsked && !isAway} onClick={() => setAsked(true)}>
          {isAsked && !isAway ? bankText.askingTheBook : bankText.askTheBook}
        </button>
      )}
      {isAway && <p className="mt-2">{bankText.bookIsAway}</p>}
      {told && sure.length === 0 && (
        <p>{bankText.nothingSureOf({ kind, outings: told.rests.outings, fish: told.rests.fish })}</p>
      )}
      {sure.length > 0 && (
        <ul className="grid gap-2">
          {sure.map((finding) => (
            <li key={finding.factor} className="font-book text-lg">
              {findingSentence(finding, (id) => swims.find((swim) => swim.id === id)?.name)}
            </li>
          ))}
        </ul>
      )}
      {told && (
        <Link to={{ pathname: paths.findings, search }} className="quiet-link">
          {bankText.howItIsKnown}
        </Link>
      )}
    </Section>
  );
}
