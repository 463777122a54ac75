import { useId } from 'react';

interface NoteFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** Room for some sentences. */
export function NoteField({ label, value, onChange }: NoteFieldProps) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm">
        {label}
      </label>
      <textarea
        id={id}
        rows={4}
        maxLength={4000}
        className="field"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </div>
  );
}
