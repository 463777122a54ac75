import { useState } from 'react';
import type { Behaviour, DayKind } from '@keeper/core/weather/standinDay';
import { standinWishes, wishStandins, type StandinWishes } from '../../data/forecast.js';
import { Choice } from '../../parts/Choice.js';
import { Section } from '../../parts/Section.js';

const DAYS: readonly { value: DayKind; label: string }[] = [
  { value: 'as-it-falls', label: 'as it falls' },
  { value: 'mild', label: 'mild' },
  { value: 'heatwave', label: 'heatwave' },
  { value: 'frost', label: 'frost' },
  { value: 'thunder', label: 'thunder' },
  { value: 'grey', label: 'grey' },
];
const WAYS: readonly { value: Behaviour; label: string }[] = [
  { value: 'well', label: 'as it should' },
  { value: 'fails', label: 'not at all' },
  { value: 'late', label: 'too late' },
  { value: 'nonsense', label: 'nonsense' },
];

const HANGS: readonly { value: StandinWishes['hangs']; label: string }[] = [
  { value: 'bar', label: 'a bar' },
  { value: 'tripod', label: 'a tripod' },
  { value: 'hand', label: 'a hand, by its loop' },
  { value: 'cupped', label: 'a hand around it' },
];
const FISH: readonly { value: StandinWishes['fish']; label: string }[] = [
  { value: 'calm', label: 'calm' },
  { value: 'lively', label: 'lively' },
];

/**
 * The simulated weather service, water probe and scale that ship with the application: what they are told to be on this
 * device.
 */
export function Standins() {
  const [wishes, setWishes] = useState(standinWishes);
  const wish = (change: Partial<StandinWishes>) => {
    const next = { ...wishes, ...change };
    wishStandins(next);
    setWishes(next);
  };
  return (
    <Section title="Simulated weather, probe and scale">
      <p className="mb-3 text-soft">
        They stand in for a weather service, a water probe and a hanging scale, and need no network. What they give is
        invented.
      </p>
      <p className="mb-1 text-sm">The day is</p>
      <Choice<DayKind> label="Simulated day" value={wishes.day} onChange={(day) => wish({ day })} options={DAYS} />
      <p className="mt-4 mb-1 text-sm">The scale hangs from</p>
      <Choice
        label="What the simulated scale hangs from"
        value={wishes.hangs}
        onChange={(hangs) => wish({ hangs })}
        options={HANGS}
      />
      <p className="mt-4 mb-1 text-sm">The fish in its sling is</p>
      <Choice
        label="How the simulated fish is"
        value={wishes.fish}
        onChange={(fish) => wish({ fish })}
        options={FISH}
      />
      <p className="mt-4 mb-1 text-sm">They answer</p>
      <Choice<Behaviour>
        label="How they answer"
        value={wishes.behave}
        onChange={(behave) => wish({ behave })}
        options={WAYS}
      />
    </Section>
  );
}
