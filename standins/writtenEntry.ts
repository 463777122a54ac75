import type { Rng } from '@keeper/core/statistics/rng';
import type { OwnFish } from '@keeper/core/biometry/ownRelation';
import { LENGTH_WEIGHT, weightOfLength } from '@keeper/core/biometry/lengthWeight';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { LONGEST_MM } from '@keeper/core/measure/length';
import { GRAMS_PER_POUND, gramsOf, type Mass } from '@keeper/core/measure/mass';
import { HEAVIEST_GRAMS } from '@keeper/core/measure/parseMass';
import type { Entry } from '@keeper/core/weighing/entry';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';
import { SLIPS, type SlipKind } from '@keeper/core/weighing/slip';

/**
 * An entry as a keeper would make it, and the one slip that was made in it, if any. All of it is invented, over
 * realistic sizes.
 */
export interface WrittenEntry {
  readonly entry: Entry;
  readonly slip: SlipKind | undefined;
}

/** Kinds, how often they are caught, and middle length and its spread (in ln) of those that are written down. */
const CAUGHT: readonly {
  readonly species: SpeciesId;
  readonly share: number;
  readonly lengthMm: number;
  readonly spread: number;
}[] = [
  { species: 'carp', share: 0.4, lengthMm: 760, spread: 0.16 },
  { species: 'pike', share: 0.2, lengthMm: 900, spread: 0.16 },
  { species: 'barbel', share: 0.15, lengthMm: 690, spread: 0.12 },
  { species: 'wels', share: 0.08, lengthMm: 1450, spread: 0.25 },
  { species: 'tench', share: 0.06, lengthMm: 500, spread: 0.12 },
  { species: 'bream', share: 0.05, lengthMm: 560, spread: 0.13 },
  { species: 'zander', share: 0.06, lengthMm: 650, spread: 0.16 },
];

/** The scale of one keeper: what it shows. */
const SCALES: readonly { readonly share: number; readonly division: Mass }[] = [
  { share: 0.5, division: { unit: 'oz', count: 1 } },
  { share: 0.12, division: { unit: 'lb/100', count: 2 } },
  { share: 0.38, division: { unit: 'g', count: 10 } },
];

function pickShare<T extends { readonly share: number }>(luck: Rng, from: readonly T[]): T {
  let left = luck.next() * from.reduce((sum, { share }) => sum + share, 0);
  return from.find((each) => (left -= each.share) < 0) ?? (from[0] as T);
}

function read(grams: number, { unit, count }: Mass): Mass {
  return { unit, count: Math.floor(grams / gramsOf({ unit, count })) * count };
}

/** A fish with its keeper, its scale and its weighing, as it truly was. */
function drawTruth(luck: Rng) {
  const { species, lengthMm: middle, spread } = pickShare(luck, CAUGHT);
  // The keeper's fish lie about the published relation as a whole, and scatter about that.
  const water = 0.12 * luck.normal();
  const scatter = (LENGTH_WEIGHT[species]?.scatter ?? 0.11) * luck.between(0.7, 1.2);
  const draw = () => {
    const lengthMm = Math.round((middle * Math.exp(spread * luck.normal())) / 5) * 5;
    const grams = (weightOfLength(species, lengthMm) ?? 1000) * Math.exp(water + scatter * luck.normal());
    return { species, lengthMm, grams };
  };
  const own: OwnFish[] = Array.from({ length: luck.pick([0, 2, 5, 10, 20, 40]) }, draw);
  const fish = draw();
  const girth = Math.sqrt((fish.grams / GRAMS_PER_POUND / (fish.lengthMm / 25.4)) * 800) * 25.4;
  const known = luck.next() < 0.3;
  const daysAgo = luck.between(20, 900);
  const { division } = pickShare(luck, SCALES);
  return {
    ...fish,
    own,
    division,
    girthMm: luck.next() < 0.25 ? Math.round(girth * Math.exp(0.03 * luck.normal())) : null,
    history: known
      ? [{ daysAgo, grams: fish.grams * Math.exp(Math.hypot(0.05, 0.07 * Math.sqrt(daysAgo / 365)) * luck.normal()) }]
      : [],
    slingGrams: luck.between(400, 1400),
    guess: luck.next() < 0.3 ? fish.grams * Math.exp(0.03 + 0.15 * luck.normal()) : undefined,
    before: draw(),
  };
}

type Truth = ReturnType<typeof drawTruth>;

/**
 * The entry that goes with a truth and a slip; undefined where that slip cannot be made in it, or would be refused as
 * it is typed.
 */
function write(luck: Rng, truth: Truth, slip: SlipKind | undefined): Entry | undefined {
  const { division, slingGrams } = truth;
  const method =
    slip === 'sling-taken-twice'
      ? 'gross-minus-tare'
      : slip === 'sling-left-on' || luck.next() < 0.8
        ? 'zeroed'
        : 'gross-minus-tare';
  const wetGrams = slingGrams * (1 + 0.03 * luck.normal());
  const heldBy = slip === 'scale-held' ? 1 + luck.between(0.03, 0.08) : 1;
  // By the one school the reading is the fish, by the other the fish and its sling.
  const slingOnScale = slip === 'sling-left-on' || (method === 'gross-minus-tare' && slip !== 'sling-taken-twice');
  const shown = (truth.grams + (slingOnScale ? wetGrams : 0)) * heldBy;
  let reading: WeightReading = { asRead: read(shown, division), method };
  if (method === 'gross-minus-tare') reading = { ...reading, tare: read(slingGrams, division) };
  let { species, lengthMm } = truth;
  const before = {
    grams: gramsOf(read(truth.before.grams, division)),
    lengthMm: truth.before.lengthMm,
  };
  const slipped = slip && slipOnPaper(luck, slip, reading.asRead, truth);
  if (slipped === 'impossible') return undefined;
  if (slipped?.asRead)
    reading = { ...reading, asRead: slipped.asRead, ...(slipped.written && { written: slipped.written }) };
  if (slipped?.species) ({ species } = slipped);
  if (slipped?.lengthMm) ({ lengthMm } = slipped);
  if (slip === 'same-entry-twice') {
    reading = { asRead: read(truth.before.grams, division), method: 'zeroed' };
    if (luck.next() < 0.3) lengthMm = truth.before.lengthMm;
  }
  if (luck.next() < 0.5) {
    const said = luck.next() < 0.95;
    reading = { ...reading, support: said === (slip === 'scale-held') ? 'held' : 'hung' };
  }
  const zeroed = reading.method === 'zeroed' ? slip !== 'sling-left-on' : slip === 'sling-taken-twice';
  if (luck.next() < 0.6) {
    const after = Math.max(0, (zeroed ? 0 : wetGrams) + 25 * luck.normal());
    reading = { ...reading, slingAfter: read(after, division) };
  }
  const seen = luck.next() < (slip === 'sling-left-on' ? 0.12 : 0.9);
  return {
    reading,
    species,
    lengthMm: luck.next() < 0.9 || slipped?.lengthMm ? lengthMm : null,
    girthMm: truth.girthMm,
    own: truth.own,
    history: truth.history,
    slingGrams: luck.next() < 0.8 ? slingGrams : undefined,
    zeroSeen: reading.method === 'zeroed' && luck.next() < 0.85 ? seen : undefined,
    division,
    before: slip === 'same-entry-twice' || luck.next() < 0.6 ? before : undefined,
    guessGrams: truth.guess,
  };
}

interface OnPaper {
  readonly asRead?: Mass;
  readonly written?: string;
  readonly lengthMm?: number;
  readonly species?: SpeciesId;
}

function slipOnPaper(luck: Rng, slip: SlipKind, asRead: Mass, truth: Truth): OnPaper | 'impossible' | undefined {
  switch (slip) {
    case 'dotted-ounces': {
      if (asRead.unit !== 'oz') return 'impossible';
      const [pounds, ounces] = [Math.floor(asRead.count / 16), asRead.count % 16];
      if (ounces === 0) return 'impossible';
      const written = `${pounds}.${ounces}`;
      return { asRead: { unit: 'lb/100', count: Math.round(Number(written) * 100) }, written };
    }
    case 'pounds-for-kilograms':
      if (asRead.unit !== 'g') return 'impossible';
      return {
        asRead: { unit: 'lb/100', count: Math.round(asRead.count / 10) },
        written: `${(asRead.count / 1000).toFixed(2)} lb`,
      };
    case 'kilograms-for-pounds':
      if (asRead.unit === 'g') return 'impossible';
      return { asRead: { unit: 'g', count: Math.round((gramsOf(asRead) / GRAMS_PER_POUND) * 100) * 10 } };
    case 'inches-for-centimetres':
      return truth.lengthMm * 2.54 > LONGEST_MM ? 'impossible' : { lengthMm: truth.lengthMm * 2.54 };
    case 'centimetres-for-inches':
      return { lengthMm: truth.lengthMm / 2.54 };
    case 'lost-point': {
      if (asRead.unit === 'oz') return 'impossible';
      const count = asRead.count * luck.pick([10, 100]);
      return gramsOf({ ...asRead, count }) > HEAVIEST_GRAMS ? 'impossible' : { asRead: { ...asRead, count } };
    }
    case 'swapped-digits': {
      const perWhole = asRead.unit === 'oz' ? 16 : 1;
      const digits = [...String(Math.floor(asRead.count / perWhole))];
      const last = asRead.unit === 'g' ? digits.length - 3 : digits.length - 2;
      if (last < 0) return 'impossible';
      const i = luck.whole(0, last);
      [digits[i], digits[i + 1]] = [digits[i + 1] as string, digits[i] as string];
      const count = Number(digits.join('')) * perWhole + (asRead.count % perWhole);
      return digits[0] === '0' || count === asRead.count ? 'impossible' : { asRead: { ...asRead, count } };
    }
    case 'wrong-species':
      return { species: luck.pick(CAUGHT.map(({ species }) => species).filter((each) => each !== truth.species)) };
    case 'sling-left-on':
    case 'sling-taken-twice':
    case 'scale-held':
    case 'same-entry-twice':
      return undefined;
  }
}

/** Draws an entry, with a slip of a kind drawn evenly, or none. */
export function drawEntry(luck: Rng, slipped: boolean): WrittenEntry {
  const slip = slipped ? luck.pick(SLIPS) : undefined;
  for (;;) {
    const entry = write(luck, drawTruth(luck), slip);
    if (entry) return { entry, slip };
  }
}
