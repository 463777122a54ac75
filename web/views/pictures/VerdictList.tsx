import { picturesText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Check, Minus } from 'lucide-react';
import { faultsOf, type PictureVerdict } from '@keeper/core/pictures/verdict';

/** What is wrong first, each with what to do next time; what is right in one line. */
export function VerdictList({ verdicts }: { verdicts: readonly PictureVerdict[] }) {
  const wrong = faultsOf(verdicts);
  const right = verdicts.filter(({ good }) => good);
  return (
    <div className="grid gap-3">
      {wrong.length > 0 && (
        <ul>
          {wrong.map(({ check, says, nextTime }) => (
            <li key={check} className="flex gap-3 border-t border-rule py-2">
              <Minus aria-label={picturesText.notGood} size={20} className="mt-0.5 shrink-0 text-rust" />
              <span>
                <b>{say(says)}</b> {nextTime && say(nextTime)}
              </span>
            </li>
          ))}
        </ul>
      )}
      {right.length > 0 && (
        <p className="flex gap-3 text-soft">
          <Check aria-label={picturesText.good} size={20} className="mt-0.5 shrink-0" />
          <span>{right.map(({ says }) => say(says)).join(' ')}</span>
        </p>
      )}
    </div>
  );
}
