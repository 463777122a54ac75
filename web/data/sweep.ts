import { useEffect, useSyncExternalStore } from 'react';
import type { FlankInBook } from '@keeper/contract/flanks';
import { WORTH_A_LOOK, type AlikeCatches } from '@keeper/core/recognition/identity/sweepLinks';
import { isFriendFlank } from '../workers/friendFlank.js';
import { whoWorker } from './flanks.js';
import { getCached, setCached } from './registerCache.js';

/** Two catches that look like one fish, and the two pictures that say so most. */
export interface AlikeFound extends AlikeCatches {
  readonly sha256: string;
  readonly otherSha: string;
  readonly score: number;
}

export interface SweepState {
  /** Flanks that were compared with all others. */
  readonly done: number;
  readonly all: number;
  readonly going: boolean;
  readonly found: readonly AlikeFound[];
}

/** What is kept on the device: a sweep goes on after a reload. */
interface Kept {
  readonly asked: readonly string[];
  readonly found: readonly AlikeFound[];
}

const NAME = 'sweep';
/** Kept after so many flanks, and at the end. */
const KEPT_EVERY = 10;

let state: SweepState = { done: 0, all: 0, going: false, found: [] };
let asked = new Set<string>();
let listeners: (() => void)[] = [];
let wanted = false;

/**
 * The sweep through the book; it goes on beside other pages until it is paused, and from where it was after a reload.
 */
export function useSweep(): SweepState {
  useEffect(() => void recalled(), []);
  return useSyncExternalStore(subscribe, () => state);
}

function subscribe(listener: () => void): () => void {
  listeners = [...listeners, listener];
  return () => {
    listeners = listeners.filter((each) => each !== listener);
  };
}

function now(change: Partial<SweepState>): void {
  state = { ...state, ...change };
  for (const listener of listeners) listener();
}

export function pauseSweep(): void {
  wanted = false;
  now({ going: false });
}

/** Holds every flank that was not asked yet against all others, one after the other. */
export async function goOnSweeping(flanks: readonly FlankInBook[]): Promise<void> {
  if (wanted) return;
  wanted = true;
  now({ going: true, all: flanks.length });
  await recalled();
  await whoWorker().hold(flanks);
  const left = flanks.filter((flank) => !asked.has(keyOf(flank)));
  now({ done: flanks.length - left.length });
  for (const flank of left) {
    if (!wanted) break;
    const answer = await whoWorker().askHeld(flank.sha256);
    // Without a print it would be compared with too few, and never again: it goes on from here when they can be had.
    if (!answer) break;
    const found = answer.mayBe.flatMap(({ flank: other, probability, score }): AlikeFound[] => {
      if (probability < WORTH_A_LOOK || isFriendFlank(other)) return [];
      const pair = { captureId: flank.captureId, otherId: other.captureId };
      return [{ ...pair, probability, score, sha256: flank.sha256, otherSha: other.sha256 }];
    });
    asked.add(keyOf(flank));
    now({ done: state.done + 1, found: [...state.found, ...found] });
    if (asked.size % KEPT_EVERY === 0) await keep();
  }
  await keep();
  wanted = false;
  now({ going: false });
}

/** A picture that was laid anew is another one. */
function keyOf({ print }: FlankInBook): string {
  return print;
}

let recalling: Promise<void> | undefined;

/** What this device kept of the sweep, read once. */
function recalled(): Promise<void> {
  recalling ??= recall();
  return recalling;
}

async function recall(): Promise<void> {
  const kept = await getCached<Kept>(NAME);
  if (!kept) return;
  asked = new Set(kept.asked);
  now({ done: asked.size, found: kept.found });
}

async function keep(): Promise<void> {
  await setCached(NAME, { asked: [...asked], found: state.found } satisfies Kept);
}
