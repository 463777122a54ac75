import { formatTemperature, type TempUnit } from '@keeper/core/measure/temperature';
import { spanText } from '@keeper/core/measure/duration';
import type { OutingState, TakenCondition } from '@keeper/core/domain/outing/outingState';
import { useSettings } from '../../data/queries.js';
import { useSwims } from '../../data/rows.js';
import { clockBetween } from '../../data/useOutingAssessment.js';
import { Section } from '../../parts/Section.js';

/** The day of an outing as it went: the hours, the swims, and what was measured. */
export function DayTold({ state }: { state: OutingState }) {
  const swims = useSwims();
  const { tempHabit } = useSettings();
  const { fromMs, toMs, endedAt, conditions, runsDropped, calledOff } = state;
  if (calledOff) return null;
  const endMs = Math.max(fromMs, endedAt === null ? toMs : Date.parse(endedAt));
  const clock = clockBetween(fromMs, endMs);
  const nameOf = (swimId: string) => swims.find(({ id }) => id === swimId)?.name ?? 'a swim that is archived';
  return (
    <Section title="The day">
      <ul className="max-w-prose">
        <li className="border-t border-rule py-2">
          {clock(fromMs)} to {clock(endMs)}, {spanText(endMs - fromMs)}
          {runsDropped > 0 && `; ${runsDropped} ${runsDropped === 1 ? 'run' : 'runs'} dropped`}.
        </li>
        {state.swims.length > 1 &&
          state.swims.map(({ swimId, at }, i) => (
            <li key={`${swimId} ${at}`} className="border-t border-rule py-2">
              {i === 0 ? 'Began at' : `${clock(Date.parse(at))}, moved to`} {nameOf(swimId)}.
            </li>
          ))}
        {conditions.map((condition) => (
          <li key={condition.eventId} className="border-t border-rule py-2">
            {clock(condition.atMs)}: {readingText(condition, tempHabit)}.
          </li>
        ))}
      </ul>
    </Section>
  );
}

const DEPTHS = { surface: 'at the surface', 'net-depth': 'at the depth of the net', bottom: 'on the bottom' } as const;

/** What was measured or seen at one moment. Example: `water 12.0 °C at the surface, oxygen 9.8 mg/L`. */
export function readingText(condition: TakenCondition, habit: TempUnit): string {
  const { waterC, depth, airC, oxygenMgL, cloudOctas, windMs, pressureHpa } = condition;
  return [
    ...(waterC === undefined ? [] : [`water ${formatTemperature(waterC, habit)}${depth ? ` ${DEPTHS[depth]}` : ''}`]),
    ...(airC === undefined ? [] : [`air ${formatTemperature(airC, habit)}`]),
    ...(oxygenMgL === undefined ? [] : [`oxygen ${oxygenMgL.toFixed(1)} mg/L`]),
    ...(cloudOctas === undefined ? [] : [`cloud ${cloudOctas} of 8`]),
    ...(windMs === undefined ? [] : [`wind ${windMs} m/s`]),
    ...(pressureHpa === undefined ? [] : [`${pressureHpa} hPa`]),
  ].join(', ');
}
