import { Check } from 'lucide-react';
import type { ProofCheck } from '@keeper/core/domain/meeting/putForward';
import type { ProofAsked } from '@keeper/core/meetings/proofChecks';
import { say } from '../../text/say.js';
import { meetingsText } from './text.en-GB.js';

interface ProofListProps {
  readonly asked: readonly ProofAsked[];
  readonly ticked: readonly ProofCheck[];
  readonly onChange: (ticked: readonly ProofCheck[]) => void;
  /** It was put forward so: what was ticked stands. */
  readonly fixed: boolean;
}

/** What is looked at in the picture, and what the machine makes of it where it can tell. */
export function ProofList({ asked, ticked, onChange, fixed }: ProofListProps) {
  const toggle = (check: ProofCheck) =>
    onChange(ticked.includes(check) ? ticked.filter((each) => each !== check) : [...ticked, check]);
  return (
    <ul className="max-w-2xl border-b border-rule">
      {asked.map(({ check, asks, seems }) => {
        const done = ticked.includes(check);
        return (
          <li key={check} className="border-t border-rule">
            <button
              type="button"
              role="checkbox"
              aria-checked={done}
              disabled={fixed}
              className="grid min-h-14 w-full grid-cols-[2.25rem_1fr] items-center gap-x-3 py-2 text-left"
              onClick={() => toggle(check)}
            >
              <span
                className={`grid size-8 place-items-center rounded border-2 ${done ? 'border-reed bg-reed text-onreed' : 'border-edge bg-leaf'}`}
              >
                {done && <Check size={22} strokeWidth={3} aria-hidden />}
              </span>
              <span>
                {say(asks)}
                {seems && (
                  <span className={`block text-sm ${seems === 'bad' ? 'font-medium text-rust' : 'text-soft'}`}>
                    {seems === 'bad' ? meetingsText.seemsBad : meetingsText.seemsGood}
                  </span>
                )}
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
