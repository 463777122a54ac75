import type { Message } from '../../measure/message.js';
import { captureMessage } from './captureMessages.js';
/** Where the hook comes out. */
export const UNHOOK_PRACTICES = ['water', 'mat'] as const;
export type UnhookPractice = (typeof UNHOOK_PRACTICES)[number];

/** How the fish comes out of the water. */
export const LIFT_PRACTICES = ['sling', 'mesh'] as const;
export type LiftPractice = (typeof LIFT_PRACTICES)[number];

/** How long it is played. */
export const FIGHT_PRACTICES = ['settle', 'short', 'played-out'] as const;
export type FightPractice = (typeof FIGHT_PRACTICES)[number];

/** How long it may be in the air at one time. */
export const AIR_PRACTICES = ['thirty', 'count-six', 'own-breath', 'sixty', 'own'] as const;
export type AirPractice = (typeof AIR_PRACTICES)[number];

/** Whether it may be kept for a while in net or sling. */
export const KEEP_PRACTICES = ['short', 'none'] as const;
export type KeepPractice = (typeof KEEP_PRACTICES)[number];

/** The keeper's preferences on the bank. */
export interface BankPractices {
  readonly unhook: UnhookPractice;
  readonly lift: LiftPractice;
  readonly fight: FightPractice;
  readonly air: AirPractice;
  /** Seconds, for those who go by a number of their own. */
  readonly airOwnS: number;
  readonly keep: KeepPractice;
  /** What is done with a fish that is worth it. */
  readonly weigh: boolean;
  readonly measure: boolean;
  readonly picture: boolean;
}

/** The usual ones (common practice, no source). */
export const DEFAULT_PRACTICES: BankPractices = {
  unhook: 'water',
  lift: 'sling',
  fight: 'settle',
  air: 'thirty',
  airOwnS: 45,
  keep: 'short',
  weigh: true,
  measure: false,
  picture: true,
};

export interface PracticeWords {
  readonly name: Message;
  readonly why: Message;
}

export const UNHOOK_WORDS: Readonly<Record<UnhookPractice, PracticeWords>> = {
  water: {
    name: captureMessage('unhookWaterName'),
    why: captureMessage('unhookWaterWhy'),
  },
  mat: { name: captureMessage('unhookMatName'), why: captureMessage('unhookMatWhy') },
};
export const LIFT_WORDS: Readonly<Record<LiftPractice, PracticeWords>> = {
  sling: { name: captureMessage('liftSlingName'), why: captureMessage('liftSlingWhy') },
  mesh: {
    name: captureMessage('liftMeshName'),
    why: captureMessage('liftMeshWhy'),
  },
};
export const FIGHT_WORDS: Readonly<Record<FightPractice, PracticeWords>> = {
  settle: {
    name: captureMessage('fightSettleName'),
    why: captureMessage('fightSettleWhy'),
  },
  short: {
    name: captureMessage('fightShortName'),
    why: captureMessage('fightShortWhy'),
  },
  'played-out': { name: captureMessage('fightPlayedOutName'), why: captureMessage('fightPlayedOutWhy') },
};
export const AIR_WORDS: Readonly<Record<AirPractice, PracticeWords>> = {
  thirty: {
    name: captureMessage('airThirtyName'),
    why: captureMessage('airThirtyWhy'),
  },
  'count-six': { name: captureMessage('airCountSixName'), why: captureMessage('airCountSixWhy') },
  'own-breath': {
    name: captureMessage('airOwnBreathName'),
    why: captureMessage('airOwnBreathWhy'),
  },
  sixty: {
    name: captureMessage('airSixtyName'),
    why: captureMessage('airSixtyWhy'),
  },
  own: { name: captureMessage('airOwnName'), why: captureMessage('airOwnWhy') },
};
export const KEEP_WORDS: Readonly<Record<KeepPractice, PracticeWords>> = {
  short: { name: captureMessage('keepShortName'), why: captureMessage('keepShortWhy') },
  none: { name: captureMessage('keepNoneName'), why: captureMessage('keepNoneWhy') },
};
