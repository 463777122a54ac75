import { SPECIES, type SpeciesId } from '@keeper/core/domain/fish/species';
import { FieldSentence } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { TextField } from '../../parts/TextField.js';
import { say } from '../../text/say.js';
import { watersText } from './text.en-GB.js';

/** Sizes as they are typed, in the keeper's units. */
export interface TypedLegalSize {
  readonly species: SpeciesId;
  readonly least: string;
  readonly most: string;
}

interface LegalSizeFieldsProps {
  readonly sizes: readonly TypedLegalSize[];
  readonly inches: boolean;
  readonly problem: string | undefined;
  readonly onChange: (sizes: readonly TypedLegalSize[]) => void;
}

/** Of each kind the least length, and the most where there is a slot. */
export function LegalSizeFields({ sizes, inches, problem, onChange }: LegalSizeFieldsProps) {
  const set = (index: number, change: Partial<TypedLegalSize>) =>
    onChange(sizes.map((size, i) => (i === index ? { ...size, ...change } : size)));
  const free = SPECIES.find(({ id }) => id !== 'other' && !sizes.some(({ species }) => species === id))?.id;
  return (
    <div className="grid gap-3">
      {sizes.map((size, i) => (
        <div key={i} className="grid grid-cols-2 items-end gap-3 sm:grid-cols-[1fr_7rem_7rem_auto]">
          <Picker
            label={watersText.speciesOfTheSize}
            value={size.species}
            onChange={(species) => set(i, { species: species as SpeciesId })}
            options={SPECIES.map(({ id, name }) => ({ value: id, label: say(name) }))}
          />
          <TextField
            label={watersText.atLeast({ inches })}
            numeric
            value={size.least}
            onChange={(least) => set(i, { least })}
          />
          <TextField
            label={watersText.atMost({ inches })}
            numeric
            value={size.most}
            onChange={(most) => set(i, { most })}
          />
          <button
            type="button"
            className="quiet-link min-h-13"
            onClick={() => onChange(sizes.filter((_, at) => at !== i))}
          >
            {watersText.takeAway}
          </button>
        </div>
      ))}
      {problem && <FieldSentence id="legal-size-problem">{problem}</FieldSentence>}
      {free && (
        <p>
          <button
            type="button"
            className="button font-normal"
            onClick={() => onChange([...sizes, { species: free, least: '', most: '' }])}
          >
            {watersText.addALegalSize}
          </button>
        </p>
      )}
    </div>
  );
}
