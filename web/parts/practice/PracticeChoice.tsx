import { Choice } from '../Choice.js';
import type { PracticeOffered } from './practiceWays.js';

interface PracticeChoiceProps {
  readonly practice: PracticeOffered;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A disputed choice with its ways, and the reason for the one that is held. */
export function PracticeChoice({ practice: { title, ways }, value, onChange }: PracticeChoiceProps) {
  const why = ways.find((way) => way.value === value)?.why;
  return (
    <div>
      <p className="mb-1 text-sm">{title}</p>
      <Choice<string> label={title} value={value} onChange={onChange} options={ways} />
      {why && <p className="mt-1.5 max-w-prose text-soft">{why}</p>}
    </div>
  );
}
