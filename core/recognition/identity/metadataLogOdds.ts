import { mean, squaresAboutMean } from '../../statistics/mean.js';
import { isMeasure } from '../../domain/fish/isMeasure.js';
import { lnNormal } from '../../statistics/normal.js';
import { consistencyChecks, type LinkedFacts } from './consistencyChecks.js';
import { YEAR_MS } from '../../measure/timeSpan.js';

/** One thing beside the flank that counts for or against two captures being of one fish, by natural logarithm. */
export interface MetadataEvidence {
  readonly by: 'length' | 'weight' | 'water' | 'at-once';
  readonly evidence: number;
  /** The capture of the known fish that it was compared with. */
  readonly than: LinkedFacts;
}

/** The fish of a kind in the book: what a fish taken by chance would be. */
export interface OfItsKind {
  readonly lengthsMm: readonly number[];
  readonly grams: readonly number[];
  /** Share of the captures of this kind that were at the water asked about. */
  readonly atThisWater: number;
}

/**
 * Two tapes on one fish, and growth a year with how it differs from fish to fish, in mm (common practice, no source).
 */
const TAPE_SD = 12;
const GROWS = { mean: 15, sd: 15 };
/** Weight by season and bait, and over years, as standard deviations of its logarithm (common practice, no source). */
const WEIGHS = { season: 0.08, year: 0.08 };
/**
 * So many of a hundred fish are met again where they were met before: the others were moved, or the water was noted
 * wrongly.
 */
const STAYS = 0.97;
const LEAST_FISH = 8;
const CAN_SAY = { most: 2.5, least: -6 };
/** Nothing that was measured or noted is more certain than this: slips are common. */
const ALL_CAN_SAY = { most: 4, least: -8 };

/**
 * What length, weight, water and time say about a fish on the bank being a known one: for each, how many times likelier
 * it is than with a fish of that kind taken by chance from the book, by natural logarithm. It is compared with the
 * capture nearest in time. What is not known, or has too few fish beside it, says nothing. Example: a fish ten
 * centimetres shorter than the known one was is not that fish: -6.
 */
export function metadataLogOdds(
  asked: LinkedFacts,
  known: readonly LinkedFacts[],
  kind: OfItsKind,
): MetadataEvidence[] {
  const nearest = (has: (facts: LinkedFacts) => boolean) =>
    known.filter(has).toSorted((a, b) => Math.abs(a.atMs - asked.atMs) - Math.abs(b.atMs - asked.atMs))[0];
  const said: MetadataEvidence[] = [];
  const measured = isMeasure(asked.lengthMm) ? nearest(({ lengthMm }) => isMeasure(lengthMm)) : undefined;
  if (measured && asked.lengthMm && measured.lengthMm && kind.lengthsMm.filter(isMeasure).length >= LEAST_FISH) {
    const years = (asked.atMs - measured.atMs) / YEAR_MS;
    const expected = measured.lengthMm + GROWS.mean * years;
    const same = lnNormal(asked.lengthMm, expected, Math.hypot(TAPE_SD, TAPE_SD, GROWS.sd * years));
    said.push({
      by: 'length',
      than: measured,
      evidence: held(same - byChance(asked.lengthMm, kind.lengthsMm.filter(isMeasure))),
    });
  }
  const weighed = isMeasure(asked.grams) ? nearest(({ grams }) => isMeasure(grams)) : undefined;
  if (weighed && asked.grams && weighed.grams && kind.grams.filter(isMeasure).length >= LEAST_FISH) {
    const years = Math.abs(asked.atMs - weighed.atMs) / YEAR_MS;
    const same = lnNormal(
      Math.log(asked.grams),
      Math.log(weighed.grams),
      Math.hypot(WEIGHS.season, WEIGHS.year * Math.sqrt(years)),
    );
    const chance = byChance(Math.log(asked.grams), kind.grams.filter(isMeasure).map(Math.log));
    said.push({ by: 'weight', than: weighed, evidence: held(same - chance) });
  }
  const placed = asked.waterId ? nearest(({ waterId }) => waterId !== null) : undefined;
  if (placed) {
    const here = Math.min(0.99, Math.max(0.01, kind.atThisWater));
    const evidence = placed.waterId === asked.waterId ? Math.log(STAYS / here) : Math.log((1 - STAYS) / (1 - here));
    said.push({ by: 'water', than: placed, evidence: held(evidence) });
  }
  const atOnce = known.flatMap((each) => consistencyChecks([each, asked])).find((doubt) => doubt.kind === 'at-once');
  if (atOnce)
    said.push({ by: 'at-once', than: atOnce.first === asked ? atOnce.second : atOnce.first, evidence: CAN_SAY.least });
  return said;
}

/**
 * All of it in one number. Length and weight tell much the same: where they agree their mean counts, else the worse.
 */
export function combineLogOdds(said: readonly MetadataEvidence[]): number {
  const of = (by: MetadataEvidence['by']) => said.find((each) => each.by === by)?.evidence;
  const [length, weight] = [of('length'), of('weight')];
  const size =
    length === undefined || weight === undefined
      ? (length ?? weight ?? 0)
      : length > 0 && weight > 0
        ? (length + weight) / 2
        : Math.min(length, weight);
  const all = size + (of('water') ?? 0) + (of('at-once') ?? 0);
  return Math.min(ALL_CAN_SAY.most, Math.max(ALL_CAN_SAY.least, all));
}

function held(evidence: number): number {
  return Math.min(CAN_SAY.most, Math.max(CAN_SAY.least, evidence));
}

/** By the middle and spread of the kind's fish, no narrower than a fiftieth of what they measure. */
function byChance(value: number, all: readonly number[]): number {
  const middle = mean(all);
  const sd = Math.sqrt(squaresAboutMean(all) / (all.length - 1));
  return lnNormal(value, middle, Math.max(sd, 0.02 * Math.abs(middle)));
}
