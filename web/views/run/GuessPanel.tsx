import { massWheels } from '../../parts/massWheels.js';
import { runText } from './text.en-GB.js';
import { formatMass } from '@keeper/core/measure/formatMass';
import type { Mass } from '@keeper/core/measure/mass';
import { massFromParts } from '@keeper/core/measure/massParts';
import { useSettings } from '../../data/queries.js';
import { useWheels } from '../../parts/useWheels.js';
import { Keypad, keypadKeys, Wheels } from '../../parts/Wheels.js';

/**
 * The guess before the reading: it trains the eye. Only pounds, or kilograms and tens of grams: nobody guesses finer.
 */
export function GuessPanel({ onGuess }: { onGuess: (guess: Mass | undefined) => void }) {
  const { massUnit } = useSettings();
  const unit = massUnit === 'g' ? 'g' : 'oz';
  const parts = massWheels(unit);
  const wheels = useWheels<'guess'>(parts, { guess: [] }, 'guess');
  const guess = massFromParts(unit, wheels.values.guess);
  return (
    <div role="group" aria-label={runText.guess} className="grid gap-3" onKeyDown={keypadKeys(wheels)}>
      <p className="text-lg">{runText.yourGuessThenRead}</p>
      <Wheels state={wheels} row="guess" name={runText.guess} named={false} wheels={parts} />
      <Keypad {...wheels} />
      <div className="grid grid-cols-[1fr_2fr] gap-3">
        <button type="button" className="button min-h-20 text-xl" onClick={() => onGuess(undefined)}>
          {runText.noGuess}
        </button>
        <button
          type="button"
          className="button button-main min-h-20 text-2xl"
          disabled={guess.count === 0}
          onClick={() => onGuess(guess)}
        >
          {guess.count === 0 ? runText.setItAbove : runText.iSay({ guess: formatMass(guess) })}
        </button>
      </div>
    </div>
  );
}
