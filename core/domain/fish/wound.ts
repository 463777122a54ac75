import type { Message } from '../../measure/message.js';
import { fishMessage } from './fishMessages.js';
import { flankDistance, type FlankPoint } from './flankPoint.js';

export const WOUND_KINDS = [
  'hook-hold',
  'scales-missing',
  'scales-lifted',
  'ulcer',
  'torn-fin',
  'spawning',
  'predator',
  'parasite',
  'healed',
] as const;
export type WoundKind = (typeof WOUND_KINDS)[number];

export const WOUND_WORDS: Readonly<Record<WoundKind, Message>> = {
  'hook-hold': fishMessage('woundHookHold'),
  'scales-missing': fishMessage('woundScalesMissing'),
  'scales-lifted': fishMessage('woundScalesLifted'),
  ulcer: fishMessage('woundUlcer'),
  'torn-fin': fishMessage('woundTornFin'),
  spawning: fishMessage('woundSpawning'),
  predator: fishMessage('woundPredator'),
  parasite: fishMessage('woundParasite'),
  healed: fishMessage('woundHealed'),
};

/**
 * The parts of a fish that the map shows. The mouth has a frame of its own: `u` from left to right, `v` from the upper
 * lip down, 0 to 1.
 */
export const WOUND_SIDES = ['left', 'right', 'mouth'] as const;
export type WoundSide = (typeof WOUND_SIDES)[number];

/** Sizes that can be told apart by eye on the bank; the number is what the book keeps. */
export const WOUND_SIZES_MM = [5, 20, 45, 80] as const;
export const WOUND_SIZE_WORDS: Readonly<Record<number, Message | undefined>> = {
  5: fishMessage('woundSize5'),
  20: fishMessage('woundSize20'),
  45: fishMessage('woundSize45'),
  80: fishMessage('woundSize80'),
};

export const TREATMENTS = ['antiseptic', 'sealant'] as const;
export type Treatment = (typeof TREATMENTS)[number];

/** A wound or mark as it was seen. */
export interface Wound {
  readonly kind: WoundKind;
  readonly side: WoundSide;
  readonly at: FlankPoint;
  readonly sizeMm: number;
}

/** Whether it is open: what is healed is only noted. Example: a torn fin is, an old scar is not. */
export function isOpenWound({ kind }: Pick<Wound, 'kind'>): boolean {
  return kind !== 'healed' && kind !== 'parasite';
}

/**
 * What open wounds want next, in the order clean, then seal; null when each of them is sealed or none is open.
 * Example: one cleaned and one not → antiseptic.
 */
export function treatmentWanted(
  wounds: readonly (Pick<Wound, 'kind'> & { readonly treatedWith: readonly Treatment[] })[],
): Treatment | null {
  const wanting = wounds.filter((wound) => isOpenWound(wound) && !wound.treatedWith.includes('sealant'));
  if (wanting.length === 0) return null;
  return wanting.every(({ treatedWith }) => treatedWith.includes('antiseptic')) ? 'sealant' : 'antiseptic';
}

/** As close as two looks at the same spot come, in lengths of the fish (common practice, no source). */
const SAME_PLACE = 0.08;

/**
 * The wounds of an earlier capture that lie where a new one does: the same wound, healing or not.
 * Example: an ulcer at 0.62 along the left flank is found again at 0.65.
 */
export function woundsAtSamePlace<W extends Wound>(earlier: readonly W[], wound: Wound): W[] {
  return earlier
    .filter(({ side, at }) => side === wound.side && flankDistance(at, wound.at) <= SAME_PLACE)
    .sort((a, b) => flankDistance(a.at, wound.at) - flankDistance(b.at, wound.at));
}

/** Where along the body a wound lies, from nose to tail. */
export type WoundAlong = 'head' | 'behind-head' | 'middle' | 'before-tail' | 'tail';

/** Where it lies. Examples: `left flank, behind the head`, `mouth`. */
export function woundPlace({ side, at }: Pick<Wound, 'side' | 'at'>): Message {
  const along: WoundAlong =
    at.u < 0.24 ? 'head' : at.u < 0.42 ? 'behind-head' : at.u < 0.62 ? 'middle' : at.u < 0.88 ? 'before-tail' : 'tail';
  const atAnEnd = along === 'head' || along === 'tail';
  const across = atAnEnd ? null : at.v < -0.05 ? 'back' : at.v > 0.05 ? 'belly' : null;
  return fishMessage('woundPlace', { side, along, across });
}
