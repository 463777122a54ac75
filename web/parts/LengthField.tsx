import { partsText } from './text.en-GB.js';
import { say } from '../text/say.js';
import { useId } from 'react';
import { parseLength, type ParsedLength } from '@keeper/core/measure/parseLength';
import { useSettings } from '../data/queries.js';
import { FieldSentence } from './Notice.js';

interface LengthFieldProps {
  readonly label: string;
  readonly text: string;
  readonly onChange: (text: string) => void;
  /** Whether it was tried to keep it: before that only a likely meaning is offered. */
  readonly tried: boolean;
  /** Whether an example stands in the empty field. */
  readonly example?: boolean;
}

/** What a length field comes to; undefined while nothing is typed. */
export function readLengthText(text: string, habit: 'in' | 'cm'): ParsedLength | undefined {
  return text.trim() === '' ? undefined : parseLength(text, habit);
}

/**
 * A length as it was read off the board. What cannot be read is refused in place, with what was likely meant to choose
 * from.
 */
export function LengthField({ label, text, onChange, tried, example = true }: LengthFieldProps) {
  const id = useId();
  const { lengthHabit } = useSettings();
  const read = readLengthText(text, lengthHabit);
  const refused = read && !read.ok ? read : undefined;
  const shown = refused && (tried || refused.meanings.length > 0);
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm">
        {label}
      </label>
      <input
        id={id}
        className="field"
        autoComplete="off"
        placeholder={!example ? undefined : lengthHabit === 'in' ? '31 1/4 in' : '79.5 cm'}
        value={text}
        aria-invalid={shown !== undefined && shown}
        aria-describedby={shown ? `${id}-problem` : undefined}
        onChange={(event) => onChange(event.target.value)}
      />
      {shown && <FieldSentence id={`${id}-problem`}>{say(refused.reason)}</FieldSentence>}
      {shown && refused.meanings.length > 0 && (
        <div role="group" aria-label={partsText.whatWasLikelyMeant} className="mt-2 flex flex-wrap gap-2">
          {refused.meanings.map(({ says }) => (
            <button key={says} type="button" className="button" onClick={() => onChange(says)}>
              {says}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
