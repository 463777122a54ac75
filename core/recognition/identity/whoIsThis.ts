import { upscale, type Warp } from '../registration/refineWarp.js';
import { shiftBinaryDescriptor, screenBinary, matchBinary } from '../descriptor/binaryDescriptor.js';
import {
  type CoarseMatch,
  coarseStage,
  comparable,
  compareDescriptors,
  type SearchEffort,
  eitherWay,
  fineStage,
  screenStage,
  type DescriptorMatch,
  QUICK,
  type PreparedDescriptor,
  THOROUGH,
} from '../descriptor/compareDescriptors.js';
import { fineLevel } from '../descriptor/descriptorLevel.js';
import { posterior, logLikelihoodRatio, NEW_BEFORE } from './likelihoodRatio.js';

/** A flank of a known fish, ready to be compared. */
export interface KnownFlank {
  readonly fishId: string;
  readonly ready: PreparedDescriptor;
}

/** A known fish that may be the one on the bank. */
export interface Candidate<T extends KnownFlank = KnownFlank> {
  readonly fishId: string;
  /** The flank of it that is most alike. */
  readonly flank: T;
  readonly match: DescriptorMatch;
  /** Candidates that look like one another are one fish that nobody has linked yet: each has the chance of them all. */
  readonly probability: number;
}

export interface WhoIsThis<T extends KnownFlank = KnownFlank> {
  /** The likeliest first; one for each known fish that was looked at closely. */
  readonly candidates: readonly Candidate<T>[];
  /** How likely it is none of the known. */
  readonly stranger: number;
}

/** Of more flanks than this, the least likely are dropped by a look at every other place only. */
const MANY = 150;
/** How many are laid coarsely, laid from a closer first look, and compared closely, one way and both ways. */
interface Look {
  readonly laid: number;
  readonly glanced: number;
  readonly close: number;
  readonly both: number;
  readonly care: SearchEffort;
  /** Evidence, by natural logarithm, with which somebody is found and no further look is taken. */
  readonly found: number;
}

/** Most fish stand out at once, about a thousand to one; the next look is for those that do not. */
const FIRST_LOOK: Look = { laid: 14, glanced: 0, close: 3, both: 0, care: QUICK, found: 7 };
/** About fifty to one. */
const CLOSER_LOOK: Look = { laid: 36, glanced: 10, close: 7, both: 3, care: QUICK, found: 4 };
/** Where that finds nobody either; one for the one fish on the bank, a quicker one for a whole book. */
const WIDE_LOOK: Look = { laid: 60, glanced: 24, close: 12, both: 12, care: THOROUGH, found: Infinity };
const QUICKER_WIDE_LOOK: Look = { laid: 60, glanced: 24, close: 14, both: 5, care: QUICK, found: Infinity };
/**
 * Evidence beside the print from which a flank is looked at closely: marks that were set by hand say so much, facts
 * alone do not.
 */
const SPOKEN_FOR = 5;
/**
 * Evidence, by natural logarithm, from which two captures pass for one fish that nobody has linked yet: about seven to
 * one.
 */
const ONE_FISH = 2;

/**
 * Which of the known fish a flank shows, if any. All flanks of its side and kind are looked at in two shades, the
 * likelier are laid on it coarsely, and the likeliest are compared closely; what the closest say makes the
 * probabilities. `newBefore` is how likely a fish is new before looking; `beside` is what else suggests a flank's
 * capture (`metadataLogOdds`), by natural logarithm. Example: an empty register gives no candidate, and a stranger for
 * certain.
 */
export function whoIsThis<T extends KnownFlank>(
  asked: PreparedDescriptor,
  known: readonly T[],
  { newBefore = NEW_BEFORE, beside = () => 0, oneOfMany = false }: WhoOptions<T> = {},
): WhoIsThis<T> {
  const flanks = known.filter(({ ready }) => comparable(asked.print, ready.print));
  const seen = new Map<T, DescriptorMatch>();
  const evidence = ({ flank, match }: { flank: T; match: DescriptorMatch }) =>
    logLikelihoodRatio(match.score, asked.print.kind) + beside(flank);
  const sketched = sketchedBy(asked, flanks);
  // What else speaks strongly for a flank brings it to the close look, however poor its picture.
  const spokenFor = flanks.filter((flank) => beside(flank) >= SPOKEN_FOR).slice(0, CLOSER_LOOK.close);
  for (const looks of [FIRST_LOOK, CLOSER_LOOK, oneOfMany ? QUICKER_WIDE_LOOK : WIDE_LOOK]) {
    lookClosely(asked, sketched, spokenFor, looks, seen);
    if ([...seen].some(([flank, match]) => evidence({ flank, match }) >= looks.found)) break;
  }
  const best = new Map<string, { flank: T; match: DescriptorMatch }>();
  for (const [flank, match] of seen) {
    const before = best.get(flank.fishId);
    if (!before || match.score > before.match.score) best.set(flank.fishId, { flank, match });
  }
  const found = groups(
    [...best.entries()].map(([fishId, { flank, match }]) => ({
      fishId,
      flank,
      match,
      evidence: evidence({ flank, match }),
    })),
  );
  // Those that were not looked at closely have lost already: they count as known fish, with nothing that suggests them.
  const others = new Set(flanks.map(({ fishId }) => fishId)).size - best.size;
  const lost = Array.from({ length: others }, () => logLikelihoodRatio(0, asked.print.kind));
  const { known: likely, stranger } = posterior([...found.map(([{ evidence }]) => evidence), ...lost], newBefore);
  const candidates = found.flatMap((group, i) =>
    group.map(({ fishId, flank, match }) => ({ fishId, flank, match, probability: likely[i] ?? 0 })),
  );
  return { candidates, stranger };
}

/** A flank with where it lies on the asked one, as far as its sketch tells; laid coarsely once that was asked for. */
interface Sketched<T extends KnownFlank> {
  readonly flank: T;
  readonly shift: Warp;
  place?: CoarseMatch | undefined;
  glanced?: boolean;
  /** The place from which it was compared closely. */
  compared?: CoarseMatch;
}

/** All flanks by their sketches, the likeliest first. */
function sketchedBy<T extends KnownFlank>(asked: PreparedDescriptor, flanks: readonly T[]): Sketched<T>[] {
  const moved = shiftBinaryDescriptor(asked.coarse);
  let left = flanks;
  if (flanks.length > MANY) {
    const quick = new Map(flanks.map((flank) => [flank, screenBinary(moved, flank.ready.sketch)]));
    const kept = Math.min(2 * MANY, Math.max(MANY, Math.round(flanks.length / 10)));
    left = flanks.toSorted((a, b) => (quick.get(b) ?? 0) - (quick.get(a) ?? 0)).slice(0, kept);
  }
  return left
    .map((flank) => ({ flank, ...matchBinary(moved, flank.ready.sketch) }))
    .sort((a, b) => b.likeness - a.likeness);
}

/**
 * Lays the likeliest, first from their sketches, then from a closer look, and compares the best of them closely. What
 * was done is kept.
 */
function lookClosely<T extends KnownFlank>(
  asked: PreparedDescriptor,
  sketched: readonly Sketched<T>[],
  spokenFor: readonly T[],
  looks: Look,
  seen: Map<T, DescriptorMatch>,
): void {
  const byPlace = (list: readonly Sketched<T>[]) =>
    list.toSorted((a, b) => (b.place?.likeness ?? -1) - (a.place?.likeness ?? -1));
  const laid = sketched.slice(0, looks.laid);
  for (const each of laid) each.place ??= coarseStage(asked, each.flank.ready, [each.shift]);
  for (const each of byPlace(laid).slice(0, looks.glanced)) {
    if (each.glanced) continue;
    each.glanced = true;
    const again = coarseStage(asked, each.flank.ready, screenStage(asked, each.flank.ready).shifts);
    if (again && again.likeness > (each.place?.likeness ?? -1)) each.place = again;
  }
  const fine = fineLevel(asked.print);
  for (const each of byPlace(laid).slice(0, looks.close)) {
    const { flank, place } = each;
    if (!place || (each.compared === place && looks.care === QUICK)) continue;
    each.compared = place;
    const match =
      looks.care === QUICK
        ? fineStage(asked, flank.ready, upscale(place.shift), looks.care, fine)
        : compareDescriptors(asked, flank.ready, looks.care);
    if (match.score > (seen.get(flank)?.score ?? -1)) seen.set(flank, match);
  }
  for (const flank of spokenFor) if (!seen.has(flank)) seen.set(flank, compareDescriptors(asked, flank.ready));
  // A flank found on another is not always found the other way round: of the best the better of both ways counts, shown
  // as it lies here.
  const best = [...seen].sort((a, b) => b[1].score - a[1].score).slice(0, looks.both);
  for (const [flank, match] of best) seen.set(flank, eitherWay(asked, flank.ready, match, looks.care));
}

interface WhoOptions<T extends KnownFlank> {
  readonly newBefore?: number;
  readonly beside?: (flank: T) => number;
  /**
   * Asked of one flank after the other of a whole book: each is asked from both sides anyway, and less care is taken.
   */
  readonly oneOfMany?: boolean;
}

interface Found<T extends KnownFlank> {
  readonly fishId: string;
  readonly flank: T;
  readonly match: DescriptorMatch;
  readonly evidence: number;
}

/**
 * What was found, the strongest evidence first, with captures that nobody has linked yet but that are one fish by their
 * own likeness put together: they do not compete for the chance, they share it.
 */
function groups<T extends KnownFlank>(found: readonly Found<T>[]): [Found<T>, ...Found<T>[]][] {
  const together: [Found<T>, ...Found<T>[]][] = [];
  for (const each of found.toSorted((a, b) => b.evidence - a.evidence)) {
    const group =
      each.evidence > ONE_FISH &&
      together.find(
        ([head]) =>
          logLikelihoodRatio(
            compareDescriptors(head.flank.ready, each.flank.ready).score,
            each.flank.ready.print.kind,
          ) > ONE_FISH,
      );
    if (group) group.push(each);
    else together.push([each]);
  }
  return together;
}
