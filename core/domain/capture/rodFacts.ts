import type { Message } from '../../measure/message.js';
import { captureMessage } from './captureMessages.js';

/** As many rods as one angler may fish at a time in most places. */
export const MOST_RODS = 4;

/** How a rod fishes. Texts are the keeper's own; a rig is kept by name too, so that it may be renamed or archived. */
export interface RodSetup {
  readonly rigId?: string;
  readonly rig?: string;
  readonly bait?: string;
  readonly method?: string;
  readonly place?: string;
  /** How far out the bait lies, and how deep, where they are known. */
  readonly distanceM?: number;
  readonly depthM?: number;
}

/** What a fish took on. */
export interface RodFacts extends RodSetup {
  /** Which of the rods, from 1. */
  readonly rod?: number;
  /** How long the take was given before the strike, in s. */
  readonly givenS?: number;
}

/** A rod that was told of fishes another way: which it was, and how long the take was given, stay as they were told. */
export function withSetup(told: RodFacts | null, setup: RodSetup): RodFacts {
  const { rod, givenS } = told ?? {};
  return { ...setup, ...(rod !== undefined && { rod }), ...(givenS !== undefined && { givenS }) };
}

/** Bounds of what is told of a rod. */
export const ROD_BOUNDS = { mostDistanceM: 1_000, mostDepthM: 200, mostGivenS: 600, mostText: 60 } as const;

/** Where the hook sat. */
export const HOOK_HOLDS = ['lip', 'corner', 'roof', 'deep', 'outside'] as const;
export type HookHold = (typeof HOOK_HOLDS)[number];

export const HOOK_HOLD_WORDS: Readonly<Record<HookHold, Message>> = {
  lip: captureMessage('holdLip'),
  corner: captureMessage('holdCorner'),
  roof: captureMessage('holdRoof'),
  deep: captureMessage('holdDeep'),
  outside: captureMessage('holdOutside'),
};

/** How a hooked fish got away. */
export const LOSS_REASONS = ['hook-pulled', 'line-parted', 'snagged', 'at-the-net', 'hook-cut'] as const;
export type LossReason = (typeof LOSS_REASONS)[number];

export const LOSS_WORDS: Readonly<Record<LossReason, Message>> = {
  'hook-pulled': captureMessage('lossHookPulled'),
  'line-parted': captureMessage('lossLineParted'),
  snagged: captureMessage('lossSnagged'),
  'at-the-net': captureMessage('lossAtTheNet'),
  'hook-cut': captureMessage('lossHookCut'),
};

/** What the fish swims with since: each is with what stands before it. */
export const TACKLE_LEFT = ['nothing', 'hook', 'link', 'lead'] as const;
export type TackleLeft = (typeof TACKLE_LEFT)[number];

export const TACKLE_LEFT_WORDS: Readonly<Record<TackleLeft, Message>> = {
  nothing: captureMessage('leftNothing'),
  hook: captureMessage('leftHook'),
  link: captureMessage('leftLink'),
  lead: captureMessage('leftLead'),
};

/** How a fish was lost. */
export interface Loss {
  readonly reason?: LossReason;
  readonly left?: TackleLeft;
}
