import { isBeyondKnown } from '../domain/fish/heaviestKnown.js';
import type { SpeciesId } from '../domain/fish/species.js';
import type { Rng } from '../statistics/rng.js';
import { chanceOfHeavier } from './chanceOfHeavier.js';
import { effortOf } from './effort.js';
import { findingsOf, type FindingsReport } from './findings.js';
import type { FishingRecord, FishTaken } from './fishingRecord.js';
import { handlingBySeason, woundsSeen, type HandledSeason, type WoundsSeen } from './handlingBySeason.js';
import { handlingOutcomes, type HandlingFinding } from './handlingOutcomes.js';
import { partOfRecord, type RecordFilter } from './partOfRecord.js';
import { CURVES, rateCurveOf, type RateCurve } from './rateCurve.js';
import { swimRatesOf, type WaterSwims } from './swimRates.js';
import { tackleOutcomes, type Tackle, type TackleOutcome } from './tackleOutcomes.js';
import { waterStocks, type WaterStock } from './waterStocks.js';
import { tailOf, type ShareAbove } from './weightTail.js';

/** When and where fish come. */
export interface WhenTold extends FindingsReport {
  readonly curves: readonly RateCurve[];
  readonly swims: readonly WaterSwims[];
}

export type TackleToldOf = Readonly<Record<Tackle, readonly TackleOutcome[]>>;

export interface HandlingTold {
  readonly findings: readonly HandlingFinding[];
  readonly seasons: readonly HandledSeason[];
  readonly wounds: WoundsSeen;
}

/** How likely a fish of a kind above a weight is in the next trips. */
export interface ChanceTold {
  readonly species: SpeciesId;
  readonly grams: number;
  readonly trips: number;
  readonly chance: ShareAbove;
}

/** All that the book tells, part by part. */
export interface BookTold {
  readonly when: WhenTold;
  readonly tackle: TackleToldOf;
  readonly handling: HandlingTold;
  readonly stocks: readonly WaterStock[];
  readonly chances: readonly ChanceTold[];
}
export type Part = keyof BookTold;

/** What a part is worked out with. */
export interface Asking {
  /** Chance begins from the same seed each time: the same record always says the same. */
  readonly luck: Rng;
  readonly filter: RecordFilter;
  /** Weights that a keeper looks up to, in g, for `chances`. */
  readonly goals: readonly number[];
  readonly onPart?: (done: number, of: number) => void;
}

/** How many trips are looked ahead. */
export const TRIPS = 10;
/** Of each kind so many weights above the best are asked about, and one below. */
const GOALS = { below: 1, above: 2 } as const;

/** Works out one part of what a book tells. Example: of an empty record there are no stocks. */
export function tellPart<P extends Part>(part: P, record: FishingRecord, asking: Asking): BookTold[P] {
  return TELL[part](record, asking);
}

const TELL: { readonly [P in Part]: (record: FishingRecord, asking: Asking) => BookTold[P] } = {
  when: (record, { filter, luck, onPart }) => {
    const { keeperId: _whose, ...of } = filter;
    const some = partOfRecord(record, of);
    const effort = effortOf(some);
    const curves = CURVES.flatMap((curve) => rateCurveOf(curve, effort) ?? []);
    return { ...findingsOf(some, luck, onPart, effort), curves, swims: swimRatesOf(effort) };
  },
  tackle: (record, { filter }) => {
    const some = partOfRecord(record, filter);
    const of = (by: Tackle) => tackleOutcomes(some, by);
    return { rig: of('rig'), hook: of('hook'), bait: of('bait') };
  },
  handling: (record, { filter, luck }) => {
    const { fish } = partOfRecord(record, filter);
    return { findings: handlingOutcomes(fish, luck), seasons: handlingBySeason(fish), wounds: woundsSeen(fish) };
  },
  stocks: (record, { filter }) => waterStocks(partOfRecord(record, filter)),
  chances: (record, asking) => kindsOf(record).flatMap((species) => chancesOf(species, record, asking)),
};

function kindsOf({ fish }: FishingRecord): readonly SpeciesId[] {
  return [...new Set(fish.flatMap(({ species }) => species ?? []))];
}

function chancesOf(species: SpeciesId, record: FishingRecord, { filter, goals }: Asking): ChanceTold[] {
  if (filter.species !== undefined && filter.species !== species) return [];
  const { fish, outings } = partOfRecord(record, { ...filter, species });
  const isWeighed = ({ netGrams, outcome }: FishTaken) => outcome !== 'lost' && !isBeyondKnown(species, netGrams);
  const grams = fish.filter(isWeighed).flatMap(({ netGrams }) => netGrams ?? []);
  const tail = tailOf(grams);
  if (!tail) return [];
  const byOuting = new Map(outings.map(({ outingId }) => [outingId, 0]));
  for (const { outingId, netGrams } of fish) {
    const so = outingId === null ? undefined : byOuting.get(outingId);
    if (outingId !== null && so !== undefined && (netGrams ?? 0) > tail.fromGrams) byOuting.set(outingId, so + 1);
  }
  const best = Math.max(...grams);
  const asked = [
    ...goals.filter((goal) => goal <= best && goal > tail.fromGrams).slice(-GOALS.below),
    ...goals.filter((goal) => goal > best).slice(0, GOALS.above),
  ];
  return asked.flatMap((goal) => {
    const chance = chanceOfHeavier(tail, [...byOuting.values()], goal, TRIPS);
    return chance ? [{ species, grams: goal, trips: TRIPS, chance }] : [];
  });
}
