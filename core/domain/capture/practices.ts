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

interface PracticeWords {
  readonly name: string;
  readonly why: string;
}

export const UNHOOK_WORDS: Readonly<Record<UnhookPractice, PracticeWords>> = {
  water: {
    name: 'In the net, in the water',
    why: 'It breathes while the hook comes out, if the hook is easily reached.',
  },
  mat: { name: 'On the mat', why: 'A large fish is under control there; the hook stays in while it is moved.' },
};
export const LIFT_WORDS: Readonly<Record<LiftPractice, PracticeWords>> = {
  sling: { name: 'In the sling', why: 'The sling goes under it in the water and carries its whole length.' },
  mesh: {
    name: 'In the rolled net',
    why: 'Net and fish are lifted together, rolled to a pouch, over a short way, with support.',
  },
};
export const FIGHT_WORDS: Readonly<Record<FightPractice, PracticeWords>> = {
  settle: {
    name: 'Short, then let it settle',
    why: 'Strong tackle and steady pressure; it calms down in the net before it is lifted.',
  },
  short: {
    name: 'As short as can be',
    why: 'Tire it as little as possible: warm water, sensitive species, predators about.',
  },
  'played-out': { name: 'Played out', why: 'A large carp brought in green thrashes on the mat and hurts itself.' },
};
export const AIR_WORDS: Readonly<Record<AirPractice, PracticeWords>> = {
  thirty: {
    name: '30 seconds',
    why: 'Long enough for one look and one picture with everything laid out; no time in the air is free. Of trout chased to exhaustion 12 in 100 died without air, 38 with 30 seconds, 72 with 60 (Ferguson and Tufts 1992, from memory). Shorter is kinder.',
  },
  'count-six': { name: 'A count of six', why: 'Lift, count to six, and back: it can be lifted again.' },
  'own-breath': {
    name: 'Your own breath',
    why: 'Hold yours when it leaves the water. When you must breathe, so must it.',
  },
  sixty: {
    name: '60 seconds',
    why: 'For those who weigh and picture in one go, with all laid out. It is twice the time, and costs more than twice as much.',
  },
  own: { name: 'A number of your own', why: 'For those who have timed themselves.' },
};
export const KEEP_WORDS: Readonly<Record<KeepPractice, PracticeWords>> = {
  short: { name: 'For minutes, with a clock', why: 'A short rest in net or sling, in the water, between two things.' },
  none: { name: 'Not at all', why: 'It goes back as soon as it can.' },
};
