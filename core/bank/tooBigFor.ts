import { lengthOfWeight } from '../biometry/lengthWeight.js';
import type { SpeciesId } from '../domain/fish/species.js';
import type { KitItem } from '../domain/kit/kit.js';
import { gramsOf } from '../measure/mass.js';
import { YEAR_MS } from '../measure/timeSpan.js';
import { lengthForMm, netWidthForMm } from './kitSizes.js';

/** A fish as far as kit must hold it. */
export interface SizedFish {
  readonly captureId: string;
  readonly startedAt: string | null;
  readonly species: SpeciesId | null;
  readonly lengthMm: number | null;
  readonly netGrams: number | null;
  /** Where the scale ended. */
  readonly overScaleGrams: number | null;
}

/** So many seasons back a fish still says what will come (common practice, no source). */
export const SEASONS_BACK = 3;

/**
 * The fish of the last three seasons that were too big for a thing: for its length or width as readiness asks it, or
 * for what it bears. A fish that was not measured counts with the length of one of its weight. Example: a mat of 100 cm
 * is too short for a fish of 91.
 */
export function tooBigFor<F extends SizedFish>(item: KitItem, fish: readonly F[], nowMs: number): F[] {
  const fromMs = nowMs - SEASONS_BACK * YEAR_MS;
  return fish.filter(
    (each) =>
      each.startedAt !== null &&
      Date.parse(each.startedAt) >= fromMs &&
      (isTooLong(item, each) || isTooHeavy(item, each)),
  );
}

function isTooLong({ kind, sizeMm }: KitItem, { lengthMm, species, netGrams }: SizedFish): boolean {
  const long = lengthMm ?? (species && netGrams ? lengthOfWeight(species, netGrams) : undefined);
  if (!sizeMm || !long) return false;
  if (kind === 'net') return netWidthForMm(long) > sizeMm;
  if (kind === 'board') return long > sizeMm;
  return (kind === 'mat' || kind === 'sling') && lengthForMm(long) > sizeMm;
}

function isTooHeavy({ kind, capacityGrams, scale }: KitItem, { netGrams, overScaleGrams }: SizedFish): boolean {
  const bears = kind === 'scales' ? (scale?.capacity ? gramsOf(scale.capacity) : null) : (capacityGrams ?? null);
  if (bears === null) return false;
  return (netGrams ?? 0) > bears || (overScaleGrams ?? 0) >= bears;
}
