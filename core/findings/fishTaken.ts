import type { CaptureSummary } from '../domain/capture/summary.js';
import type { FishHandled, FishTaken } from './fishingRecord.js';
import { tackleTold, type TackleNames } from './tackleTold.js';

/** A line of the book as far as findings ask. */
export type FishTold = Pick<CaptureSummary, (typeof TOLD_FIELDS)[number]>;

export const TOLD_FIELDS = [
  'captureId',
  'outingId',
  'waterId',
  'startedAt',
  'dated',
  'species',
  'outcome',
  'rod',
  'swimId',
  'keeperId',
  'fishId',
  'loss',
  'hookHold',
  'hookEnd',
  'netGrams',
  'lengthMm',
  'origin',
  'fightMs',
  'airMs',
  'airComplete',
  'heldMs',
  'restedMs',
  'gillBeat',
  'leaving',
  'waterC',
  'openWounds',
] as const satisfies readonly (keyof CaptureSummary)[];

/**
 * A fish as findings take it; null while it is on. Example: one that is remembered has no hour, and nothing is known of
 * how it was handled.
 */
export function fishTaken(told: FishTold, names: TackleNames): FishTaken | null {
  const { captureId, outingId, waterId, startedAt, dated, species, outcome, rod, swimId, keeperId, fishId } = told;
  if (outcome !== 'released' && outcome !== 'lost' && outcome !== 'died') return null;
  return {
    captureId,
    outingId,
    waterId,
    atMs: dated !== null || startedAt === null ? null : Date.parse(startedAt),
    species,
    rod: rod?.rod ?? null,
    swimId,
    keeperId,
    fishId,
    outcome,
    isFromBank: told.origin === 'bank',
    ...tackleTold(rod ?? {}, names),
    loss: told.loss?.reason ?? null,
    hookHold: told.hookHold,
    hookEnd: told.hookEnd,
    netGrams: told.netGrams,
    lengthMm: told.lengthMm,
    handled: handledOf(told),
  };
}

function handledOf({ origin, outcome, ...told }: FishTold): FishHandled | null {
  if (origin !== 'bank' || outcome === 'lost') return null;
  const { fightMs, airMs, airComplete, heldMs, restedMs, gillBeat, leaving, waterC, openWounds } = told;
  return {
    fightMs,
    airMs: airComplete ? airMs : null,
    heldMs,
    restedMs,
    gillBeat,
    leaving,
    waterC,
    openWounds: openWounds.length,
  };
}
