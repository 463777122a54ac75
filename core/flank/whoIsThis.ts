import {
  coarsePlace,
  comparable,
  comparePrints,
  finePlace,
  glance,
  type PrintMatch,
  type ReadyPrint,
} from './comparePrints.js';
import { fineLevel } from './printLevel.js';
import { chances, evidenceOf, NEW_BEFORE } from './sameFish.js';

/** A flank of a known fish, ready to be compared. */
export interface KnownFlank {
  readonly fishId: string;
  readonly ready: ReadyPrint;
}

/** A known fish that may be the one on the bank. */
export interface Candidate<T extends KnownFlank = KnownFlank> {
  readonly fishId: string;
  /** The flank of it that is most alike. */
  readonly flank: T;
  readonly match: PrintMatch;
  /** Candidates that look like one another are one fish that nobody has linked yet: each has the chance of them all. */
  readonly probability: number;
}

export interface WhoIsThis<T extends KnownFlank = KnownFlank> {
  /** The likeliest first; one for each known fish that was looked at closely. */
  readonly candidates: readonly Candidate<T>[];
  /** How likely it is none of the known. */
  readonly stranger: number;
}

/** How many of all are looked at a second time (at least so many, and this share), and how many closely. */
const SECOND_LOOK = 40;
const SECOND_SHARE = 0.35;
const CLOSE_LOOK = 12;
/** Evidence beside the print from which a flank is looked at closely: marks that were set by hand say so much, facts alone do not. */
const SPOKEN_FOR = 5;
/** Evidence, by natural logarithm, from which two captures pass for one fish that nobody has linked yet: about seven to one. */
const ONE_FISH = 2;

/**
 * Which of the known fish a flank shows, if any. All flanks of its side and kind are glanced at, the likelier are laid on it coarsely, and
 * the likeliest are compared closely; what the closest say makes the probabilities. `newBefore` is how likely a fish is new before looking;
 * `beside` is what else speaks for a flank's capture (`factsSpeak`), by natural logarithm.
 * Example: an empty register gives no candidate, and a stranger for certain.
 */
export function whoIsThis<T extends KnownFlank>(
  asked: ReadyPrint,
  known: readonly T[],
  { newBefore = NEW_BEFORE, beside = () => 0 }: WhoOptions<T> = {},
): WhoIsThis<T> {
  const flanks = known.filter(({ ready }) => comparable(asked.print, ready.print));
  const glanced = flanks
    .map((flank) => ({ flank, rough: glance(asked, flank.ready) }))
    .sort((a, b) => b.rough.likeness - a.rough.likeness)
    .slice(0, Math.max(SECOND_LOOK, Math.ceil(SECOND_SHARE * flanks.length)));
  const laid = glanced
    .flatMap(({ flank, rough }) => {
      const place = coarsePlace(asked, flank.ready, rough);
      return place ? [{ flank, place }] : [];
    })
    .sort((a, b) => b.place.likeness - a.place.likeness);
  const fine = fineLevel(asked.print);
  const best = new Map<string, { flank: T; match: PrintMatch }>();
  // What else speaks strongly for a flank brings it to the close look, however poor its picture.
  const spokenFor = flanks.filter(
    (flank) => beside(flank) >= SPOKEN_FOR && !laid.slice(0, CLOSE_LOOK).some((each) => each.flank === flank),
  );
  const also = spokenFor.slice(0, CLOSE_LOOK).flatMap((flank) => {
    const place = coarsePlace(asked, flank.ready, glance(asked, flank.ready));
    return place ? [{ flank, place }] : [];
  });
  for (const { flank, place } of [...laid.slice(0, CLOSE_LOOK), ...also]) {
    const match = finePlace(asked, flank.ready, place, fine);
    const before = best.get(flank.fishId);
    if (!before || match.score > before.match.score) best.set(flank.fishId, { flank, match });
  }
  const found = groups(
    [...best.entries()].map(([fishId, { flank, match }]) => ({
      ...{ fishId, flank, match, evidence: evidenceOf(match.score, asked.print.kind) + beside(flank) },
    })),
  );
  // Those that were not looked at closely have lost already: they count as known fish, with nothing that speaks for them.
  const others = new Set(flanks.map(({ fishId }) => fishId)).size - best.size;
  const lost = Array.from({ length: others }, () => evidenceOf(0, asked.print.kind));
  const { known: likely, stranger } = chances([...found.map(([{ evidence }]) => evidence), ...lost], newBefore);
  const candidates = found.flatMap((group, i) =>
    group.map(({ fishId, flank, match }) => ({ fishId, flank, match, probability: likely[i] ?? 0 })),
  );
  return { candidates, stranger };
}

interface WhoOptions<T extends KnownFlank> {
  readonly newBefore?: number;
  readonly beside?: (flank: T) => number;
}

interface Found<T extends KnownFlank> {
  readonly fishId: string;
  readonly flank: T;
  readonly match: PrintMatch;
  readonly evidence: number;
}

/**
 * What was found, the strongest evidence first, with captures that nobody has linked yet but that are one fish by their own likeness put
 * together: they do not compete for the chance, they share it.
 */
function groups<T extends KnownFlank>(found: readonly Found<T>[]): [Found<T>, ...Found<T>[]][] {
  const together: [Found<T>, ...Found<T>[]][] = [];
  for (const each of found.toSorted((a, b) => b.evidence - a.evidence)) {
    const group =
      each.evidence > ONE_FISH &&
      together.find(
        ([head]) =>
          evidenceOf(comparePrints(head.flank.ready, each.flank.ready).score, each.flank.ready.print.kind) > ONE_FISH,
      );
    if (group) group.push(each);
    else together.push([each]);
  }
  return together;
}
