import { mean } from '../statistics/mean.js';
import type { Message } from '../measure/message.js';
import { biometryMessage } from './biometryMessages.js';
import { GIRTH_SCATTER, weightOfGirth } from './girthWeight.js';
import { isMeasure } from '../domain/fish/isMeasure.js';
import { LENGTH_WEIGHT, weightOfLength } from './lengthWeight.js';
import { ownRelation, type OwnFish } from './ownRelation.js';
import type { SpeciesId } from '../domain/fish/species.js';

/** What a weight is expected to be before it is looked at: normal in ln(grams). */
export interface ExpectedWeight {
  readonly lnGrams: number;
  /** Standard deviation of ln(grams): 0.1 is about a tenth of the weight. */
  readonly sd: number;
  /** What it rests on, closest first, for the keeper to read. */
  readonly basis: Message;
}

/** An earlier weight of the very same fish. */
export interface EarlierWeight {
  readonly grams: number;
  readonly daysAgo: number;
}

export interface ExpectationAsked {
  readonly species: SpeciesId | null;
  readonly waterId?: string | null;
  /** To the tip with the tail pinched: `totalLength`. */
  readonly lengthMm: number | null;
  readonly girthMm: number | null;
  readonly own: readonly OwnFish[];
  readonly history?: readonly EarlierWeight[];
}

/**
 * Weights of specimen fish before anything is known, as the middle in grams and a standard deviation of ln W: no
 * source.
 */
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
/**
 * How much a fish changes: by season, bait and spawn within weeks, and by growth over years (common practice, no
 * source).
 */
const SEASON_SD = 0.05;
const YEAR_SD = 0.07;

/**
 * What a fish should weigh, from the closest that is known of it: its own history, its length and girth, its length,
 * its kind.
 *
 * The relation of length and weight is the published one, moved by the keeper's own fish as far as they are many and
 * from this water (`ownRelation`). Whatever is no weight above nothing says nothing.
 *
 * Example: a pike of 1000 mm with no own fish is expected at about 7100 g, give or take a sixth.
 */
export function expectedWeight(asked: ExpectationAsked): ExpectedWeight {
  const last = asked.history
    ?.filter(({ grams, daysAgo }) => isMeasure(grams) && daysAgo >= 0)
    .toSorted((a, b) => a.daysAgo - b.daysAgo)[0];
  const measured = fromLength(asked);
  if (last) {
    const sd = Math.hypot(SEASON_SD, YEAR_SD * Math.sqrt(last.daysAgo / 365));
    const known = { lnGrams: Math.log(last.grams), sd, basis: biometryMessage('byHistory') };
    return measured ? combine(known, measured) : known;
  }
  return measured ?? unmeasured(asked);
}

function fromLength({ species, waterId, girthMm, own, ...asked }: ExpectationAsked): ExpectedWeight | undefined {
  const lengthMm = isMeasure(asked.lengthMm) ? asked.lengthMm : null;
  const relation = species && LENGTH_WEIGHT[species];
  const mean = species && lengthMm ? weightOfLength(species, lengthMm) : undefined;
  const byLength = (): ExpectedWeight | undefined => {
    if (!relation || !mean || !species || !lengthMm) return undefined;
    const { move, scatter, unsure, widen, fish } = ownRelation(species, own, waterId);
    return {
      lnGrams: Math.log(mean) + move,
      sd: widen * Math.hypot(scatter, unsure),
      basis: fish > 0 ? biometryMessage('byLengthAndOwnFish', { fish }) : biometryMessage('byLength'),
    };
  };
  const byGirth: ExpectedWeight | undefined =
    lengthMm && isMeasure(girthMm)
      ? {
          lnGrams: Math.log(weightOfGirth(lengthMm, girthMm)),
          sd: GIRTH_SCATTER,
          basis: biometryMessage('byGirth'),
        }
      : undefined;
  const length = byLength();
  return byGirth && length ? combine(byGirth, length) : (byGirth ?? length);
}

/**
 * Two expectations of one fish, each counted by how sure it is; they share what makes a fish fat, so neither halves the
 * other's doubt.
 */
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
  const weights = own
    .filter((fish) => fish.species === species && isMeasure(fish.grams))
    .map((fish) => Math.log(fish.grams));
  const n = weights.length;
  const share = n / (n + 4);
  return {
    lnGrams: (1 - share) * Math.log(grams) + share * mean(weights),
    sd,
    basis: n > 0 ? biometryMessage('byKindAndOwnFish') : biometryMessage('byKind'),
  };
}
