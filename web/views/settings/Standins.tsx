import { settingsText } from './text.en-GB.js';
import { useState } from 'react';
import type { Behaviour, DayKind } from '@keeper/core/weather/standinDay';
import { standinWishes, wishStandins, type StandinWishes } from '../../data/forecast.js';
import { Choice } from '../../parts/Choice.js';
import { Section } from '../../parts/Section.js';

const DAYS: readonly { value: DayKind; label: string }[] = [
  { value: 'as-it-falls', label: settingsText.asItFalls },
  { value: 'mild', label: settingsText.mild },
  { value: 'heatwave', label: settingsText.heatwave },
  { value: 'frost', label: settingsText.frost },
  { value: 'thunder', label: settingsText.thunder },
  { value: 'grey', label: settingsText.grey },
];
const WAYS: readonly { value: Behaviour; label: string }[] = [
  { value: 'well', label: settingsText.asItShould },
  { value: 'fails', label: settingsText.notAtAll },
  { value: 'late', label: settingsText.tooLate },
  { value: 'nonsense', label: settingsText.nonsense },
];

const HANGS: readonly { value: StandinWishes['hangs']; label: string }[] = [
  { value: 'bar', label: settingsText.aBar },
  { value: 'tripod', label: settingsText.aTripod },
  { value: 'hand', label: settingsText.aHandByIts },
  { value: 'cupped', label: settingsText.aHandAroundIt },
];
const FISH: readonly { value: StandinWishes['fish']; label: string }[] = [
  { value: 'calm', label: settingsText.calm },
  { value: 'lively', label: settingsText.lively },
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
    <Section title={settingsText.simulatedWeatherProbeAnd}>
      <p className="mb-3 text-soft">{settingsText.theyStandInFor}</p>
      <p className="mb-1 text-sm">{settingsText.theDayIs}</p>
      <Choice<DayKind>
        label={settingsText.simulatedDay}
        value={wishes.day}
        onChange={(day) => wish({ day })}
        options={DAYS}
      />
      <p className="mt-4 mb-1 text-sm">{settingsText.theScaleHangsFrom}</p>
      <Choice
        label={settingsText.whatTheSimulatedScale}
        value={wishes.hangs}
        onChange={(hangs) => wish({ hangs })}
        options={HANGS}
      />
      <p className="mt-4 mb-1 text-sm">{settingsText.theFishInIts}</p>
      <Choice
        label={settingsText.howTheSimulatedFish}
        value={wishes.fish}
        onChange={(fish) => wish({ fish })}
        options={FISH}
      />
      <p className="mt-4 mb-1 text-sm">{settingsText.theyAnswer}</p>
      <Choice<Behaviour>
        label={settingsText.howTheyAnswer}
        value={wishes.behave}
        onChange={(behave) => wish({ behave })}
        options={WAYS}
      />
    </Section>
  );
}
