import { partsText } from './text.en-GB.js';
import { say } from '../text/say.js';
import { SPECIES, type FormId, type SpeciesId } from '@keeper/core/domain/fish/species';
import { Choice } from './Choice.js';
import { Picker } from './Picker.js';
import { TextField } from './TextField.js';

/** The kinds that this book is mostly about stand in sight; the rest is one tap further. */
const IN_SIGHT: readonly SpeciesId[] = ['carp', 'pike', 'barbel', 'wels'];

interface SpeciesChoiceProps {
  readonly species: SpeciesId | undefined;
  readonly form: FormId | undefined;
  /** Whether it is asked how a carp is scaled. */
  readonly forms?: boolean;
  readonly onChange: (species: SpeciesId, form: FormId | undefined) => void;
  /** The name of a kind that the book has none for, and what sets it; without it no name is asked. */
  readonly kindName?: string;
  readonly onKindName?: (name: string) => void;
}

export function SpeciesChoice({
  species,
  form,
  forms: asked = true,
  onChange,
  kindName = '',
  onKindName,
}: SpeciesChoiceProps) {
  const options = SPECIES.map(({ id, name }) => ({ value: id, label: say(name) }));
  const forms = (asked && SPECIES.find(({ id }) => id === species)?.forms) || [];
  return (
    <div className="grid gap-3">
      <Choice<SpeciesId>
        label={partsText.species}
        value={species}
        onChange={(id) => onChange(id, id === species ? form : undefined)}
        options={options.filter(({ value }) => IN_SIGHT.includes(value))}
      />
      {forms.length > 0 && species && (
        <Choice<FormId>
          label={partsText.howItIsScaled}
          value={form}
          onChange={(chosen) => onChange(species, chosen)}
          options={forms.map((id) => ({ value: id, label: id }))}
        />
      )}
      <div className="max-w-64">
        <Picker
          label={partsText.otherSpecies}
          value={species && !IN_SIGHT.includes(species) ? species : ''}
          onChange={(id) => onChange(id as SpeciesId, undefined)}
          options={options.filter(({ value }) => !IN_SIGHT.includes(value))}
        />
      </div>
      {species === 'other' && onKindName && (
        <TextField className="max-w-64" label={partsText.nameOfTheSpecies} value={kindName} onChange={onKindName} />
      )}
    </div>
  );
}
