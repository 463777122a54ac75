import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import { SPECIES, speciesName, type SpeciesId } from '@keeper/core/domain/fish/species';

/** Named first where nothing was planned: the kinds that the book is mostly about. */
const USUAL: readonly SpeciesId[] = ['carp', 'pike', 'barbel', 'wels'];

interface KindTapsProps {
  readonly species: SpeciesId | null;
  /** What was said, apart from what is only expected. */
  readonly said: SpeciesId | undefined;
  readonly expected: readonly SpeciesId[];
  readonly onSay: (species: SpeciesId) => void;
}

/**
 * What it is: any kind, planned or not, in every phase; named wrongly, it is put right by one tap more. Counsel and
 * order are of that kind.
 */
export function KindTaps({ species, said, expected, onSay }: KindTapsProps) {
  const [open, setOpen] = useState(false);
  const near = expected.length > 0 ? expected : USUAL;
  const all = SPECIES.map(({ id }) => id).sort((a, b) => Number(near.includes(b)) - Number(near.includes(a)));
  const shown = open ? all : near;
  const isSettled = said !== undefined || (expected.length === 1 && species !== null);
  if (isSettled && !open) {
    return (
      <button
        type="button"
        aria-expanded={false}
        className="quiet-link min-h-11 justify-self-start text-left"
        onClick={() => setOpen(true)}
      >
        {runText.notRight({ species: say(speciesName(species)), said })}
      </button>
    );
  }
  return (
    <div role="group" aria-label={runText.whatIsIt} className="grid grid-cols-3 items-center gap-2.5 sm:grid-cols-4">
      {shown.map((kind) => (
        <button
          key={kind}
          type="button"
          aria-pressed={said === kind}
          className="button min-h-14 px-2 leading-tight aria-pressed:border-ink"
          onClick={() => {
            setOpen(false);
            onSay(kind);
          }}
        >
          {say(speciesName(kind))}
        </button>
      ))}
      {!open && (
        <button
          type="button"
          aria-expanded={false}
          className="button min-h-14 px-2 font-normal leading-tight"
          onClick={() => setOpen(true)}
        >
          {runText.otherSpecies}
        </button>
      )}
    </div>
  );
}
