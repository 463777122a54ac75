import { watersText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { SPECIES, type SpeciesId } from '@keeper/core/domain/fish/species';
import { FieldSentence } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { TextField } from '../../parts/TextField.js';

interface Line {
  readonly species: SpeciesId;
  readonly temp: string;
}

interface StopLineFieldsProps {
  readonly lines: readonly Line[];
  readonly problem: string | undefined;
  readonly onChange: (lines: readonly Line[]) => void;
}

/** The water's own stop lines, in degrees C. They come before any school. */
export function StopLineFields({ lines, problem, onChange }: StopLineFieldsProps) {
  const set = (index: number, change: Partial<Line>) =>
    onChange(lines.map((line, i) => (i === index ? { ...line, ...change } : line)));
  const free = SPECIES.find(({ id }) => !lines.some(({ species }) => species === id))?.id;
  return (
    <div className="grid gap-3">
      {lines.map((line, i) => (
        <div key={i} className="grid grid-cols-[1fr_8rem_auto] items-end gap-3">
          <Picker
            label={watersText.speciesOfTheLimit}
            value={line.species}
            onChange={(species) => set(i, { species: species as SpeciesId })}
            options={SPECIES.map(({ id, name }) => ({ value: id, label: say(name) }))}
          />
          <TextField label={watersText.stopFrom} numeric value={line.temp} onChange={(temp) => set(i, { temp })} />
          <button
            type="button"
            className="quiet-link min-h-13"
            onClick={() => onChange(lines.filter((_, at) => at !== i))}
          >
            {watersText.takeAway}
          </button>
        </div>
      ))}
      {problem && <FieldSentence id="stop-line-problem">{problem}</FieldSentence>}
      {free && (
        <p>
          <button
            type="button"
            className="button font-normal"
            onClick={() => onChange([...lines, { species: free, temp: '' }])}
          >
            {watersText.addATemperatureLimit}
          </button>
        </p>
      )}
    </div>
  );
}
