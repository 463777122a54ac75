import type { Mass } from '@keeper/core/measure/mass';
import { say } from '../../text/say.js';
import type { WeightQuestion } from './readWeight.js';

interface WeightMeaningsProps {
  readonly question: WeightQuestion | undefined;
  readonly onMeant: (mass: Mass) => void;
}

/** A weight that can be read two ways: which is meant is one tap. */
export function WeightMeanings({ question, onMeant }: WeightMeaningsProps) {
  if (!question?.meanings) return null;
  return (
    <div
      role="group"
      aria-label={question.sentence}
      className="grid gap-2 rounded-md border-2 border-water bg-leaf p-4"
    >
      <p className="font-semibold">{question.sentence}</p>
      <div className="grid gap-2 sm:grid-cols-2">
        {question.meanings.map(({ mass, says }) => (
          <button key={`${mass.count} ${mass.unit}`} type="button" className="button" onClick={() => onMeant(mass)}>
            {say(says)}
          </button>
        ))}
      </div>
    </div>
  );
}
