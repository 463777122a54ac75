import { speciesName, type SpeciesId } from '../domain/fish/species.js';
import { formatTemperature, type TempUnit } from '../measure/temperature.js';
import { pressureAtWaterHpa, STANDARD_PRESSURE_HPA } from '../weather/atmosphere.js';
import { dayOfYearText, isClosedOn, type ClosedSeason, type DayOfYear } from '../domain/water/season.js';
import type { Water } from '../domain/water/water.js';
import { COMMON_PRACTICE, findings, type Finding, type Rule, type Severity } from './counsel.js';
import type { HeatMoment } from './heatForecast.js';
import { oxygenAtSaturation } from './oxygen.js';
import { GAS_BUBBLES, oxygenLimitOf, SUPERSATURATED, type OxygenLimit } from './oxygenLimit.js';
import { stopLineOf, type StopLine, type StopPractice } from './stopLine.js';

/** What is known when it is asked whether to fish. What is not known is null, and then said. */
export interface FishingState {
  readonly species: SpeciesId;
  readonly water: Pick<Water, 'name' | 'altitudeM' | 'salinity' | 'rules'>;
  readonly school: StopPractice;
  readonly today: DayOfYear;
  /** The further days on which the outing goes on, in order. */
  readonly daysAhead: readonly DayOfYear[];
  /** Of the water that the fish is fought and handled in: `decidingWater`. */
  readonly waterC: number | null;
  /** A cooler reading off the bottom beside it; null where there is none. */
  readonly deepC: number | null;
  readonly airC: number | null;
  /** Measured, in mg/L. */
  readonly oxygenMgL: number | null;
  /** Reduced to sea level. */
  readonly pressureHpa: number | null;
  readonly thunder: boolean;
  /** The hours to come, from now. */
  readonly ahead: readonly HeatMoment[];
  /** How a moment is said, such as `21:40`; times of the day are the keeper's own. */
  readonly clock: (atMs: number) => string;
  readonly tempHabit: TempUnit;
}

interface Weighed extends FishingState {
  readonly line: StopLine;
  readonly oxygen: OxygenLimit;
  readonly saturationMgL: number | null;
}

/** Within this of the stop line one goes with care. */
const NEAR_LINE_K = 2;
const BENSON_KRAUSE = 'Benson and Krause (1984)';

const RULES: readonly Rule<Weighed>[] = [
  {
    id: 'closed-season',
    look: ({ water, today, species }) => {
      const closed = closedOn(water.rules, species, today);
      if (!closed) return null;
      return {
        severity: 'stop',
        text: `${speciesName(species)} are closed here on ${dayOfYearText(today)}.`,
        reason: `Closed from ${dayOfYearText(closed.from)} to ${dayOfYearText(closed.to)}, both days counted.`,
        basis: { kind: 'local-rule', water: water.name },
        changes: `The day after ${dayOfYearText(closed.to)}.`,
      };
    },
  },
  {
    id: 'closed-season-ahead',
    look: ({ water, today, daysAhead, species }) => {
      if (closedOn(water.rules, species, today)) return null;
      const at = daysAhead.find((day) => closedOn(water.rules, species, day));
      const closed = at && closedOn(water.rules, species, at);
      if (!at || !closed) return null;
      return {
        severity: 'care',
        text: `${speciesName(species)} close here on ${dayOfYearText(at)}, while this outing goes on.`,
        reason: `Closed from ${dayOfYearText(closed.from)} to ${dayOfYearText(closed.to)}, both days counted. Rods for them come in the evening before.`,
        basis: { kind: 'local-rule', water: water.name },
        changes: `Finish before ${dayOfYearText(at)}.`,
      };
    },
  },
  {
    id: 'lightning',
    look: ({ thunder }) =>
      thunder
        ? {
            severity: 'stop',
            text: 'Thunder is about: rods down.',
            reason: 'A carbon rod is the best conductor on the bank, and you hold it.',
            basis: COMMON_PRACTICE,
            changes: 'Half an hour after the last thunder.',
          }
        : null,
  },
  {
    id: 'too-warm',
    look: (state) => {
      const { waterC, line, species } = state;
      if (waterC === null || waterC < line.tempC) return null;
      const lineText = formatTemperature(line.tempC, state.tempHabit);
      return {
        severity: 'stop',
        text: `Leave ${speciesName(species).toLowerCase()} alone: the water is at ${formatTemperature(waterC, state.tempHabit)}, the limit is ${lineText}.`,
        reason:
          'Warm water holds less oxygen and clears the acid of a fight more slowly: a fish that swims off well may die within a day.',
        basis: line.basis,
        changes: coolerText(state, line.tempC),
      };
    },
  },
  {
    id: 'nearly-too-warm',
    look: (state) => {
      const { waterC, line, ahead, clock } = state;
      if (waterC === null || waterC >= line.tempC || waterC < line.tempC - NEAR_LINE_K) return null;
      const over = ahead.find((moment) => moment.waterC >= line.tempC);
      return {
        severity: 'care',
        text: `Close to the limit of ${formatTemperature(line.tempC, state.tempHabit)}: short fights, no long pictures.`,
        reason: `The water is at ${formatTemperature(waterC, state.tempHabit)}. Every degree costs oxygen, and recovery takes longer.`,
        basis: line.basis,
        ...(over && { changes: `From about ${clock(over.atMs)} the surface should be over the limit; then stop.` }),
      };
    },
  },
  {
    id: 'warming-past-the-line',
    look: ({ waterC, line, ahead, clock }) => {
      if (waterC === null || waterC >= line.tempC - NEAR_LINE_K) return null;
      const over = ahead.find((moment) => moment.waterC >= line.tempC);
      if (!over) return null;
      return {
        severity: 'care',
        text: `Fish early: from about ${clock(over.atMs)} it should be too warm.`,
        reason: 'The surface warms through the day faster than it looks from the bank.',
        basis: { kind: 'computed', method: 'heat balance of the margin' },
        changes: 'A new reading of the water; the forecast of the margin is good to a degree and a half.',
      };
    },
  },
  {
    id: 'cool-below',
    look: ({ deepC, waterC, line, tempHabit }) =>
      deepC !== null && waterC !== null && waterC >= line.tempC - NEAR_LINE_K
        ? {
            severity: 'care',
            text: `The bottom at ${formatTemperature(deepC, tempHabit)} changes nothing: the surface decides.`,
            reason:
              'Deep, cool water is often short of oxygen in the warm season, and the fish is fought and handled in the warm layer above.',
            basis: COMMON_PRACTICE,
            changes: 'A cooler reading at the surface or at the depth of the net.',
          }
        : null,
  },
  {
    id: 'oxygen-low',
    look: ({ oxygenMgL, saturationMgL, oxygen: { leastMgL, dangerMgL, basis }, species }) => {
      if (oxygenMgL === null || oxygenMgL >= leastMgL) return null;
      const share = saturationMgL ? ` That is ${percent(oxygenMgL / saturationMgL)} of what it can hold.` : '';
      const danger = oxygenMgL < dangerMgL;
      return {
        severity: danger ? 'stop' : 'care',
        text: danger
          ? `Do not fish: only ${oxygenMgL.toFixed(1)} mg/L of oxygen.`
          : `Little oxygen: ${oxygenMgL.toFixed(1)} mg/L. Quick releases only; rest nothing in a sling.`,
        reason: `${speciesName(species)} need ${leastMgL} mg/L and are in danger below ${dangerMgL}: short of breath before they are hooked.${share}`,
        basis,
        changes: 'Wind, rain or the afternoon, when plants give oxygen; it is least at dawn. Measure again then.',
      };
    },
  },
  {
    id: 'oxygen-above',
    look: ({ oxygenMgL, saturationMgL }) => {
      const share = oxygenMgL !== null && saturationMgL ? oxygenMgL / saturationMgL : 0;
      if (share < SUPERSATURATED.least) return null;
      return {
        severity: 'care',
        text: `${percent(share)} of what the water can hold: ${share >= SUPERSATURATED.danger ? 'more than fish bear for long' : 'more than it should'}.`,
        reason:
          'Plants in full sun, or water over a weir, push in more gas than it can hold: bubbles form in gills and blood from about 110 to 120 %. What climbs that far by day drops as far by dawn.',
        basis: GAS_BUBBLES,
        changes: 'A second reading with the meter set to air; and one at first light.',
      };
    },
  },
  {
    id: 'oxygen-limited',
    look: ({ oxygenMgL, saturationMgL, waterC }) => {
      if (oxygenMgL !== null || saturationMgL === null || waterC === null || saturationMgL >= 8) return null;
      return {
        severity: 'care',
        text: `At best it holds ${saturationMgL.toFixed(1)} mg/L of oxygen.`,
        reason:
          'That is the most that water at this temperature and height can take from the air; at dawn in weed it is far less.',
        basis: { kind: 'published', source: BENSON_KRAUSE },
        changes: 'A meter reading would tell.',
      };
    },
  },
  {
    id: 'frost',
    look: ({ airC }) =>
      airC !== null && airC <= 0
        ? {
            severity: 'care',
            text: 'In frost a fish stays in the water: eyes and gills freeze in seconds.',
            reason:
              'Wet gill filaments and eyes freeze in moving air below zero. Mat and board are wetted to warm them.',
            basis: COMMON_PRACTICE,
            changes: 'The air above freezing.',
          }
        : null,
  },
  {
    id: 'frost-ahead',
    look: ({ airC, ahead, clock }) => {
      if (airC !== null && airC <= 0) return null;
      const frost = ahead.find((moment) => moment.airC <= 0);
      return frost
        ? {
            severity: 'care',
            text: `Frost from about ${clock(frost.atMs)}: from then on no fish leaves the water.`,
            reason: 'Wet gill filaments and eyes freeze in moving air below zero. Scale and camera stay in the bag.',
            basis: { kind: 'computed', method: 'the forecast of the air' },
            changes: 'Another forecast, or finishing before then.',
          }
        : null;
    },
  },
  {
    id: 'water-not-measured',
    look: ({ waterC }) =>
      waterC === null
        ? {
            severity: 'care',
            text: 'No water temperature yet.',
            reason:
              'How long a fish may be fought and held depends on this one number. Two taps, at the depth of the net.',
            basis: COMMON_PRACTICE,
            changes: 'A reading of the water.',
          }
        : null,
  },
  {
    id: 'cool-enough',
    look: ({ waterC, line, tempHabit }) =>
      waterC !== null && waterC < line.tempC - NEAR_LINE_K
        ? {
            severity: 'good',
            text: `The water is well under the limit: ${formatTemperature(waterC, tempHabit)} against ${formatTemperature(line.tempC, tempHabit)}.`,
            reason: 'A fish that is landed quickly has the oxygen to recover.',
            basis: line.basis,
          }
        : null,
  },
  {
    id: 'oxygen-good',
    look: ({ oxygenMgL, saturationMgL, oxygen }) =>
      oxygenMgL !== null &&
      saturationMgL !== null &&
      oxygenMgL >= oxygen.leastMgL &&
      oxygenMgL < SUPERSATURATED.least * saturationMgL
        ? {
            severity: 'good',
            text: `${oxygenMgL.toFixed(1)} mg/L of oxygen, ${percent(oxygenMgL / saturationMgL)} of what the water can hold.`,
            reason: `Saturated, it would hold ${saturationMgL.toFixed(1)} mg/L at this temperature, height and salinity.`,
            basis: { kind: 'published', source: BENSON_KRAUSE },
          }
        : null,
  },
];

/** Ids of all rules, so that a test can hold each to firing and to staying silent. */
export const FISHING_RULE_IDS: readonly string[] = RULES.map(({ id }) => id);

/** Whether to fish for one species, and why. */
export interface FishingAdvice {
  readonly species: SpeciesId;
  readonly verdict: Severity;
  readonly findings: readonly Finding[];
  /** What the water can hold in mg/L; null while its temperature is not known. */
  readonly saturationMgL: number | null;
}

/**
 * Go (`good`), go with care (`care`) or leave it (`stop`), with every reason. It advises; it never blocks.
 * Example: pike at 23 degrees C under the school of a line for each species are left alone.
 */
export function shouldWeFish(state: FishingState): FishingAdvice {
  const { water, species, school, waterC } = state;
  const pressureHpa = pressureAtWaterHpa(state.pressureHpa ?? STANDARD_PRESSURE_HPA, water.altitudeM ?? 0);
  const saturationMgL =
    waterC === null ? null : oxygenAtSaturation({ tempC: Math.max(0, waterC), pressureHpa, salinity: water.salinity });
  const line = stopLineOf(species, school, water.rules, water.name);
  const said = findings(RULES, { ...state, line, saturationMgL, oxygen: oxygenLimitOf(species) });
  return { species, verdict: said[0]?.severity ?? 'good', findings: said, saturationMgL };
}

/** The season that closes a kind on a day. */
function closedOn({ closedSeasons }: Water['rules'], species: SpeciesId, day: DayOfYear): ClosedSeason | undefined {
  return closedSeasons.find(
    (season) => (season.species.length === 0 || season.species.includes(species)) && isClosedOn(season, day),
  );
}

/** When the hours to come bring the surface under the line again. */
function coolerText({ ahead, clock, tempHabit }: FishingState, lineC: number): string {
  const line = formatTemperature(lineC, tempHabit);
  const from = ahead.findIndex((moment) => moment.waterC >= lineC);
  const under = from < 0 ? ahead[0] : ahead.slice(from).find((moment) => moment.waterC < lineC);
  return under && ahead.length > 0
    ? `After about ${clock(under.atMs)} the surface should be under ${line}; measure it then.`
    : `Not in the hours ahead. Come back when the water is under ${line}.`;
}

function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}
