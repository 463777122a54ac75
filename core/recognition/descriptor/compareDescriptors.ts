import {
  refineWarp,
  upscale,
  identityWarp,
  warp,
  invertWarp,
  type Warp,
  type Warped,
} from '../registration/refineWarp.js';
import { flankFrame } from '../landmarks/flankFrame.js';
import { UNKNOWN, type FlankDescriptor } from './flankDescriptor.js';
import { coarseLevel, fineLevel, type DescriptorLevel } from './descriptorLevel.js';
import { binaryDescriptor, type BinaryDescriptor } from './binaryDescriptor.js';
import { coarseAlign, type CoarseAlignment } from '../registration/coarseAlign.js';

/** Share of the flank that a print shows. Example: under a hand and glare from end to end it is 0. */
export function shownShare({ kind, cells }: FlankDescriptor): number {
  const body = flankFrame(kind).body.reduce((sum, is) => sum + is, 0);
  return cells.reduce((sum, cell) => sum + (cell === UNKNOWN ? 0 : 1), 0) / body;
}

/** What two prints have in common. */
export interface DescriptorMatch {
  /**
   * How alike they are, from about 0.2 (no more than chance finds) to 1 (the same): the mean of the parts that agree
   * best.
   */
  readonly score: number;
  /** Share of the flank that is seen on both. */
  readonly seen: number;
  /** How alike each part is once one print is laid over the other. */
  readonly parts: readonly PartMatch[];
  /** Where the cells of the first lie on the second, in cells. */
  readonly shift: Warp;
}

/**
 * One square part of the first print: where it begins, in cells, how many cells of it both show, and how alike they
 * are, -1 to 1.
 */
export interface PartMatch {
  readonly column: number;
  readonly row: number;
  readonly cells: number;
  readonly likeness: number;
}

/** A print made ready: what is compared often is worked out once. */
export interface PreparedDescriptor {
  readonly print: FlankDescriptor;
  readonly coarse: DescriptorLevel;
  readonly sketch: BinaryDescriptor;
}

export function prepareDescriptor(print: FlankDescriptor): PreparedDescriptor {
  const coarse = coarseLevel(print);
  return { print, coarse, sketch: binaryDescriptor(coarse) };
}

/**
 * How much care is taken: places that are tried, and steps by which each is bent on the coarse prints, and the best on
 * the fine ones.
 */
export interface SearchEffort {
  readonly places: number;
  readonly coarseSteps: number;
  readonly fineSteps: number;
}

/** The pattern of scales repeats, and the first place is now and then one scale off. */
export const QUICK: SearchEffort = { places: 2, coarseSteps: 5, fineSteps: 3 };
/** Where nobody was found: points that are off by much lead to poor first places, and a long way from there. */
export const THOROUGH: SearchEffort = { places: 6, coarseSteps: 14, fineSteps: 8 };
/** Side of a part and the step from one to the next, in cells of either level. */
export const FINE_PARTS = { side: 12, step: 6, least: 50 } as const;
const COARSE_PARTS = { side: 8, step: 4, least: 25 } as const;
/** Of what both show, this share speaks: the rest may lie under what was not there the other time. */
const SPEAKS = 0.5;
/** Less than this share of the flank seen on both says nothing. */
export const LEAST_SEEN = 0.12;
/** Little variation of a part counts as if there were a little more: a plain piece of flank is like any other. */
const PLAIN = 0.02;

const NOTHING: DescriptorMatch = { score: 0, seen: 0, parts: [], shift: identityWarp() };

/** Where a print lies on another, found on the coarse ones, and how alike they are there. */
export interface CoarseMatch {
  readonly shift: Warp;
  readonly likeness: number;
}

/**
 * Whether two prints can be compared: left and right flanks are different patterns, and kinds have frames of their own.
 */
export function comparable(a: FlankDescriptor, b: FlankDescriptor): boolean {
  return a.side === b.side && a.kind === b.kind;
}

/** The closer first look, for the likeliest of many: where about a print lies on another. */
export function screenStage(
  a: PreparedDescriptor,
  b: PreparedDescriptor,
  { places }: SearchEffort = QUICK,
): CoarseAlignment {
  return coarseAlign(a.coarse, b.coarse, places);
}

/** The second look: the better of the places that the first found, bent until the coarse prints agree. */
export function coarseStage(
  a: PreparedDescriptor,
  b: PreparedDescriptor,
  shifts: readonly Warp[],
  { coarseSteps }: SearchEffort = QUICK,
): CoarseMatch | undefined {
  let place: CoarseMatch | undefined;
  for (const first of shifts) {
    const shift = refineWarp(a.coarse, b.coarse, first, 2, coarseSteps);
    const likeness = meanOf(partsOf(a.coarse, warp(a.coarse, b.coarse, shift), COARSE_PARTS));
    if (!place || likeness > place.likeness) place = { shift, likeness };
  }
  return place;
}

/**
 * The last look, from about where one lies on the other in fine cells: bent until the fine prints agree, each part
 * compared with what lies at its place. `fine` is the fine level of `a`.
 */
export function fineStage(
  a: PreparedDescriptor,
  b: PreparedDescriptor,
  about: Warp,
  { fineSteps }: SearchEffort = QUICK,
  fine = fineLevel(a.print),
): DescriptorMatch {
  const other = fineLevel(b.print);
  const shift = refineWarp(fine, other, about, 1, fineSteps);
  const over = warp(fine, other, shift);
  const parts = partsOf(fine, over, FINE_PARTS);
  const body = flankFrame(a.print.kind).body.reduce((sum, is) => sum + is, 0);
  const seen = over.known.reduce((sum, is) => sum + is, 0) / body;
  return { score: seen < LEAST_SEEN ? 0 : meanOf(better(parts)), seen, parts, shift };
}

/**
 * Compares two prints of one side and kind. One is laid over the other: roughly by its parts, then bent until the
 * brightness of both agrees; then each part is compared with what lies at its place by normalised correlation, and the
 * better of the parts make the score. Flanks of different sides or kinds have nothing in common. Example: a print
 * against itself scores 1.
 */
export function compareDescriptors(
  a: PreparedDescriptor,
  b: PreparedDescriptor,
  care: SearchEffort = QUICK,
): DescriptorMatch {
  if (!comparable(a.print, b.print)) return NOTHING;
  const place = coarseStage(a, b, screenStage(a, b, care).shifts, care);
  return place ? fineStage(a, b, upscale(place.shift), care) : NOTHING;
}

/**
 * The better of what was found one way and of what is found the other way round: a print is not always found on another
 * from which it is found itself. Both say where the first lies on the second.
 */
export function eitherWay(
  a: PreparedDescriptor,
  b: PreparedDescriptor,
  one: DescriptorMatch,
  care: SearchEffort = QUICK,
): DescriptorMatch {
  const other = compareDescriptors(b, a, care);
  if (other.score <= one.score) return one;
  const turned = fineStage(a, b, invertWarp(other.shift, flankFrame(a.print.kind)), care);
  // Turned round it can slip away; what was found counts all the same.
  return turned.score > one.score
    ? { ...turned, score: Math.max(turned.score, other.score) }
    : { ...one, score: other.score };
}

function better(parts: readonly PartMatch[]): PartMatch[] {
  const all = parts.reduce((sum, { cells }) => sum + cells, 0);
  let taken = 0;
  return parts
    .toSorted((p, q) => q.likeness - p.likeness)
    .filter(({ cells }) => {
      const speaks = taken <= SPEAKS * all;
      taken += cells;
      return speaks;
    });
}

function meanOf(parts: readonly PartMatch[]): number {
  const cells = parts.reduce((sum, part) => sum + part.cells, 0);
  return cells === 0 ? 0 : parts.reduce((sum, part) => sum + part.cells * part.likeness, 0) / cells;
}

function partsOf(
  { columns, rows, value }: DescriptorLevel,
  over: Warped,
  { side, step, least }: { readonly side: number; readonly step: number; readonly least: number },
): PartMatch[] {
  const parts: PartMatch[] = [];
  for (let top = 0; top + side <= rows + step; top += step) {
    for (let left = 0; left + side <= columns + step; left += step) {
      let [count, sa, sb, saa, sbb, sab] = [0, 0, 0, 0, 0, 0];
      for (let y = top; y < Math.min(rows, top + side); y += 1) {
        for (let x = left, i = y * columns + left; x < Math.min(columns, left + side); x += 1, i += 1) {
          if (over.known[i] === 0) continue;
          const [p, q] = [value[i] as number, over.value[i] as number];
          count += 1;
          sa += p;
          sb += q;
          saa += p * p;
          sbb += q * q;
          sab += p * q;
        }
      }
      if (count < least) continue;
      const variation = (saa - (sa * sa) / count) * (sbb - (sb * sb) / count);
      const likeness = (sab - (sa * sb) / count) / Math.sqrt(Math.max(0, variation) + (PLAIN * count) ** 2);
      parts.push({ column: left, row: top, cells: count, likeness });
    }
  }
  return parts;
}
