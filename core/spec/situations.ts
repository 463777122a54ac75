import fc from 'fast-check';
import { momentOf, type Moment } from '../care/run/runState.js';
import type { CaptureEvent } from '../domain/capture/event.js';
import {
  FIRST_SCHOOLS,
  FIGHT_SCHOOLS,
  KEEP_SCHOOLS,
  LIFT_SCHOOLS,
  AIR_SCHOOLS,
  UNHOOK_SCHOOLS,
} from '../domain/capture/practices.js';
import { situationOf, type Situation, type SituationInput } from '../care/run/runContext.js';
import { tellStory } from '../domain/capture/replay.js';
import { HOT_CAPTURE_SCHOOLS } from '../care/hotCapture.js';
import { STOP_SCHOOLS } from '../care/stopLine.js';
import { SPECIES_IDS } from '../domain/fish/species.js';
import { NO_RULES } from '../domain/water/rules.js';
import { BANK_KINDS, HAZARDS } from '../domain/water/swim.js';
import { CAPTURE } from './events.js';

const MILD: SituationInput = {
  species: 'carp',
  bank: 'grass',
  around: { waterC: 16, airC: 17 },
  schools: FIRST_SCHOOLS,
  stopSchool: 'per-species',
  water: { name: 'Mere', rules: NO_RULES, altitudeM: 60, salinity: 0 },
};

/** A carp from a grass bank on a mild day, alone, with the usual schools; and what is to be otherwise. */
export function situation(change: Partial<SituationInput> = {}): Situation {
  return situationOf({ ...MILD, ...change });
}

/** The moment that a log comes to. */
export function momentAfter(
  events: readonly CaptureEvent[],
  nowMs: number,
  change: Partial<SituationInput> = {},
): Moment {
  return momentOf(tellStory(CAPTURE, events), situation(change), nowMs);
}

/** Any situation that a keeper can be in. */
export const anySituation: fc.Arbitrary<Situation> = fc
  .record({
    species: fc.option(fc.constantFrom(...SPECIES_IDS)),
    bank: fc.constantFrom(...BANK_KINDS),
    hazards: fc.subarray([...HAZARDS]),
    around: fc.record(
      {
        waterC: fc.integer({ min: 0, max: 32 }),
        airC: fc.integer({ min: -15, max: 38 }),
        oxygenMgL: fc.integer({ min: 2, max: 12 }),
        companions: fc.integer({ min: 0, max: 2 }),
        dark: fc.boolean(),
        thunder: fc.boolean(),
      },
      { requiredKeys: [] },
    ),
    stopSchool: fc.constantFrom(...STOP_SCHOOLS),
    hotCapture: fc.constantFrom(...HOT_CAPTURE_SCHOOLS),
    schools: fc.record({
      unhook: fc.constantFrom(...UNHOOK_SCHOOLS),
      lift: fc.constantFrom(...LIFT_SCHOOLS),
      fight: fc.constantFrom(...FIGHT_SCHOOLS),
      air: fc.constantFrom(...AIR_SCHOOLS),
      airOwnS: fc.constant(40),
      keep: fc.constantFrom(...KEEP_SCHOOLS),
      weigh: fc.boolean(),
      measure: fc.boolean(),
      picture: fc.boolean(),
    }),
    rules: fc.record({
      retention: fc.constantFrom(null, { kind: 'none' as const }, { kind: 'minutes' as const, most: 10 }),
      treatments: fc.constantFrom(null, 'allowed' as const, 'forbidden' as const),
    }),
    matC: fc.option(fc.integer({ min: 0, max: 60 })),
  })
  .map(({ rules, ...input }) =>
    situationOf({ ...input, water: { name: 'Mere', rules: { ...NO_RULES, ...rules }, altitudeM: 60, salinity: 0 } }),
  );
