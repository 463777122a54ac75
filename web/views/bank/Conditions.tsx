import { say } from '../../text/say.js';
import { bankText } from './text.en-GB.js';
import { useState } from 'react';
import type { Condition } from '@keeper/core/domain/outing/event';
import type { OutingAssessment } from '@keeper/core/planning/assessOuting';
import type { OutingState, TakenCondition } from '@keeper/core/domain/outing/outingState';
import { formatTemperature, type TempUnit } from '@keeper/core/measure/temperature';
import { compassMessage } from '@keeper/core/domain/water/swim';
import { sunDay, type SunDay } from '@keeper/core/weather/sun';
import { guessWaterC } from '@keeper/core/care/margin';
import { meanAirC } from '@keeper/core/domain/outing/weather';
import { clock, clockBetween } from '../../data/useOutingAssessment.js';
import { HourSlider } from '../../parts/HourSlider.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { Sheet } from '../../parts/Sheet.js';
import { MeasureWater } from './MeasureWater.js';
import { SeeSky } from './SeeSky.js';
import { Strip } from './Strip.js';

interface ConditionsProps {
  readonly state: OutingState;
  readonly assessment: OutingAssessment;
  readonly habit: TempUnit;
  readonly forecastProblem: string | undefined;
  readonly asking: boolean;
  /** Looks at another hour of what is only planned. */
  readonly onLook: ((atMs: number) => void) | undefined;
  readonly onForecast: () => void;
  readonly onTaken: (condition: Condition) => void;
}

/** The hours of the outing as a strip, what was measured on it, and the ways of measuring. */
export function Conditions(props: ConditionsProps) {
  const { state, assessment, habit, forecastProblem, asking, onLook, onForecast, onTaken } = props;
  const [open, setOpen] = useState<'water' | 'sky'>();
  const { momentMs, moments, now, position } = assessment;
  const measured = state.conditions.filter(({ waterC }) => waterC !== undefined).length;
  const take = (condition: Condition) => {
    setOpen(undefined);
    onTaken(condition);
  };
  return (
    <Section title={bankText.conditions}>
      {moments || measured > 1 ? (
        <>
          <Strip moments={moments ?? []} momentMs={momentMs} habit={habit} conditions={state.conditions} />
          {onLook && moments && <LookAt state={state} momentMs={momentMs} onLook={onLook} />}
        </>
      ) : (
        <p className="mb-3 max-w-prose text-soft">{bankText.withAForecastOr({ isPlaced: position !== null })}</p>
      )}
      {moments && !state.forecast && <p className="mb-3 text-soft">{bankText.withoutAForecastDrawn}</p>}
      <p className="mb-3">{nowSentence(assessment, state, habit)}</p>
      {forecastProblem && <Notice role="alert">{forecastProblem}</Notice>}
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="button button-main min-h-14" onClick={() => setOpen('water')}>
          {bankText.measureTheWater}
        </button>
        <button type="button" className="button min-h-14" onClick={() => setOpen('sky')}>
          {bankText.airAndSky}
        </button>
        {position && (
          <button type="button" className="button min-h-14" disabled={asking} onClick={onForecast}>
            {asking ? bankText.asking : state.forecast ? bankText.askTheForecastAgain : bankText.askTheForecast}
          </button>
        )}
      </div>
      <Sheet
        title={bankText.measureTheWater}
        open={open === 'water'}
        onOpenChange={(is) => setOpen(is ? 'water' : undefined)}
      >
        <MeasureWater
          aboutC={now.waterC ?? guessWaterC(state.forecast ? meanAirC(state.forecast.hours) : 16)}
          habit={habit}
          position={position}
          atMs={momentMs}
          onTaken={take}
        />
      </Sheet>
      <Sheet title={bankText.airAndSky} open={open === 'sky'} onOpenChange={(is) => setOpen(is ? 'sky' : undefined)}>
        <SeeSky aboutC={now.airC ?? 15} habit={habit} onTaken={take} />
      </Sheet>
    </Section>
  );
}

const STEP_MS = 15 * 60_000;

/** Hour shown, while the outing is only planned. */
function LookAt({ state, momentMs, onLook }: { state: OutingState; momentMs: number; onLook: (atMs: number) => void }) {
  const clock = clockBetween(state.fromMs, state.toMs);
  const steps = Math.floor((state.toMs - state.fromMs) / STEP_MS);
  return (
    <div className="mb-2 flex items-center gap-4">
      <span className="shrink-0">
        {bankText.lookAt} <b className="tabular-nums">{clock(momentMs)}</b>
      </span>
      <HourSlider
        label={bankText.hourShown}
        text={clock(momentMs)}
        most={steps}
        value={Math.round((momentMs - state.fromMs) / STEP_MS)}
        onChange={(step) => onLook(state.fromMs + step * STEP_MS)}
      />
    </div>
  );
}

const DEPTH = {
  surface: bankText.atTheSurface,
  'net-depth': bankText.atTheDepthOf,
  bottom: bankText.onTheBottom,
} as const;
const SOURCE = { hand: bankText.byHand, probe: bankText.byTheProbe, service: bankText.fromTheService } as const;

function nowSentence({ now, position, momentMs }: OutingAssessment, state: OutingState, habit: TempUnit): string {
  const measured = state.conditions.findLast(({ waterC }) => waterC !== undefined);
  const { weather } = now;
  const sky = weather
    ? bankText.forecastForThisHour({
        airC: formatTemperature(weather.airC, habit),
        cloudOctas: cloudText(weather.cloudOctas),
        windMs: weather.windMs.toFixed(0),
        windFromDeg: say(compassMessage(weather.windFromDeg)),
        pressureHpa: Math.round(weather.pressureHpa),
      })
    : '';
  const water = measured ? measuredText(measured, habit) : bankText.noWaterTemperatureYet;
  return [water, seenText(state, habit), sky, position && sunSentence(sunDay(momentMs, position))]
    .filter(Boolean)
    .join(' ');
}

/** The newest of each other thing that was measured or seen. */
function seenText({ conditions }: OutingState, habit: TempUnit): string {
  const last = (kind: 'airC' | 'oxygenMgL' | 'cloudOctas' | 'windMs' | 'pressureHpa') => {
    const found = conditions.findLast((condition) => condition[kind] !== undefined);
    return found && { value: found[kind] ?? 0, at: clock(found.atMs) };
  };
  const [air, oxygen, cloud, wind, pressure] = [
    last('airC'),
    last('oxygenMgL'),
    last('cloudOctas'),
    last('windMs'),
    last('pressureHpa'),
  ];
  const things = [
    oxygen && bankText.oxygenMgLAt({ value: oxygen.value.toFixed(1), at: oxygen.at }),
    air && bankText.airAt({ value: formatTemperature(air.value, habit), at: air.at }),
    cloud && bankText.at({ value: cloudText(cloud.value), at: cloud.at }),
    wind && bankText.windMSAt({ value: wind.value, at: wind.at }),
    pressure && bankText.hpaAt({ value: pressure.value, at: pressure.at }),
  ].filter(Boolean);
  return things.length > 0 ? bankText.noted({ things: things.join(', ') }) : '';
}

function sunSentence({ riseMs, setMs, always }: SunDay): string {
  if (always) return always === 'up' ? bankText.theSunDoesNot : bankText.theSunDoesNotRise;
  return riseMs && setMs ? bankText.sunUpFromTo({ riseMs: clock(riseMs), setMs: clock(setMs) }) : '';
}

function measuredText({ waterC = 0, depth, source, atMs }: TakenCondition, habit: TempUnit): string {
  const where = depth ? ` ${DEPTH[depth]}` : '';
  return bankText.waterMeasuredAt({
    waterC: formatTemperature(waterC, habit),
    where,
    source: SOURCE[source],
    atMs: clock(atMs),
  });
}

function cloudText(octas: number): string {
  if (octas < 1) return 'clear';
  if (octas < 3.5) return bankText.aFewClouds;
  if (octas < 5.5) return bankText.halfCloudy;
  return octas < 7.5 ? bankText.mostlyCloud : 'overcast';
}
