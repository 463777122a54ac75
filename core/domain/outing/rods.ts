import type { Loss, RodSetup } from '../capture/rodFacts.js';

/** Why a rod came out of the water. */
export const ROD_IN_REASONS = ['rested', 'moved', 'fish', 'packed'] as const;
export type RodInReason = (typeof ROD_IN_REASONS)[number];

/** A rod cast, or taken in; the moment is that of the tap, or what the keeper says it was. */
export type RodTap =
  | {
      readonly eventId: string;
      readonly kind: 'out';
      readonly rod: number;
      readonly setup: RodSetup;
      readonly swimId: string | null;
      readonly atMs: number;
    }
  | {
      readonly eventId: string;
      readonly kind: 'in';
      readonly rod: number;
      readonly why: RodInReason;
      readonly atMs: number;
    }
  /** The keeper moved to another swim: no rod goes on fishing where one has left. */
  | { readonly eventId: string; readonly kind: 'moved'; readonly atMs: number };

/** A stretch of time that a rod fished one way. `toMs` is null while it lasts. */
export interface RodSpell {
  readonly rod: number;
  readonly setup: RodSetup;
  readonly swimId: string | null;
  readonly fromMs: number;
  readonly toMs: number | null;
  /** The taps that began and ended it, where it was a tap that did. */
  readonly castId?: string;
  readonly inId?: string;
  /** Why it ended; undefined where the rod was only cast anew, or the outing ended. */
  readonly endedBy?: RodInReason;
}

export const ROD_SIGNS = ['run-dropped', 'bite-missed', 'fish-lost'] as const;

/** Something happened on a rod, or on one that was not named, and no fish was landed. */
export interface RodSign extends Loss {
  readonly eventId: string;
  readonly kind: (typeof ROD_SIGNS)[number];
  readonly rod: number | null;
  readonly swimId: string | null;
  readonly atMs: number;
}

/**
 * The spells of all rods, in the order in which they began. A rod that is cast while it is out ends its spell then: no
 * rod fishes twice at a time. A moment before its cast, of a clock that was put back, ends the spell where it began.
 * `endMs`, where the outing has ended, ends what is still out. Example: cast at six, moved at eight and in at nine are
 * two spells of two hours and of one.
 */
export function rodSpells(taps: readonly RodTap[], endMs: number | null): RodSpell[] {
  const spells: RodSpell[] = [];
  const open = new Map<number, number>();
  const close = (rod: number, atMs: number, why?: RodInReason, inId?: string) => {
    const at = open.get(rod);
    const spell = at === undefined ? undefined : spells[at];
    if (at === undefined || !spell) return;
    open.delete(rod);
    spells[at] = { ...spell, toMs: Math.max(spell.fromMs, atMs), ...(why && { endedBy: why }), ...(inId && { inId }) };
  };
  for (const tap of taps.toSorted((a, b) => a.atMs - b.atMs || (a.eventId < b.eventId ? -1 : 1))) {
    if (tap.kind === 'moved') {
      for (const rod of [...open.keys()]) close(rod, tap.atMs, 'moved');
      continue;
    }
    if (tap.kind === 'in') {
      close(tap.rod, tap.atMs, tap.why, tap.eventId);
      continue;
    }
    close(tap.rod, tap.atMs);
    open.set(tap.rod, spells.length);
    spells.push({
      rod: tap.rod,
      setup: tap.setup,
      swimId: tap.swimId,
      fromMs: tap.atMs,
      toMs: null,
      castId: tap.eventId,
    });
  }
  if (endMs !== null) for (const rod of [...open.keys()]) close(rod, endMs);
  return spells;
}

/**
 * How long rods fished between two moments, in ms, all of them together; what still lasts counts until `untilMs`.
 * Example: two rods for an hour are two rod-hours.
 */
export function rodTimeMs(spells: readonly RodSpell[], untilMs: number, sinceMs = -Infinity): number {
  return spells.reduce((sum, { fromMs, toMs }) => {
    const from = Math.max(fromMs, sinceMs);
    const to = Math.min(toMs ?? untilMs, untilMs);
    return sum + Math.max(0, to - from);
  }, 0);
}

/** How each rod that was ever cast fishes now, or fished last, in the order of their numbers. */
export function rodsNow(spells: readonly RodSpell[]): RodSpell[] {
  const last = new Map<number, RodSpell>();
  for (const spell of spells) last.set(spell.rod, spell);
  return [...last.values()].sort((a, b) => a.rod - b.rod);
}

/** The rods that were out at a moment, in the order of their numbers. */
export function rodsOutAt(spells: readonly RodSpell[], atMs: number): RodSpell[] {
  const out = spells.filter(({ fromMs, toMs }) => fromMs <= atMs && (toMs === null || toMs >= atMs));
  return rodsNow(out);
}
