import { settingsText } from './text.en-GB.js';
import { useState } from 'react';
import { TextField } from '../../parts/TextField.js';
import { fieldWords } from './entryWords.js';
import type { FieldProblem } from '@keeper/contract/errors';
import { mendableFields, mended, type MendableField } from './mendable.js';

interface MendFieldProps {
  readonly field: MendableField;
  /** Returns false where what was typed is not what belongs there. */
  readonly onMended: (typed: string) => boolean;
}

/** A field that was refused, with what stands in it and why; written otherwise it is sent. */
function MendField({ field: { path, sentence, value }, onMended }: MendFieldProps) {
  const [typed, setTyped] = useState(String(value));
  const [problem, setProblem] = useState<string | undefined>(sentence);
  return (
    <form
      className="mb-3 flex items-end gap-3"
      noValidate
      onSubmit={(submitted) => {
        submitted.preventDefault();
        if (!onMended(typed)) setProblem(settingsText.thisIsANumber);
      }}
    >
      <TextField
        className="flex-1"
        label={fieldWords(path)}
        value={typed}
        problem={problem}
        onChange={(text) => {
          setTyped(text);
          setProblem(undefined);
        }}
      />
      <button type="submit" className="button">
        {settingsText.putRightAndSend}
      </button>
    </form>
  );
}

interface MendFieldsProps<T extends object> {
  readonly of: T;
  readonly problems: readonly FieldProblem[];
  readonly onMended: (right: T) => void;
}

/** The fields of an entry that were refused: those that can be written otherwise as fields, of the others why. */
export function MendFields<T extends object>({ of, problems, onMended }: MendFieldsProps<T>) {
  const mendable = mendableFields(of, problems);
  const shown = new Set(mendable.map(({ sentence }) => sentence));
  return (
    <>
      {problems
        .filter(({ sentence }) => !shown.has(sentence))
        .map(({ field, sentence }) => (
          <p key={field} className="mb-2">
            {sentence}
          </p>
        ))}
      {mendable.map((field) => (
        <MendField
          key={field.path}
          field={field}
          onMended={(typed) => {
            const right = mended(of, field.path, typed);
            if (right) onMended(right);
            return right !== undefined;
          }}
        />
      ))}
    </>
  );
}
