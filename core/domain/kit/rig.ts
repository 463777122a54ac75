import type { Message } from '../../measure/message.js';
import { kitMessage } from './kitMessages.js';
import type { SpeciesId } from '../fish/species.js';
import { DAY_MS } from '../../measure/timeSpan.js';

export const BARBS = ['barbless', 'rolled', 'micro', 'barbed'] as const;
/** `rolled`: a barb laid flat under the flat jaws of the pliers. */
export type Barb = (typeof BARBS)[number];

export const LEADS = ['running', 'drops-off', 'pulls-free', 'fixed', 'float', 'none'] as const;
/** How the lead sits. `pulls-free`: off the tube or clip under load; `fixed`: it stays, whatever happens. */
export type LeadArrangement = (typeof LEADS)[number];

export const LEADERS = ['none', 'tubing', 'mono', 'leadcore'] as const;
export type Leader = (typeof LEADERS)[number];

export const TRACES = ['none', 'wire', 'heavy-mono'] as const;
export type Trace = (typeof TRACES)[number];

/** One loading of a rig on a fixed point. */
export interface LoadTest {
  readonly at: string;
  readonly heldS: number;
}

/** A rig, told in a few taps. */
export interface Rig {
  readonly id: string;
  readonly name: string;
  readonly species: SpeciesId;
  readonly mainLineKg: number;
  readonly leader: Leader;
  /** The hooklink or trace: what breaks first, if all is well. */
  readonly linkKg: number;
  /** As it stands on the packet: a larger number is a smaller hook. */
  readonly hookSize: number;
  /** The pull at which its wire opens, for those who fish a hook that straightens; null: never tried. */
  readonly hookOpensKg?: number | null;
  readonly barb: Barb;
  readonly lead: LeadArrangement;
  readonly trace: Trace;
  /** A second trace above the rig, for a bait that can swing back on to the main line. */
  readonly upTrace: boolean;
  readonly loadTests: readonly LoadTest[];
  /** When it was last pulled out of a snag. */
  readonly snaggedAt?: string | null;
}

/** A load test counts when the rig was held under full load for 10 to 20 s (common practice, no source). */
export const LOAD_TEST_S = { least: 10, most: 20 } as const;

/**
 * A load test lapses after so many weeks, after a fish and after a snag: line and knots age and are strained (common
 * practice, no source).
 */
export const LOAD_TEST_WEEKS = 4;

/** How a rig stands with its load test. */
export type LoadTestState = 'stands' | 'never' | 'old' | 'after-fish' | 'after-snag';

/**
 * Whether the last load test that was long enough still stands. `now` and `lastFishAt` are ISO 8601; `lastFishAt` is
 * when a fish of its kind was last on. Example: a test of 8 s is none; one of 12 s stands for four weeks, or until the
 * next fish or snag.
 */
export function loadTestState(
  { loadTests, snaggedAt }: Pick<Rig, 'loadTests' | 'snaggedAt'>,
  now: string,
  lastFishAt?: string,
): LoadTestState {
  const testedMs = Math.max(
    -Infinity,
    ...loadTests.flatMap(({ at, heldS }) => (heldS >= LOAD_TEST_S.least ? Date.parse(at) || 0 : [])),
  );
  if (testedMs === -Infinity) return 'never';
  const since = (at: string | null | undefined) => at !== null && at !== undefined && Date.parse(at) > testedMs;
  if (since(snaggedAt)) return 'after-snag';
  if (since(lastFishAt)) return 'after-fish';
  return Date.parse(now) - testedMs > LOAD_TEST_WEEKS * 7 * DAY_MS ? 'old' : 'stands';
}

export const BARB_TEXT: Readonly<Record<Barb, Message>> = {
  barbless: kitMessage('barbBarbless'),
  rolled: kitMessage('barbRolled'),
  micro: kitMessage('barbMicro'),
  barbed: kitMessage('barbBarbed'),
};

export const LEAD_TEXT: Readonly<Record<LeadArrangement, Message>> = {
  running: kitMessage('leadRunning'),
  'drops-off': kitMessage('leadDropsOff'),
  'pulls-free': kitMessage('leadPullsFree'),
  fixed: kitMessage('leadFixed'),
  float: kitMessage('leadFloat'),
  none: kitMessage('leadNone'),
};
