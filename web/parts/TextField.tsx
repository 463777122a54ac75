import { useId } from 'react';
import { FieldSentence } from './Notice.js';

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** What is wrong with it, said under it. */
  readonly problem?: string | undefined;
  readonly hint?: string;
  readonly placeholder?: string;
  readonly type?: 'text' | 'date' | 'datetime-local' | 'password';
  readonly numeric?: boolean;
  readonly mostLetters?: number;
  readonly className?: string;
  /** Proposed while it is typed. */
  readonly words?: readonly string[];
}

/** One field with its label and, when it cannot be read, the sentence that says why. */
export function TextField(props: TextFieldProps) {
  const {
    label,
    value,
    onChange,
    problem,
    hint,
    placeholder,
    type = 'text',
    numeric,
    mostLetters,
    className = '',
    words = [],
  } = props;
  const id = useId();
  const about = [problem && `${id}-problem`, hint && `${id}-hint`].filter(Boolean).join(' ');
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm">
        {label}
      </label>
      <input
        id={id}
        type={type}
        className="field"
        autoComplete={type === 'password' ? 'current-password' : 'off'}
        inputMode={numeric ? 'decimal' : undefined}
        placeholder={placeholder}
        maxLength={mostLetters}
        list={words.length > 0 ? `${id}-words` : undefined}
        value={value}
        aria-invalid={problem !== undefined}
        aria-describedby={about || undefined}
        onChange={(event) => onChange(event.target.value)}
      />
      {words.length > 0 && (
        <datalist id={`${id}-words`}>
          {words.map((word) => (
            <option key={word} value={word} />
          ))}
        </datalist>
      )}
      {hint && (
        <p id={`${id}-hint`} className="mt-1 text-sm text-soft">
          {hint}
        </p>
      )}
      {problem && <FieldSentence id={`${id}-problem`}>{problem}</FieldSentence>}
    </div>
  );
}
