import { weighText } from './text.en-GB.js';
import { X } from 'lucide-react';
import { Choice } from '../../parts/Choice.js';
import { FieldSentence } from '../../parts/Notice.js';
import { TextField } from '../../parts/TextField.js';
import type { TypedPoint } from './readCheck.js';

interface CheckPointFieldsProps {
  readonly number: number;
  readonly point: TypedPoint;
  readonly problem: string | undefined;
  readonly onChange: (change: Partial<TypedPoint>) => void;
  readonly onAway: (() => void) | undefined;
}

/** One known mass and what the scale showed for it. */
export function CheckPointFields({ number, point, problem, onChange, onAway }: CheckPointFieldsProps) {
  const water = point.how === 'water';
  return (
    <li aria-label={weighText.mass({ number })} className="border-t border-rule pt-3">
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label={weighText.whatMassIs({ number })}
          value={point.how}
          onChange={(how) => onChange({ how })}
          options={[
            { value: 'known-mass', label: weighText.aWeight },
            { value: 'water', label: weighText.water },
          ]}
        />
        <TextField
          className="w-28"
          label={water ? weighText.litres : weighText.itWeighs}
          placeholder={water ? '5' : '5 kg'}
          value={point.known}
          onChange={(known) => onChange({ known })}
        />
        {water && (
          <TextField
            className="w-20"
            label="°C"
            numeric
            placeholder="20"
            value={point.tempC}
            onChange={(tempC) => onChange({ tempC })}
          />
        )}
        <TextField
          className="w-36"
          label={weighText.theScaleShows}
          value={point.shown}
          onChange={(shown) => onChange({ shown })}
        />
        {onAway && (
          <button
            type="button"
            aria-label={weighText.leaveMassOut({ number })}
            className="grid size-12 place-items-center"
            onClick={onAway}
          >
            <X size={20} aria-hidden />
          </button>
        )}
      </div>
      {problem && <FieldSentence id={`mass-${number}-problem`}>{problem}</FieldSentence>}
    </li>
  );
}
