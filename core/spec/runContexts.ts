import fc from 'fast-check';
import { runStateOf, type RunState } from '../care/run/runState.js';
import type { CaptureEvent } from '../domain/capture/event.js';
import {
  BOARD_PRACTICES,
  GIVES_PRACTICES,
  GRIP_PRACTICES,
  PICTURE_PRACTICES,
  RECOVER_PRACTICES,
  SWALLOWED_PRACTICES,
  WELS_GRIP_PRACTICES,
  DEFAULT_PRACTICES,
  FIGHT_PRACTICES,
  KEEP_PRACTICES,
  LIFT_PRACTICES,
  AIR_PRACTICES,
  UNHOOK_PRACTICES,
} from '../domain/practice/bankPractices.js';
import { runContextOf, type RunContext, type RunContextInput } from '../care/run/runContext.js';
import { replay } from '../domain/capture/replay.js';
import { HOT_CAPTURE_PRACTICES } from '../domain/practice/hotCapturePractice.js';
import { STOP_PRACTICES } from '../domain/practice/stopPractice.js';
import { SPECIES_IDS } from '../domain/fish/species.js';
import { NO_RULES } from '../domain/water/rules.js';
import { BANK_KINDS, HAZARDS } from '../domain/water/swim.js';
import { CAPTURE } from './events.js';

const MILD: RunContextInput = {
  species: 'carp',
  bank: 'grass',
  conditions: { waterC: 16, airC: 17 },
  schools: DEFAULT_PRACTICES,
  stopSchool: 'per-species',
  water: { name: 'Mere', rules: NO_RULES, altitudeM: 60, salinity: 0 },
};

/** A carp from a grass bank on a mild day, alone, with the usual schools; and what is to be otherwise. */
export function context(change: Partial<RunContextInput> = {}): RunContext {
  return runContextOf({ ...MILD, ...change });
}

/** The state of the run that a log comes to. */
export function runAfter(
  events: readonly CaptureEvent[],
  nowMs: number,
  change: Partial<RunContextInput> = {},
): RunState {
  return runStateOf(replay(CAPTURE, events), context(change), nowMs);
}

/** Any context that a keeper can be in. */
export const anySituation: fc.Arbitrary<RunContext> = fc
  .record({
    species: fc.option(fc.constantFrom(...SPECIES_IDS)),
    bank: fc.constantFrom(...BANK_KINDS),
    hazards: fc.subarray([...HAZARDS]),
    conditions: fc.record(
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
    stopSchool: fc.constantFrom(...STOP_PRACTICES),
    hotCapture: fc.constantFrom(...HOT_CAPTURE_PRACTICES),
    schools: fc.record({
      unhook: fc.constantFrom(...UNHOOK_PRACTICES),
      lift: fc.constantFrom(...LIFT_PRACTICES),
      fight: fc.constantFrom(...FIGHT_PRACTICES),
      air: fc.constantFrom(...AIR_PRACTICES),
      airOwnS: fc.constant(40),
      keep: fc.constantFrom(...KEEP_PRACTICES),
      grip: fc.constantFrom(...GRIP_PRACTICES),
      welsGrip: fc.constantFrom(...WELS_GRIP_PRACTICES),
      swallowed: fc.constantFrom(...SWALLOWED_PRACTICES),
      pictureAt: fc.constantFrom(...PICTURE_PRACTICES),
      boardAt: fc.constantFrom(...BOARD_PRACTICES),
      recover: fc.constantFrom(...RECOVER_PRACTICES),
      gives: fc.constantFrom(...GIVES_PRACTICES),
      weigh: fc.boolean(),
      measure: fc.boolean(),
      picture: fc.boolean(),
    }),
    rules: fc.record({
      retention: fc.constantFrom(null, { kind: 'none' as const }, { kind: 'minutes' as const, most: 10 }),
      treatments: fc.constantFrom(null, 'allowed' as const, 'forbidden' as const),
    }),
    otherFish: fc.constantFrom(null, 'playing' as const, 'in-water' as const, 'in-air' as const),
    matC: fc.option(fc.integer({ min: 0, max: 60 })),
  })
  .map(({ rules, ...input }) =>
    runContextOf({ ...input, water: { name: 'Mere', rules: { ...NO_RULES, ...rules }, altitudeM: 60, salinity: 0 } }),
  );
