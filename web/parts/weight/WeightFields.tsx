import { weightWords } from './text.en-GB.js';
import type { WeighMethod } from '@keeper/core/domain/practice/weighMethod';
import { Choice } from '../Choice.js';
import { FieldSentence } from '../Notice.js';
import type { TypedWeight, WeightQuestion } from './readWeight.js';
import { WeightMeanings } from './WeightMeanings.js';

interface WeightFieldsProps {
  readonly typed: TypedWeight;
  readonly onChange: (change: Partial<TypedWeight>) => void;
  readonly question: WeightQuestion | undefined;
}

/** Weight as read, by either school, with the question where it can be read two ways. */
export function WeightFields({ typed, onChange, question }: WeightFieldsProps) {
  const gross = typed.method === 'gross-minus-tare';
  return (
    <fieldset className="grid gap-3">
      <legend className="mb-1 font-semibold">{weightWords.weightAsRead}</legend>
      <Choice<WeighMethod>
        label={weightWords.howItWasWeighed}
        value={typed.method}
        onChange={(method) => onChange({ method })}
        options={[
          { value: 'zeroed', label: weightWords.slingZeroed },
          { value: 'gross-minus-tare', label: weightWords.grossMinusTare },
        ]}
      />
      <div className="grid grid-cols-2 gap-3">
        <WeightField
          field="asRead"
          label={gross ? weightWords.gross : weightWords.weight}
          typed={typed}
          onChange={onChange}
          question={question}
        />
        {gross && (
          <WeightField
            field="tare"
            label={weightWords.tareSlingAsWet}
            typed={typed}
            onChange={onChange}
            question={question}
          />
        )}
      </div>
      <WeightMeanings
        question={question}
        onMeant={(mass) => onChange(question?.field === 'tare' ? { tareMeant: mass } : { asReadMeant: mass })}
      />
    </fieldset>
  );
}

function WeightField({
  field,
  label,
  typed,
  onChange,
  question,
}: WeightFieldsProps & { field: 'asRead' | 'tare'; label: string }) {
  const refused = question?.field === field && !question.meanings ? question.sentence : undefined;
  return (
    <div>
      <label htmlFor={`weight-${field}`} className="mb-1 block text-sm">
        {label}
      </label>
      <input
        id={`weight-${field}`}
        className="field"
        autoComplete="off"
        placeholder={weightWords.lbOz}
        value={typed[field]}
        aria-invalid={question?.field === field}
        aria-describedby={refused && `weight-${field}-problem`}
        onChange={(event) => onChange({ [field]: event.target.value })}
      />
      {refused && <FieldSentence id={`weight-${field}-problem`}>{refused}</FieldSentence>}
    </div>
  );
}
