import { expectedWeight, type ExpectedWeight } from '../biometry/expectedWeight.js';
import { LENGTH_WEIGHT } from '../biometry/lengthWeight.js';
import type { SpeciesId } from '../domain/fish/species.js';
import { gramsOf, GRAMS_PER_POUND, massSystemOf, unitsPerPound } from '../measure/mass.js';
import { lnNormal } from '../statistics/normal.js';
import type { Entry } from './entry.js';
import { netWeight } from '../domain/capture/weightReading.js';
import { CUPPED_ADDS } from './result.js';
import { USUAL_SLING_GRAMS } from './slingDrain.js';
import { HOW_OFTEN, SLIPS, type SlipKind } from './slip.js';

/** What the entry would have been without the slip. */
export interface Corrected {
  readonly grams?: number;
  readonly lengthMm?: number;
  readonly species?: SpeciesId;
}

/** One slip that would explain the entry. */
export interface Explanation {
  readonly kind: SlipKind;
  /** Posterior probability among all explanations and the entry being right. */
  readonly probability: number;
  readonly corrected: Corrected;
}

/** What the look at an entry comes to. */
export interface Explained {
  /** Posterior probability that the entry is right as it stands. */
  readonly right: number;
  /** The slips that are possible at all, likeliest first. */
  readonly slips: readonly Explanation[];
  readonly expected: ExpectedWeight;
  /** Worth a question: a slip is much likelier than the entry. */
  readonly ask: boolean;
}

/** A slip is asked about when the entry is right with less than this probability. */
const ASK_BELOW = 0.7;
/** The guess of a practised eye: a fifth out is common (practice, no source). */
const GUESS_SD = 0.18;
/** Tails are fatter than normal: now and then a fish is far from all others. */
const STRAY_SHARE = 0.03;
const STRAY_SD = 3;

interface Possibility {
  readonly kind: SlipKind | undefined;
  readonly prior: number;
  readonly corrected: Corrected;
  /** Logarithm of what the circumstances say under it. */
  readonly ln: number;
}

/**
 * Which single slip, if any, explains an entry: for each the entry is undone, compared with what the fish should weigh
 * and against what was seen around the weighing, and the posterior is worked out by Bayes' rule with `HOW_OFTEN` as
 * prior. Undefined when the net weight is not known. Example: a carp of 80 cm entered with 25 lb where 25 kg was
 * impossible and 11.3 kg fits is right; the same with 25 kg is pounds written as kilograms.
 */
export function explainEntry(entry: Entry): Explained | undefined {
  const net = netWeight(entry.reading);
  if (!net?.ok || net.value.count === 0) return undefined;
  const grams = gramsOf(net.value);
  const sum = SLIPS.reduce((all, kind) => all + HOW_OFTEN[kind], 0);
  const possible: Possibility[] = [
    { kind: undefined, prior: 1 - sum, corrected: {}, ln: asItStands(entry, grams) },
    ...SLIPS.flatMap((kind) => undone(kind, entry, grams)),
  ];
  const logs = possible.map(({ prior, ln }) => Math.log(prior) + ln);
  const most = Math.max(...logs);
  const weights = logs.map((each) => Math.exp(each - most));
  const total = weights.reduce((all, each) => all + each, 0);
  const slips = bestOfEach(
    possible.map(({ kind, corrected }, i) => ({ kind, corrected, probability: (weights[i] ?? 0) / total })),
  );
  const right = (weights[0] ?? 0) / total;
  return { right, slips, expected: expectedWeight(entry), ask: right < ASK_BELOW };
}

/** One line a kind: its ways add up, the likeliest one is shown. */
function bestOfEach(
  all: readonly { kind: SlipKind | undefined; corrected: Corrected; probability: number }[],
): Explanation[] {
  return SLIPS.flatMap((kind) => {
    const ways = all.filter((each) => each.kind === kind);
    const best = ways.toSorted((a, b) => b.probability - a.probability)[0];
    if (!best) return [];
    return [
      { kind, corrected: best.corrected, probability: ways.reduce((sum, { probability }) => sum + probability, 0) },
    ];
  }).toSorted((a, b) => b.probability - a.probability);
}

/** How well weight and length fit the fish: what its kind grows to, what is expected at that length, and the guess. */
function fits(entry: Entry, grams: number, changed: Corrected = {}): number {
  if (!(grams > 0)) return -Infinity;
  const species = changed.species ?? entry.species;
  const lengthMm = changed.lengthMm ?? entry.lengthMm;
  const { lnGrams, sd } = expectedWeight({ ...entry, species, lengthMm });
  const guess = entry.guessGrams ? strayed(Math.log(entry.guessGrams), Math.log(grams), GUESS_SD) : 0;
  return strayed(Math.log(grams), lnGrams, sd) + (lengthMm ? lengthOfKind(species, lengthMm) : 0) + guess;
}

/** How likely a kind is as long as that. */
function lengthOfKind(species: SpeciesId | null, lengthMm: number): number {
  const relation = species && LENGTH_WEIGHT[species];
  if (!relation) return strayed(Math.log(lengthMm), Math.log(650), 0.4);
  const { lnGrams, sd } = expectedWeight({ species, lengthMm: null, girthMm: null, own: [] });
  return strayed(Math.log(lengthMm), (lnGrams - Math.log(relation.a)) / relation.b + Math.log(10), sd / relation.b);
}

/** Logarithm of a normal density with a share of strays. */
function strayed(x: number, mean: number, sd: number): number {
  const near = lnNormal(x, mean, sd);
  const far = lnNormal(x, mean, STRAY_SD * sd) + Math.log(STRAY_SHARE);
  return Math.max(near, far) + Math.log1p(Math.exp(-Math.abs(near - far)));
}

/** What the circumstances say, apart from the fish. */
interface Seen {
  readonly slingTared?: boolean;
  readonly held?: boolean;
  readonly otherFamily?: boolean;
  readonly otherDotted?: boolean;
}

/** How sure a zero that was seen is, a trace that said held or hung, and a unit that the scale does not have. */
const ZERO_SEEN = { right: 0.9, slingOn: 0.12 };
const SAID_HELD = { held: 0.93, hung: 0.04 };
const OTHER_UNIT = 0.03;
/** A scale of ounces shows no hundredths of a pound: such an entry was hardly read off it. */
const OTHER_STEPS = 0.004;
/** How far the empty sling afterwards may be from what it was taken for. */
const SLING_SD_GRAMS = 50;

function circumstances({ reading, zeroSeen, slingGrams, division }: Entry, seen: Seen): number {
  let ln = 0;
  const slingTared = seen.slingTared ?? true;
  if (zeroSeen !== undefined) {
    const share = slingTared ? ZERO_SEEN.right : ZERO_SEEN.slingOn;
    ln += Math.log(zeroSeen ? share : 1 - share);
  }
  if (reading.slingAfter) {
    const sling = slingGrams ?? (reading.tare ? gramsOf(reading.tare) : undefined);
    const zeroed = (reading.method === 'zeroed') === slingTared;
    if (sling !== undefined) ln += lnNormal(gramsOf(reading.slingAfter), zeroed ? 0 : sling, SLING_SD_GRAMS);
  }
  if (reading.support) {
    const share = seen.held ? SAID_HELD.held : SAID_HELD.hung;
    ln += Math.log(reading.support === 'hung' ? 1 - share : share);
  }
  if (division) {
    const sameFamily = massSystemOf(division.unit) === massSystemOf(reading.asRead.unit);
    const dotted =
      massSystemOf(division.unit) === 'lb-oz' && (division.unit === 'lb/100') !== (reading.asRead.unit === 'lb/100');
    if (sameFamily === (seen.otherFamily ?? false)) ln += Math.log(OTHER_UNIT);
    // Who wrote it in the other family wrote a decimal anyway.
    if (sameFamily && !seen.otherFamily && dotted !== (seen.otherDotted ?? false)) ln += Math.log(OTHER_STEPS);
  }
  return ln;
}

/** Logarithm of the step of the reading, as a share of the weight: what one of many possible readings is worth. */
function step({ reading }: Entry, grams: number): number {
  return Math.log(
    Math.min(1, gramsOf({ unit: reading.asRead.unit, count: reading.asRead.unit === 'g' ? 10 : 1 }) / grams),
  );
}

function asItStands(entry: Entry, grams: number): number {
  return fits(entry, grams) + step(entry, grams) + circumstances(entry, {});
}

/** The ways in which a slip of one kind could have made the entry; none where it could not. */
function undone(kind: SlipKind, entry: Entry, grams: number): Possibility[] {
  const way = (corrected: Corrected, seen: Seen = {}, share = 1): Possibility => {
    const truth = corrected.grams ?? grams;
    const ln = fits(entry, truth, corrected) + step(entry, grams) + circumstances(entry, seen);
    return { kind, prior: HOW_OFTEN[kind] * share, corrected, ln };
  };
  const { reading, slingGrams, lengthMm, species, before } = entry;
  switch (kind) {
    case 'sling-left-on': {
      const sling = slingGrams ?? USUAL_SLING_GRAMS;
      if (reading.method !== 'zeroed' || sling >= grams) return [];
      // A step of the reading is a larger share of the lighter fish.
      const possible = way({ grams: grams - sling }, { slingTared: false });
      return [{ ...possible, ln: possible.ln + Math.log(grams / (grams - sling)) }];
    }
    case 'sling-taken-twice': {
      if (reading.method !== 'gross-minus-tare' || !reading.tare) return [];
      return [way({ grams: grams + gramsOf(reading.tare) }, { slingTared: false })];
    }
    case 'dotted-ounces': {
      const dotted = dottedGrams(reading.written ?? '', reading.asRead.unit);
      return dotted ? [way({ grams: dotted }, { otherDotted: true })] : [];
    }
    case 'pounds-for-kilograms':
      if (massSystemOf(reading.asRead.unit) !== 'lb-oz') return [];
      return [way({ grams: (grams * 1000) / GRAMS_PER_POUND }, { otherFamily: true })];
    case 'kilograms-for-pounds':
      if (massSystemOf(reading.asRead.unit) !== 'kg') return [];
      return [way({ grams: (grams * GRAMS_PER_POUND) / 1000 }, { otherFamily: true })];
    case 'inches-for-centimetres':
      return lengthMm ? [way({ lengthMm: lengthMm / 2.54 })] : [];
    case 'centimetres-for-inches':
      return lengthMm ? [way({ lengthMm: lengthMm * 2.54 })] : [];
    case 'lost-point':
      return [
        ...[10, 100].map((times) => way({ grams: grams / times }, {}, 0.4)),
        ...(lengthMm ? [10, 100].map((times) => way({ lengthMm: lengthMm / times }, {}, 0.1)) : []),
      ];
    case 'swapped-digits': {
      const swaps = swapped(reading);
      return swaps.map((each) => way({ grams: each * (grams / gramsOf(reading.asRead)) }, {}, 1 / swaps.length));
    }
    case 'scale-held': {
      // What the keeper has said of the hand is no slip any more.
      if (reading.support === 'cupped' || reading.support === 'loop') return [];
      const { least, most } = CUPPED_ADDS;
      const shares = [0, 1, 2, 3, 4].map((i) => least + ((most - least) * (i + 0.5)) / 5);
      return shares.map((share) => way({ grams: grams / (1 + share) }, { held: true }, 0.2));
    }
    case 'same-entry-twice': {
      if (!before || Math.abs(before.grams - grams) > 0.5) return [];
      // Whatever it weighed, the entry would be this one.
      const length = before.lengthMm && lengthMm ? (before.lengthMm === lengthMm ? 0 : Math.log(0.2)) : 0;
      return [
        { kind, prior: HOW_OFTEN[kind], corrected: {}, ln: length + circumstances(entry, {}) + ofItsLength(entry) },
      ];
    }
    case 'wrong-species': {
      const others = KINDS.filter((each) => each !== species);
      return species ? others.map((each) => way({ species: each }, {}, 1 / others.length)) : [];
    }
  }
}

/** The kinds that another fish may have been. */
const KINDS = Object.keys(LENGTH_WEIGHT) as SpeciesId[];

/** How well the length alone fits the kind, where the weight says nothing. */
function ofItsLength({ species, lengthMm }: Entry): number {
  return lengthMm ? lengthOfKind(species, lengthMm) : 0;
}

/** What "23.11" is when the digits after the point are ounces; undefined where they cannot be. */
function dottedGrams(written: string, unit: string): number | undefined {
  const parts = unit === 'lb/100' ? /^\s*(\d+)[.,](\d{1,2})\s*(?:lbs?)?\s*$/.exec(written) : null;
  if (!parts || Number(parts[2]) > 15) return undefined;
  return (Number(parts[1]) + Number(parts[2]) / 16) * GRAMS_PER_POUND;
}

/** The weights that give the entry when two neighbouring digits change places, in grams. */
function swapped({ asRead }: Entry['reading']): number[] {
  const perWhole = asRead.unit === 'g' ? 1 : asRead.unit === 'lb/100' ? 1 : unitsPerPound(asRead.unit);
  // Pounds and ounces are written apart: only the digits within each can change places.
  const whole = String(Math.floor(asRead.count / perWhole));
  const rest = asRead.count % perWhole;
  const pairs = Array.from(
    { length: whole.length - 1 },
    (_, i) => whole.slice(0, i) + (whole[i + 1] ?? '') + (whole[i] ?? '') + whole.slice(i + 2),
  );
  return pairs
    .filter((text) => text !== whole && !text.startsWith('0'))
    .map((text) => gramsOf({ unit: asRead.unit, count: Number(text) * perWhole + rest }));
}
