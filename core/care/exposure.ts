import type { Message } from '../measure/message.js';
import { careMessage } from './careMessages.js';
import type { AirPractice } from '../domain/practice/bankPractices.js';
import type { Sign } from '../domain/capture/sign.js';
import { COMMON_PRACTICE, type Basis } from './counsel.js';

/** What decides how long a fish may be in the air at one time. */
export interface ExposureInput {
  readonly school: AirPractice;
  readonly ownS: number;
  readonly waterC: number | null;
  /** Where the species is left alone, in degrees C. */
  readonly stopLineC: number;
  readonly airC: number | null;
  /** Share of saturation; null when it was not measured. */
  readonly oxygenShare: number | null;
  readonly fightMs: number;
  readonly signs: readonly Sign[];
}

/** Something that shortens the time, with its reason. */
export interface ExposureReason {
  readonly text: Message;
  readonly factor: number;
  readonly basis: Basis;
}

/** How long a fish may be in the air: each time, and in all. */
export interface ExposureBudget {
  readonly schoolMs: number;
  readonly spellMs: number;
  readonly totalMs: number;
  readonly reasons: readonly ExposureReason[];
}

/** A breath that is held by somebody who has just landed a fish (common practice, no source). */
const SCHOOL_S: Readonly<Record<Exclude<AirPractice, 'own'>, number>> = {
  thirty: 30,
  'count-six': 6,
  'own-breath': 30,
  sixty: 60,
};

/** However many things speak for haste, less than this cannot be tapped. */
const LEAST_S = 5;
/** Several lifts in all last no longer than this many times one (common practice, no source). */
const LIFTS_IN_ALL = 2;

const FERGUSON_TUFTS: Basis = {
  kind: 'published',
  source: 'Ferguson and Tufts 1992, Can. J. Fish. Aquat. Sci. 49, 1157-1162',
};
const GALE: Basis = { kind: 'published', source: 'Gale, Hinch and Donaldson 2013, Fish and Fisheries 14, 1-33' };

/**
 * The time in the air that a keeper's school allows, shortened by warmth, want of oxygen, a long fight, frost and the
 * state of the fish. The factors are common practice, no source; that air after exertion kills is Ferguson and Tufts
 * (1992: trout chased to exhaustion died in 12 of 100 cases without air, 38 with 30 s, 72 with 60 s; from memory), that
 * warmth adds to it Gale et al. (2013; from memory). Example: 30 s by school, water two degrees under the stop line and
 * a fight of 12 minutes: 30 x 0.5 x 0.7 = 10.5 s.
 */
export function exposureBudget(input: ExposureInput): ExposureBudget {
  const schoolMs = 1000 * (input.school === 'own' ? input.ownS : SCHOOL_S[input.school]);
  const reasons = exposureReasons(input);
  const shortened = reasons.reduce((ms, { factor }) => ms * factor, schoolMs);
  const spellMs = Math.max(Math.min(schoolMs, LEAST_S * 1000), shortened);
  return { schoolMs, spellMs, totalMs: LIFTS_IN_ALL * spellMs, reasons };
}

function exposureReasons({ waterC, stopLineC, airC, oxygenShare, fightMs, signs }: ExposureInput): ExposureReason[] {
  const reasons: ExposureReason[] = [];
  const because = (factor: number, text: Message, basis: Basis = COMMON_PRACTICE) =>
    void reasons.push({ factor, text, basis });
  if (waterC !== null && waterC >= stopLineC) because(0.25, careMessage('budgetTooWarm'), GALE);
  else if (waterC !== null && waterC >= stopLineC - 3) because(0.5, careMessage('budgetNearlyTooWarm'), GALE);
  if (oxygenShare !== null && oxygenShare < 0.6) because(0.5, careMessage('budgetOxygen'));
  if (fightMs >= 20 * 60_000) because(0.5, careMessage('budgetFight20'), FERGUSON_TUFTS);
  else if (fightMs >= 10 * 60_000) because(0.7, careMessage('budgetFight10'), FERGUSON_TUFTS);
  if (airC !== null && airC <= 0) because(0.5, careMessage('budgetFrost'));
  if (signs.includes('bleeding')) because(0.5, careMessage('budgetBleeding'));
  if (signs.includes('spent')) because(0.5, careMessage('budgetSpent'));
  return reasons;
}

/** How far through its time a fish is, and what of it has gone. */
export interface ExposureUse {
  /** Of this spell or of all together, whichever is further; 1 is all of it. */
  readonly share: number;
  readonly stage: 'fine' | 'half' | 'three-quarters' | 'over';
}

/** Example: 15 s of this spell with 30 s allowed is `half`. In the water the time that was used in all still counts. */
export function exposureUse(budget: ExposureBudget, airNowMs: number, airMs: number): ExposureUse {
  const share = Math.max(airNowMs / budget.spellMs, airMs / budget.totalMs);
  return { share, stage: share >= 1 ? 'over' : share >= 0.75 ? 'three-quarters' : share >= 0.5 ? 'half' : 'fine' };
}
