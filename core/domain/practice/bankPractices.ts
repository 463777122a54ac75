import type { Message } from '../../measure/message.js';
import { practiceMessage } from './practiceMessages.js';

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

/** How a toothed fish is held while the hook comes out; small ones are held by the wrist of the tail by everybody. */
export const GRIP_PRACTICES = ['chin', 'plate', 'cradle'] as const;
export type GripPractice = (typeof GRIP_PRACTICES)[number];

/** How a wels is held. */
export const WELS_GRIP_PRACTICES = ['thumb', 'cradle'] as const;
export type WelsGripPractice = (typeof WELS_GRIP_PRACTICES)[number];

/** What is done with a hook that was swallowed. */
export const SWALLOWED_PRACTICES = ['cut', 'pliers'] as const;
export type SwallowedPractice = (typeof SWALLOWED_PRACTICES)[number];

/** Where it is pictured. */
export const PICTURE_PRACTICES = ['mat', 'water'] as const;
export type PicturePractice = (typeof PICTURE_PRACTICES)[number];

/** Where the board lies. */
export const BOARD_PRACTICES = ['mat', 'water'] as const;
export type BoardPractice = (typeof BOARD_PRACTICES)[number];

/** How it is held until it goes. */
export const RECOVER_PRACTICES = ['still', 'rock'] as const;
export type RecoverPractice = (typeof RECOVER_PRACTICES)[number];

/** What gives when nothing else does: chosen before casting. */
export const GIVES_PRACTICES = ['link', 'hook'] as const;
export type GivesPractice = (typeof GIVES_PRACTICES)[number];

/** The keeper's ways with a fish that is on. */
export interface BankPractices {
  readonly unhook: UnhookPractice;
  readonly lift: LiftPractice;
  readonly fight: FightPractice;
  readonly air: AirPractice;
  /** Seconds, for those who go by a number of their own. */
  readonly airOwnS: number;
  readonly keep: KeepPractice;
  readonly grip: GripPractice;
  readonly welsGrip: WelsGripPractice;
  readonly swallowed: SwallowedPractice;
  readonly pictureAt: PicturePractice;
  readonly boardAt: BoardPractice;
  readonly recover: RecoverPractice;
  readonly gives: GivesPractice;
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
  grip: 'chin',
  welsGrip: 'thumb',
  swallowed: 'cut',
  pictureAt: 'mat',
  boardAt: 'mat',
  recover: 'still',
  gives: 'link',
  weigh: true,
  measure: false,
  picture: true,
};

export interface PracticeWords {
  readonly name: Message;
  readonly why: Message;
}

/** A disputed choice of the bank: its ways in their order, and what each is called. */
export interface BankChoice<S extends string> {
  readonly ways: readonly S[];
  readonly words: Readonly<Record<S, PracticeWords>>;
}

/** The choices among names; what is a number or yes and no stands apart. */
export type BankChoices = {
  readonly [K in keyof BankPractices as BankPractices[K] extends string ? K : never]: BankChoice<
    Extract<BankPractices[K], string>
  >;
};

export type BankChoiceName = keyof BankChoices;

/** Every choice of the bank, in the order of the work. */
export const BANK_CHOICES: BankChoices = {
  fight: {
    ways: FIGHT_PRACTICES,
    words: {
      settle: { name: practiceMessage('fightSettleName'), why: practiceMessage('fightSettleWhy') },
      short: { name: practiceMessage('fightShortName'), why: practiceMessage('fightShortWhy') },
      'played-out': { name: practiceMessage('fightPlayedOutName'), why: practiceMessage('fightPlayedOutWhy') },
    },
  },
  gives: {
    ways: GIVES_PRACTICES,
    words: {
      link: { name: practiceMessage('givesLinkName'), why: practiceMessage('givesLinkWhy') },
      hook: { name: practiceMessage('givesHookName'), why: practiceMessage('givesHookWhy') },
    },
  },
  unhook: {
    ways: UNHOOK_PRACTICES,
    words: {
      water: { name: practiceMessage('unhookWaterName'), why: practiceMessage('unhookWaterWhy') },
      mat: { name: practiceMessage('unhookMatName'), why: practiceMessage('unhookMatWhy') },
    },
  },
  grip: {
    ways: GRIP_PRACTICES,
    words: {
      chin: { name: practiceMessage('gripChinName'), why: practiceMessage('gripChinWhy') },
      plate: { name: practiceMessage('gripPlateName'), why: practiceMessage('gripPlateWhy') },
      cradle: { name: practiceMessage('gripCradleName'), why: practiceMessage('gripCradleWhy') },
    },
  },
  welsGrip: {
    ways: WELS_GRIP_PRACTICES,
    words: {
      thumb: { name: practiceMessage('welsThumbName'), why: practiceMessage('welsThumbWhy') },
      cradle: { name: practiceMessage('welsCradleName'), why: practiceMessage('welsCradleWhy') },
    },
  },
  swallowed: {
    ways: SWALLOWED_PRACTICES,
    words: {
      cut: { name: practiceMessage('swallowedCutName'), why: practiceMessage('swallowedCutWhy') },
      pliers: { name: practiceMessage('swallowedPliersName'), why: practiceMessage('swallowedPliersWhy') },
    },
  },
  lift: {
    ways: LIFT_PRACTICES,
    words: {
      sling: { name: practiceMessage('liftSlingName'), why: practiceMessage('liftSlingWhy') },
      mesh: { name: practiceMessage('liftMeshName'), why: practiceMessage('liftMeshWhy') },
    },
  },
  air: {
    ways: AIR_PRACTICES,
    words: {
      thirty: { name: practiceMessage('airThirtyName'), why: practiceMessage('airThirtyWhy') },
      'count-six': { name: practiceMessage('airCountSixName'), why: practiceMessage('airCountSixWhy') },
      'own-breath': { name: practiceMessage('airOwnBreathName'), why: practiceMessage('airOwnBreathWhy') },
      sixty: { name: practiceMessage('airSixtyName'), why: practiceMessage('airSixtyWhy') },
      own: { name: practiceMessage('airOwnName'), why: practiceMessage('airOwnWhy') },
    },
  },
  boardAt: {
    ways: BOARD_PRACTICES,
    words: {
      mat: { name: practiceMessage('boardMatName'), why: practiceMessage('boardMatWhy') },
      water: { name: practiceMessage('boardWaterName'), why: practiceMessage('boardWaterWhy') },
    },
  },
  pictureAt: {
    ways: PICTURE_PRACTICES,
    words: {
      mat: { name: practiceMessage('pictureMatName'), why: practiceMessage('pictureMatWhy') },
      water: { name: practiceMessage('pictureWaterName'), why: practiceMessage('pictureWaterWhy') },
    },
  },
  keep: {
    ways: KEEP_PRACTICES,
    words: {
      short: { name: practiceMessage('keepShortName'), why: practiceMessage('keepShortWhy') },
      none: { name: practiceMessage('keepNoneName'), why: practiceMessage('keepNoneWhy') },
    },
  },
  recover: {
    ways: RECOVER_PRACTICES,
    words: {
      still: { name: practiceMessage('recoverStillName'), why: practiceMessage('recoverStillWhy') },
      rock: { name: practiceMessage('recoverRockName'), why: practiceMessage('recoverRockWhy') },
    },
  },
};

export const BANK_CHOICE_NAMES = Object.keys(BANK_CHOICES) as readonly BankChoiceName[];

/** What a way is called. Example: `nameOfWay('grip', 'plate')` says `Inside the gill plate`. */
export function nameOfWay<K extends BankChoiceName>(choice: K, way: BankPractices[K]): Message {
  return wordsOfWay(choice, way).name;
}

/** What a way is called, and the reason that is given for it. */
export function wordsOfWay<K extends BankChoiceName>(choice: K, way: BankPractices[K]): PracticeWords {
  return (BANK_CHOICES[choice] as BankChoice<string>).words[way] as PracticeWords;
}
