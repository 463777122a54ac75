import { weighText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { speciesName, type SpeciesId } from '@keeper/core/domain/fish/species';
import { GRAMS_PER_POUND, massSystemOf } from '@keeper/core/measure/mass';
import { guessBiasBySize, guessBias, type GuessBias, type Guess } from '@keeper/core/weighing/guessBias';
import { useSettings } from '../../data/queries.js';
import { useMyKeeperId } from '../../data/whose.js';
import { useWeighed } from '../../data/useWeighing.js';

/** Sizes in which the eye is judged apart, in kilograms or in two pounds. */
const SIZES = [5, 10, 15] as const;

/** How the guesses stand to the readings: by kind, and by size. */
export function YourEye() {
  const { massUnit, guessFirst } = useSettings();
  const mine = useMyKeeperId();
  const guesses = useWeighed().flatMap(({ species, guessGrams, grams, keeperId }): Guess[] =>
    guessGrams === null || keeperId !== mine ? [] : [{ species, guessGrams, readGrams: grams }],
  );
  const whole = guessBias(guesses);
  if (!whole) {
    return <p className="text-soft">{weighText.noGuessYetThe({ guessFirst })}</p>;
  }
  const kinds = [...new Set(guesses.flatMap(({ species }) => species ?? []))];
  const metric = massSystemOf(massUnit) === 'kg';
  const edges = SIZES.map((size) => size * (metric ? 1000 : 2 * GRAMS_PER_POUND));
  const sizeText = (grams: number) =>
    metric
      ? weighText.kg2({ grams: Math.round(grams / 1000) })
      : weighText.lb2({ gramsPerPound: Math.round(grams / GRAMS_PER_POUND) });
  return (
    <div className="grid gap-4">
      <p className="text-lg">
        {weighText.guessesHalfOfThem({ count: whole.count, off: percent(whole.off), whole: biasWords(whole) })}
      </p>
      <ul className="border-b border-rule">
        {kinds.map((species) => (
          <EyeRow key={species} name={say(speciesName(species))} eye={guessBias(ofKind(guesses, species))} />
        ))}
        {guessBiasBySize(guesses, edges).map(({ fromGrams, toGrams, eye }) => (
          <EyeRow
            key={fromGrams}
            name={
              toGrams === Infinity
                ? weighText.over({ fromGrams: sizeText(fromGrams) })
                : weighText.upTo({ toGrams: sizeText(toGrams) })
            }
            eye={eye}
          />
        ))}
      </ul>
    </div>
  );
}

function ofKind(guesses: readonly Guess[], species: SpeciesId): Guess[] {
  return guesses.filter((guess) => guess.species === species);
}

/** The bias as a mark left or right of the truth; the bar is what two thirds of the guesses lie in. */
function EyeRow({ name, eye }: { name: string; eye: GuessBias | undefined }) {
  if (!eye) return null;
  const at = (share: number) => `${50 + Math.max(-48, Math.min(48, share * 120))}%`;
  const [from, to] = [eye.bias - eye.spread, eye.bias + eye.spread];
  return (
    <li className="grid grid-cols-[8rem_1fr_3rem] items-center gap-3 border-t border-rule py-2">
      <span>
        {name} <span className="text-soft">({eye.count})</span>
      </span>
      <span aria-hidden className="relative h-5">
        <span className="absolute inset-y-0 left-1/2 w-[2px] bg-water" />
        <span
          className="absolute inset-y-1.5 rounded-sm border border-water bg-waterfill"
          style={{ left: at(from), width: `calc(${at(to)} - ${at(from)})` }}
        />
        <span className="absolute inset-y-0 w-1 bg-ink" style={{ left: at(eye.bias) }} />
      </span>
      <span className="text-right tabular-nums">{signed(eye.bias)}</span>
    </li>
  );
}

function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}

function signed(share: number): string {
  const whole = Math.round(share * 100);
  return `${whole > 0 ? '+' : whole < 0 ? '−' : ''}${Math.abs(whole)} %`;
}

function biasWords({ bias, count }: GuessBias): string {
  if (count < 5 || Math.abs(bias) < 0.02) return '';
  return bias > 0
    ? weighText.youSeeThemToo({ bias: percent(bias) })
    : weighText.youSeeThemTooLight({ bias: percent(-bias) });
}
