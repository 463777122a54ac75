import { daysAhead, dayText, type Calendar } from './daysAhead.js';
import { judgeLayout } from '../bank/judgeLayout.js';
import { type BankPlan, type LayoutJudgement, type SunHour } from '../bank/layoutPoint.js';
import type { KitItem } from '../domain/kit/kit.js';
import { layoutByHabit } from '../bank/autoLayout.js';
import type { Layout } from '../domain/water/plan.js';
import { longestExpectedMm, readiness, readinessList, type Readiness } from '../bank/readiness.js';
import type { ReadinessItem } from '../bank/readinessState.js';
import type { Rig } from '../domain/kit/rig.js';
import type { BankPractices } from '../domain/practice/bankPractices.js';
import type { BarbPractice } from '../domain/practice/barbPractice.js';
import { shadeCasters } from '../weather/shade.js';
import { CIVIL_DUSK_DEG, sunAt } from '../weather/sun.js';
import { shouldWeFish, type FishingAdvice } from '../care/fishing.js';
import {
  heatClocks,
  heatForecast,
  soakLastsMs,
  type HeatClocks,
  type HeatForecastInput,
  type HeatMoment,
} from '../care/heatForecast.js';
import type { StopPractice } from '../domain/practice/stopPractice.js';
import type { SpeciesId } from '../domain/fish/species.js';
import { massSystemOf, type MassUnit } from '../measure/mass.js';
import type { TempUnit } from '../measure/temperature.js';
import type { Swim } from '../domain/water/swim.js';
import type { Position, Water } from '../domain/water/water.js';
import type { WeighMethod } from '../domain/practice/weighMethod.js';
import { conditionsNow, type ConditionsNow } from '../domain/outing/conditionsNow.js';
import { outingMoment, type OutingState } from '../domain/outing/outingState.js';
import { correctedForecast } from './correctedForecast.js';
import { HOUR_MS } from '../measure/timeSpan.js';

/** The keeper's preferences that an assessment depends on. */
export interface AssessmentPreferences {
  readonly stopSchool: StopPractice;
  readonly barbSchool: BarbPractice;
  readonly bank: Pick<BankPractices, 'gives'>;
  readonly weighMethod: WeighMethod;
  readonly tempHabit: TempUnit;
  readonly lengthHabit: 'in' | 'cm';
  readonly massUnit: MassUnit;
  /** How the keeper likes to lay out a bank. */
  readonly habit: Layout | null;
}

/** All that is known of an outing, from its log and from the keeper's rows. */
export interface AssessmentInput {
  readonly state: OutingState;
  readonly water: Water;
  readonly swim: Swim | null;
  readonly ways: AssessmentPreferences;
  readonly kit: readonly KitItem[];
  readonly rigs: readonly Rig[];
  readonly nowMs: number;
  /** Of each kind the keeper's own longest fish, and when one was last on, as far as the book knows. */
  readonly own?: {
    readonly longestMm: Partial<Record<SpeciesId, number>>;
    readonly lastFishAt: Partial<Record<SpeciesId, string>>;
  };
  /** When the scale was last zeroed with the sling on. */
  readonly zeroedMs?: number | null;
  /** Another moment to look at, when the outing is only planned. */
  readonly lookMs?: number | undefined;
  /** The keeper's own calendar and clock at a moment: time zones are not known here. */
  readonly calendar: Calendar;
  readonly clock: (atMs: number) => string;
}

/** What lies ahead of an outing: conditions, advice, heat, layout and readiness, all from one look at what is known. */
export interface OutingAssessment {
  /** The moment that is looked at: now, or the beginning of what is planned. */
  readonly momentMs: number;
  readonly position: Position | null;
  readonly now: ConditionsNow;
  readonly advice: readonly FishingAdvice[];
  /** Null while the place is not known, or neither a forecast nor air and sky as they were seen. */
  readonly moments: readonly HeatMoment[] | null;
  readonly heat: HeatClocks | null;
  readonly soakLastsMs: number | null;
  /** As it was laid out here, else the keeper's habit laid on this swim; null without either. */
  readonly laid: Layout | null;
  readonly layout: LayoutJudgement | null;
  readonly plan: Omit<BankPlan, 'layout'>;
  readonly items: readonly ReadinessItem[];
  readonly readiness: Readiness;
}

/**
 * Looks ahead. Measurements come before the forecast; the water's rules before the keeper's ways. What is not known is
 * left out and said, never guessed. Example: with no forecast there are no heat clocks, but everything else stands.
 */
export function assessOuting(input: AssessmentInput): OutingAssessment {
  const ahead = assessAhead(input);
  return { ...ahead, readiness: readiness(ahead.items, input.state.checked) };
}

/**
 * All of an assessment that does not depend on what was checked: the part that takes its time, and need not be done
 * anew at every check.
 */
export function assessAhead(input: AssessmentInput): Omit<OutingAssessment, 'readiness'> {
  const { state, water, swim, ways, kit, rigs, nowMs, clock } = input;
  const { practices } = water;
  const momentMs = input.lookMs ?? outingMoment(state, nowMs);
  const position = swim?.position ?? water.position;
  const now = conditionsNow(state, momentMs);
  const plan: OutingAssessment['plan'] = {
    bank: swim?.bank ?? 'grass',
    facingDeg: swim?.facingDeg ?? 0,
    fixtures: swim?.fixtures ?? [],
    hours: position ? sunHours(state, position) : [],
    clock,
  };
  const laid = state.layout ?? (ways.habit && layoutByHabit(ways.habit, plan));
  const layout = laid && judgeLayout({ ...plan, layout: laid });
  const outlookInput = outlookOf(input, position, laid);
  const moments = outlookInput && heatForecast(outlookInput);
  const heat = moments && heatClocks(moments, momentMs);
  const ahead = moments?.filter(({ atMs }) => atMs >= momentMs) ?? [];
  const expected: readonly SpeciesId[] = state.expected.length > 0 ? state.expected : ['carp'];
  const advice = expected.map((species) =>
    shouldWeFish({
      species,
      water,
      ahead,
      clock,
      school: ways.stopSchool,
      tempHabit: ways.tempHabit,
      waterC: now.waterC,
      deepC: now.deepC,
      airC: now.airC,
      oxygenMgL: now.oxygenMgL,
      today: input.calendar(momentMs),
      daysAhead: daysAhead(momentMs, state.toMs, input.calendar),
      pressureHpa: now.pressureHpa,
      thunder: now.thunder,
    }),
  );
  const lasts = outlookInput && heat?.matBurnsMs ? soakLastsMs(outlookInput, heat.matBurnsMs) : null;
  const items = readinessList({
    expected,
    water,
    kit,
    rigs,
    layout,
    heat,
    clock,
    bank: plan.bank,
    hazards: swim?.hazards ?? [],
    waterC: now.waterC,
    airC: now.airC,
    soakLastsMs: lasts,
    helped: state.companions > 0,
    longestMm: longestExpectedMm(expected, input.own?.longestMm),
    lastFishAt: input.own?.lastFishAt ?? {},
    nowMs: momentMs,
    zeroedMs: input.zeroedMs ?? null,
    barbSchool: practices?.barbSchool ?? ways.barbSchool,
    gives: practices?.gives ?? ways.bank.gives,
    weighMethod: practices?.weighMethod ?? ways.weighMethod,
    tempHabit: ways.tempHabit,
    lengthHabit: ways.lengthHabit,
    massSystem: massSystemOf(ways.massUnit),
    day: dayText(input.calendar(momentMs)),
    night: plan.hours.some(({ sun }) => sun.altitudeDeg < CIVIL_DUSK_DEG),
  });
  return { momentMs, position, now, advice, moments, heat, laid, layout, plan, items, soakLastsMs: lasts };
}

/** What the heat of the hours is worked out from; null while place or weather are not known. */
function outlookOf(
  { state, swim }: AssessmentInput,
  position: Position | null,
  laid: Layout | null,
): HeatForecastInput | null {
  const hours = correctedForecast(state);
  if (!position || hours.length === 0 || state.toMs <= state.fromMs) return null;
  const layout = laid ?? {};
  return {
    fromMs: state.fromMs,
    toMs: state.toMs,
    position,
    hours,
    facingDeg: swim?.facingDeg ?? 0,
    // The margin is a surface: what was read off the bottom says nothing of it.
    readings: state.conditions.flatMap(({ waterC, depth, atMs }) =>
      waterC === undefined || depth === 'bottom' ? [] : { tempC: waterC, atMs },
    ),
    casters: shadeCasters(swim?.fixtures ?? [], layout),
    mat: layout.mat ?? null,
    bucket: layout.bucket ?? null,
    face: 'up',
    deeds: state.deeds,
  };
}

/** The full hours of an outing with their sun; of a very long one the first two days. */
function sunHours({ fromMs, toMs }: OutingState, position: Position): SunHour[] {
  const first = Math.ceil(fromMs / HOUR_MS) * HOUR_MS;
  const count = Math.min(48, Math.max(1, Math.floor((toMs - first) / HOUR_MS) + 1));
  return Array.from({ length: count }, (_, i) => ({
    atMs: first + i * HOUR_MS,
    sun: sunAt(first + i * HOUR_MS, position),
  }));
}
