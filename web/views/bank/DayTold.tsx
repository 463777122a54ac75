import { bankText } from './text.en-GB.js';
import { formatTemperature, type TempUnit } from '@keeper/core/measure/temperature';
import { spanText } from '@keeper/core/measure/duration';
import { rodTimeMs } from '@keeper/core/domain/outing/rods';
import { RodTimes } from './RodTimes.js';
import { rodText } from '../../parts/rod/rodText.js';
import type { OutingState, TakenCondition } from '@keeper/core/domain/outing/outingState';
import { useSettings } from '../../data/queries.js';
import { useSwims } from '../../data/rows.js';
import { clockBetween } from '../../data/useOutingAssessment.js';
import { Section } from '../../parts/Section.js';

/** The day of an outing as it went: the hours, the swims, and what was measured. */
export function DayTold({ state }: { state: OutingState }) {
  const swims = useSwims();
  const { tempHabit, lengthHabit } = useSettings();
  const { fromMs, toMs, endedAt, conditions, runsDropped, calledOff } = state;
  if (calledOff) return null;
  const endMs = Math.max(fromMs, endedAt === null ? toMs : Date.parse(endedAt));
  const clock = clockBetween(fromMs, endMs);
  const nameOf = (swimId: string) => swims.find(({ id }) => id === swimId)?.name ?? bankText.aSwimThatIs;
  return (
    <Section title={bankText.theDay}>
      <ul className="max-w-prose">
        <li className="border-t border-rule py-2">
          {bankText.to({ fromMs: clock(fromMs), endMs: clock(endMs), fromMs2: spanText(endMs - fromMs) })}
          {runsDropped > 0 && bankText.dropped({ runsDropped })}.
        </li>
        {state.swims.length > 1 &&
          state.swims.map(({ swimId, at }, i) => (
            <li key={`${swimId} ${at}`} className="border-t border-rule py-2">
              {bankText.beganAtMovedTo({
                at: i === 0 ? bankText.beganAt : bankText.movedTo({ at: clock(Date.parse(at)) }),
                swimId: nameOf(swimId),
              })}
            </li>
          ))}
        {state.rods.map((spell) => (
          <li key={`${spell.rod} ${spell.fromMs}`} className="border-t border-rule py-2">
            {bankText.rodSpell({
              at: clock(spell.fromMs),
              rod: spell.rod,
              told: rodText(spell.setup, lengthHabit),
              span: spanText(Math.max(0, Math.min(spell.toMs ?? endMs, endMs) - spell.fromMs)),
            })}
            <RodTimes key={`${spell.castId} ${spell.inId}`} state={state} spell={spell} />
          </li>
        ))}
        {state.rods.length > 0 && (
          <li className="border-t border-rule py-2">
            {bankText.rodTimeInAll({ rodTime: spanText(rodTimeMs(state.rods, endMs)) })}
          </li>
        )}
        {conditions.map((condition) => (
          <li key={condition.eventId} className="border-t border-rule py-2">
            {clock(condition.atMs)}: {readingText(condition, tempHabit)}.
          </li>
        ))}
      </ul>
    </Section>
  );
}

const DEPTHS = {
  surface: bankText.atTheSurface,
  'net-depth': bankText.atTheDepthOf,
  bottom: bankText.onTheBottom,
} as const;

/** What was measured or seen at one moment. Example: `water 12.0 °C at the surface, oxygen 9.8 mg/L`. */
export function readingText(condition: TakenCondition, habit: TempUnit): string {
  const { waterC, depth, airC, oxygenMgL, cloudOctas, windMs, pressureHpa } = condition;
  return [
    ...(waterC === undefined
      ? []
      : [bankText.water({ waterC: formatTemperature(waterC, habit), depth: depth ? ` ${DEPTHS[depth]}` : '' })]),
    ...(airC === undefined ? [] : [bankText.air({ airC: formatTemperature(airC, habit) })]),
    ...(oxygenMgL === undefined ? [] : [bankText.oxygenMgL({ oxygenMgL: oxygenMgL.toFixed(1) })]),
    ...(cloudOctas === undefined ? [] : [bankText.cloudOf({ cloudOctas })]),
    ...(windMs === undefined ? [] : [bankText.windMS({ windMs })]),
    ...(pressureHpa === undefined ? [] : [bankText.hpa({ pressureHpa })]),
  ].join(', ');
}
