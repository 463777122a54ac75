import { GIRTH_SCATTER, weightOfGirth } from './girthWeight.js';
import { LENGTH_WEIGHT, weightOfLength } from './lengthWeight.js';
import type { SpeciesId } from './species.js';

/** What a weight is expected to be before it is looked at: normal in ln(grams). */
export interface ExpectedWeight {
  readonly lnGrams: number;
  /** Standard deviation of ln(grams): 0.1 is about a tenth of the weight. */
  readonly sd: number;
  /** What it rests on, closest first, for the keeper to read. */
  readonly basis: string;
}

/** One earlier fish of the keeper's own. */
export interface OwnFish {
  readonly species: SpeciesId;
  readonly lengthMm: number | null;
  readonly grams: number;
}

/** An earlier weight of the very same fish. */
export interface EarlierWeight {
  readonly grams: number;
  readonly daysAgo: number;
}

export interface ExpectationAsked {
  readonly species: SpeciesId | null;
  readonly lengthMm: number | null;
  readonly girthMm: number | null;
  readonly own: readonly OwnFish[];
  readonly history?: readonly EarlierWeight[];
}

/** How far the fish of one keeper's waters may lie from the published relation as a whole, as a standard deviation of ln W. */
const BETWEEN_WATERS = 0.12;
/** The published scatter counts for as many fish as this when the keeper's own says otherwise. */
const SCATTER_WORTH = 8;
/** Weights of specimen fish before anything is known, as the middle in grams and a standard deviation of ln W: no source. */
const UNMEASURED: Readonly<Partial<Record<SpeciesId, readonly [number, number]>>> = {
  carp: [8000, 0.6],
  pike: [5500, 0.6],
  barbel: [3600, 0.4],
  wels: [18_000, 0.8],
  tench: [2300, 0.45],
  bream: [2700, 0.5],
  chub: [1700, 0.45],
  zander: [2700, 0.55],
  perch: [800, 0.5],
  trout: [1200, 0.7],
};
const ANYTHING: readonly [number, number] = [4000, 1];
/** How much a fish changes: by season, bait and spawn within weeks, and by growth over years (common practice, no source). */
const SEASON_SD = 0.05;
const YEAR_SD = 0.07;

/**
 * What a fish should weigh, from the closest that is known of it: its own history, its length and girth, its length, its kind.
 *
 * The relation of length and weight is the published one, moved by the keeper's own fish as far as they are many (normal-normal empirical
 * Bayes: with no fish the published one stands, at n fish the move is `n / (n + scatter^2 / between^2)` of their mean deviation), and its
 * scatter is pooled with theirs. Sources of the pieces: `lengthWeight`, `girthWeight`; Gelman et al. (2013), Bayesian Data Analysis, 2.5.
 *
 * Example: a pike of 1000 mm with no own fish is expected at about 7100 g, give or take a sixth.
 */
export function expectedWeight(asked: ExpectationAsked): ExpectedWeight {
  const last = asked.history?.toSorted((a, b) => a.daysAgo - b.daysAgo)[0];
  const measured = fromLength(asked);
  if (last) {
    const sd = Math.hypot(SEASON_SD, YEAR_SD * Math.sqrt(last.daysAgo / 365));
    const known = { lnGrams: Math.log(last.grams), sd, basis: 'what this fish weighed before' };
    return measured ? combine(known, measured) : known;
  }
  return measured ?? unmeasured(asked);
}

function fromLength({ species, lengthMm, girthMm, own }: ExpectationAsked): ExpectedWeight | undefined {
  const relation = species && LENGTH_WEIGHT[species];
  const mean = species && lengthMm ? weightOfLength(species, lengthMm) : undefined;
  const byLength = (): ExpectedWeight | undefined => {
    if (!relation || !mean || !species || !lengthMm) return undefined;
    const { move, scatter, unsure, fish } = ownRelation(species, own, relation.scatter);
    return {
      lnGrams: Math.log(mean) + move,
      sd: Math.hypot(scatter, unsure),
      basis: fish > 0 ? `its length and ${fish} of your own fish of the kind` : 'its length',
    };
  };
  const byGirth: ExpectedWeight | undefined =
    lengthMm && girthMm
      ? { lnGrams: Math.log(weightOfGirth(lengthMm, girthMm)), sd: GIRTH_SCATTER, basis: 'its length and girth' }
      : undefined;
  const length = byLength();
  return byGirth && length ? combine(byGirth, length) : (byGirth ?? length);
}

/** How the keeper's own fish lie about the published relation, and how sure that is. */
export function ownRelation(species: SpeciesId, own: readonly OwnFish[], published: number) {
  const deviations = own.flatMap((fish) => {
    const mean = fish.species === species && fish.lengthMm ? weightOfLength(species, fish.lengthMm) : undefined;
    return mean ? [Math.log(fish.grams / mean)] : [];
  });
  const n = deviations.length;
  const mean = n === 0 ? 0 : deviations.reduce((sum, each) => sum + each, 0) / n;
  const squares = deviations.reduce((sum, each) => sum + (each - mean) ** 2, 0);
  const scatter = Math.sqrt((SCATTER_WORTH * published ** 2 + squares) / (SCATTER_WORTH + Math.max(0, n - 1)));
  const share = n / (n + scatter ** 2 / BETWEEN_WATERS ** 2);
  return { move: share * mean, scatter, unsure: BETWEEN_WATERS * Math.sqrt(1 - share), fish: n };
}

/** Two expectations of one fish, each counted by how sure it is; they share what makes a fish fat, so neither halves the other's doubt. */
function combine(closer: ExpectedWeight, other: ExpectedWeight): ExpectedWeight {
  const [p, q] = [1 / closer.sd ** 2, 0.3 / other.sd ** 2];
  return {
    lnGrams: (p * closer.lnGrams + q * other.lnGrams) / (p + q),
    sd: 1 / Math.sqrt(p + q),
    basis: closer.basis,
  };
}

function unmeasured({ species, own }: ExpectationAsked): ExpectedWeight {
  const [grams, sd] = (species && UNMEASURED[species]) ?? ANYTHING;
  const weights = own.filter((fish) => fish.species === species).map((fish) => Math.log(fish.grams));
  const n = weights.length;
  const share = n / (n + 4);
  const mean = n === 0 ? 0 : weights.reduce((sum, each) => sum + each, 0) / n;
  return {
    lnGrams: (1 - share) * Math.log(grams) + share * mean,
    sd,
    basis: n > 0 ? 'the kind, and what you catch of it' : 'the kind',
  };
}
