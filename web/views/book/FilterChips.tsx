import { X } from 'lucide-react';
import type { FinerFilter, FinerFilterDto } from '@keeper/contract/finerFilter';
import { formatMassIn } from '@keeper/core/measure/formatMass';
import { massSystemOf } from '@keeper/core/measure/mass';
import { useSettings } from '../../data/queries.js';
import { dayText } from '../../parts/when.js';
import { finerNames } from './shownBy.js';
import { bookText } from './text.en-GB.js';
import { useFilterChoices } from './useFilterChoices.js';

/** What is asked for beyond what is in sight, each with its way out. */
export function FilterChips({
  filter,
  waterId,
  onRemove,
}: {
  filter: FinerFilterDto;
  waterId: string | undefined;
  onRemove: (name: FinerFilter) => void;
}) {
  const say = useFilterWords(waterId);
  const names = finerNames(filter);
  if (names.length === 0) return null;
  return (
    <ul aria-label={bookText.alsoAskedFor} className="mb-4 flex flex-wrap gap-2">
      {names.map((name) => (
        <li key={name}>
          <button
            type="button"
            className="button font-normal"
            aria-label={bookText.without({ filter: say(name, String(filter[name])) })}
            onClick={() => onRemove(name)}
          >
            {say(name, String(filter[name]))}
            <X size={16} aria-hidden />
          </button>
        </li>
      ))}
    </ul>
  );
}

function useFilterWords(waterId: string | undefined): (name: FinerFilter, value: string) => string {
  const choices = useFilterChoices(waterId);
  const { massUnit, lengthHabit } = useSettings();
  const inches = lengthHabit === 'in';
  const mass = (grams: number) => formatMassIn({ unit: 'g', count: grams }, massSystemOf(massUnit));
  const size = (mm: number) => bookText.sizeIs({ size: Math.round((mm / (inches ? 25.4 : 10)) * 10) / 10, inches });
  return (name, value) => {
    const choice = choices[name];
    if (choice) return `${choice.label}: ${choice.options.find((each) => each.value === value)?.label ?? value}`;
    switch (name) {
      case 'fromDay':
        return bookText.sinceThen({ value: dayText(value) });
      case 'toDay':
        return bookText.untilThen({ value: dayText(value) });
      case 'leastGrams':
        return bookText.from({ value: mass(Number(value)) });
      case 'mostGrams':
        return bookText.upTo({ value: mass(Number(value)) });
      case 'leastMm':
        return bookText.from({ value: size(Number(value)) });
      case 'mostMm':
        return bookText.upTo({ value: size(Number(value)) });
      case 'leastWaterC':
        return bookText.waterFrom({ value });
      case 'mostWaterC':
        return bookText.waterUpTo({ value });
      default:
        return bookText.oneFish;
    }
  };
}
