import type { Message } from '../measure/message.js';
import { careMessage } from './careMessages.js';
import { type SpeciesId } from '../domain/fish/species.js';
import { type TempUnit } from '../measure/temperature.js';
import { pressureAtWaterHpa, STANDARD_PRESSURE_HPA } from '../weather/atmosphere.js';
import { isClosedOn, type ClosedSeason, type DayOfYear } from '../domain/water/season.js';
import type { Water } from '../domain/water/water.js';
import { COMMON_PRACTICE, findings, type Finding, type Rule, type Severity } from './counsel.js';
import type { HeatMoment } from './heatForecast.js';
import { oxygenAtSaturation } from './oxygen.js';
import { GAS_BUBBLES, oxygenLimitOf, SUPERSATURATED, type OxygenLimit } from './oxygenLimit.js';
import { stopLineOf, type StopLine } from './stopLine.js';
import type { StopPractice } from '../domain/practice/stopPractice.js';

/** What is known when it is asked whether to fish. What is not known is null, and then said. */
export interface FishingState {
  readonly species: SpeciesId;
  readonly water: Pick<Water, 'name' | 'altitudeM' | 'salinity' | 'rules' | 'practices'>;
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
        text: careMessage('closedSeason', { species, today }),
        reason: careMessage('closedSeasonReason', { from: closed.from, to: closed.to }),
        basis: { kind: 'local-rule', water: water.name },
        changes: careMessage('closedSeasonChanges', { to: closed.to }),
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
        text: careMessage('closedSeasonAhead', { species, at }),
        reason: careMessage('closedSeasonAheadReason', { from: closed.from, to: closed.to }),
        basis: { kind: 'local-rule', water: water.name },
        changes: careMessage('closedSeasonAheadChanges', { at }),
      };
    },
  },
  {
    id: 'lightning',
    look: ({ thunder }) =>
      thunder
        ? {
            severity: 'stop',
            text: careMessage('lightning'),
            reason: careMessage('lightningReason'),
            basis: COMMON_PRACTICE,
            changes: careMessage('lightningChanges'),
          }
        : null,
  },
  {
    id: 'too-warm',
    look: (state) => {
      const { waterC, line, species } = state;
      if (waterC === null || waterC < line.tempC) return null;
      return {
        severity: 'stop',
        text: careMessage('tooWarm', { species, waterC, tempHabit: state.tempHabit, lineC: line.tempC }),
        reason: careMessage('tooWarmReason'),
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
        text: careMessage('nearlyTooWarm', { tempC: line.tempC, tempHabit: state.tempHabit }),
        reason: careMessage('nearlyTooWarmReason', { waterC, tempHabit: state.tempHabit }),
        basis: line.basis,
        ...(over && { changes: careMessage('nearlyTooWarmChanges', { clock: clock(over.atMs) }) }),
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
        text: careMessage('warmingPastTheLine', { clock: clock(over.atMs) }),
        reason: careMessage('warmingPastTheLineReason'),
        basis: { kind: 'computed', method: careMessage('warmingPastTheLineMethod') },
        changes: careMessage('warmingPastTheLineChanges'),
      };
    },
  },
  {
    id: 'cool-below',
    look: ({ deepC, waterC, line, tempHabit }) =>
      deepC !== null && waterC !== null && waterC >= line.tempC - NEAR_LINE_K
        ? {
            severity: 'care',
            text: careMessage('coolBelow', { deepC, tempHabit }),
            reason: careMessage('coolBelowReason'),
            basis: COMMON_PRACTICE,
            changes: careMessage('coolBelowChanges'),
          }
        : null,
  },
  {
    id: 'oxygen-low',
    look: ({ oxygenMgL, saturationMgL, oxygen: { leastMgL, dangerMgL, basis }, species }) => {
      if (oxygenMgL === null || oxygenMgL >= leastMgL) return null;
      const share = saturationMgL ? oxygenMgL / saturationMgL : null;
      const danger = oxygenMgL < dangerMgL;
      return {
        severity: danger ? 'stop' : 'care',
        text: danger ? careMessage('oxygenDanger', { oxygenMgL }) : careMessage('oxygenLow', { oxygenMgL }),
        reason: careMessage('oxygenLowReason', { species, leastMgL, dangerMgL, share }),
        basis,
        changes: careMessage('oxygenLowChanges'),
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
        text: careMessage('oxygenAbove', { share, danger: share >= SUPERSATURATED.danger }),
        reason: careMessage('oxygenAboveReason'),
        basis: GAS_BUBBLES,
        changes: careMessage('oxygenAboveChanges'),
      };
    },
  },
  {
    id: 'oxygen-limited',
    look: ({ oxygenMgL, saturationMgL, waterC }) => {
      if (oxygenMgL !== null || saturationMgL === null || waterC === null || saturationMgL >= 8) return null;
      return {
        severity: 'care',
        text: careMessage('oxygenLimited', { saturationMgL }),
        reason: careMessage('oxygenLimitedReason'),
        basis: { kind: 'published', source: BENSON_KRAUSE },
        changes: careMessage('oxygenLimitedChanges'),
      };
    },
  },
  {
    id: 'frost',
    look: ({ airC }) =>
      airC !== null && airC <= 0
        ? {
            severity: 'care',
            text: careMessage('frost'),
            reason: careMessage('frostReason'),
            basis: COMMON_PRACTICE,
            changes: careMessage('frostChanges'),
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
            text: careMessage('frostAhead', { clock: clock(frost.atMs) }),
            reason: careMessage('frostAheadReason'),
            basis: { kind: 'computed', method: careMessage('frostAheadMethod') },
            changes: careMessage('frostAheadChanges'),
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
            text: careMessage('waterNotMeasured'),
            reason: careMessage('waterNotMeasuredReason'),
            basis: COMMON_PRACTICE,
            changes: careMessage('waterNotMeasuredChanges'),
          }
        : null,
  },
  {
    id: 'cool-enough',
    look: ({ waterC, line, tempHabit }) =>
      waterC !== null && waterC < line.tempC - NEAR_LINE_K
        ? {
            severity: 'good',
            text: careMessage('coolEnough', { waterC, tempHabit, tempC: line.tempC }),
            reason: careMessage('coolEnoughReason'),
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
            text: careMessage('oxygenGood', { oxygenMgL, saturationMgL }),
            reason: careMessage('oxygenGoodReason', { saturationMgL }),
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
  const here = water.practices?.stopSchool;
  const pressureHpa = pressureAtWaterHpa(state.pressureHpa ?? STANDARD_PRESSURE_HPA, water.altitudeM ?? 0);
  const saturationMgL =
    waterC === null ? null : oxygenAtSaturation({ tempC: Math.max(0, waterC), pressureHpa, salinity: water.salinity });
  const line = stopLineOf(species, here ?? school, water.rules, water.name, here !== undefined);
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
function coolerText({ ahead, clock, tempHabit }: FishingState, lineC: number): Message {
  const from = ahead.findIndex((moment) => moment.waterC >= lineC);
  const under = from < 0 ? ahead[0] : ahead.slice(from).find((moment) => moment.waterC < lineC);
  return under && ahead.length > 0
    ? careMessage('coolerFrom', { clock: clock(under.atMs), lineC, tempHabit })
    : careMessage('notCoolerYet', { lineC, tempHabit });
}
