import { list } from '@keeper/core/text/en-GB/list';
import type { Barb } from '@keeper/core/domain/kit/rig';
import type { BestBy } from '@keeper/core/findings/bests';
import type { Factor } from '@keeper/core/findings/factors';
import type { Show, Strain } from '@keeper/core/findings/handlingOutcomes';
import type { Curve } from '@keeper/core/findings/rateCurve';
import type { Mishap, Tackle } from '@keeper/core/findings/tackleOutcomes';
import { localised } from '../../text/localised.js';

const FACTORS: Readonly<Record<Factor, string>> = {
  light: 'Light',
  swim: 'Swim',
  bait: 'Bait',
  rig: 'Rig',
  range: 'Range',
  month: 'Month',
  waterTemp: 'Water temperature',
  waterTrend: 'Warming or cooling water',
  pressure: 'Air pressure',
  pressureTrend: 'Rising or falling pressure',
  wind: 'Wind',
  cloud: 'Cloud',
  moon: 'Moon',
};

const OTHERS: Readonly<Record<Factor, string>> = {
  light: 'the rest of the day',
  swim: 'your other swims there',
  bait: 'your other baits',
  rig: 'your other rigs',
  range: 'other ranges',
  month: 'the other months',
  waterTemp: 'other temperatures',
  waterTrend: 'other hours',
  pressure: 'other days',
  pressureTrend: 'other hours',
  wind: 'other winds',
  cloud: 'other skies',
  moon: 'its other quarters',
};

const LEVELS: Readonly<Record<string, string>> = {
  'light.first': 'the first two hours of light',
  'light.last': 'the last two hours of light',
  'light.day': 'the middle of the day',
  'light.night': 'the night',
  'waterTrend.rising': 'water that warms',
  'waterTrend.falling': 'water that cools',
  'waterTrend.steady': 'water that keeps its warmth',
  'pressureTrend.rising': 'rising pressure',
  'pressureTrend.falling': 'falling pressure',
  'pressureTrend.steady': 'steady pressure',
  'moon.new': 'the new moon',
  'moon.first-quarter': 'the waxing half moon',
  'moon.full': 'the full moon',
  'moon.last-quarter': 'the waning half moon',
  'cloud.|3': 'a clear sky',
  'cloud.3|6': 'broken cloud',
  'cloud.6|': 'an overcast sky',
  'wind.|3': 'light air',
  'wind.3|7': 'a breeze',
  'wind.7|': 'a strong wind',
};

const band = (low: string, high: string, unit: string) => {
  if (low === '') return `under ${high} ${unit}`;
  return high === '' ? `${low} ${unit} and above` : `${low} to ${high} ${unit}`;
};

/** With a capital: they begin a sentence. */
const STRAINS: Readonly<Record<Strain, string>> = {
  fight: 'A longer fight',
  air: 'Longer out of the water',
  rest: 'More rest between',
  warmth: 'Warmer water',
  weight: 'A heavier fish',
  season: 'A later year',
};

const NAMED: Readonly<Record<Strain, string>> = {
  fight: 'the fight',
  air: 'the time out of the water',
  rest: 'rest between',
  warmth: 'the warmth of the water',
  weight: 'its weight',
  season: 'the year',
};

/** `more` and `less` of it. */
const SHIFTS: Readonly<Record<Exclude<Show, 'weakly' | 'back'>, readonly [more: string, less: string]>> = {
  air: ['longer out of the water', 'shorter out of the water'],
  held: ['longer upright before it left', 'shorter upright before it left'],
  gillBeat: ['more gill beats a minute', 'fewer gill beats a minute'],
};

const SHOWS: Readonly<Record<Show, string>> = {
  air: 'the time out of the water',
  held: 'how long it is held upright',
  gillBeat: 'the beat of its gills',
  weakly: 'how it leaves',
  back: 'whether it comes back',
};

const BARBS: Readonly<Record<Barb, string>> = {
  barbless: 'barbless',
  rolled: 'barb rolled flat',
  micro: 'micro barb',
  barbed: 'barbed',
};

const MISHAPS: Readonly<Record<Mishap, string>> = {
  missed: 'missed or dropped',
  lost: 'lost',
  deep: 'hooked deep',
  cut: 'cut',
};

interface FoundWords {
  readonly level: string;
  /** Of several hours one says that they bring. */
  readonly many: boolean;
  readonly ratio: string;
  readonly low: string;
  readonly high: string;
  readonly factor: Factor;
}

/** Words of the screen “findings”, in British English. */
export const findingsText = localised('findings', {
  whenAndWhere: 'When and where',
  tackle: 'Rigs, hooks, baits',
  handling: 'Handling',
  bests: 'Bests',
  title: 'What the book tells',
  how: 'When, where and on what your fish come, as far as your own outings carry it. What they do not carry is said as well.',
  factor: ({ factor }: { factor: Factor }) => FACTORS[factor],
  level: ({ factor, level }: { factor: Factor; level: string }) => LEVELS[`${factor}.${level}`] ?? level,
  waterOf: ({ low, high }: { low: string; high: string }) => `water of ${band(low, high, 'degrees')}`,
  pressureOf: ({ low, high }: { low: string; high: string }) => `pressure of ${band(low, high, 'hPa')}`,
  rangeOf: ({ low, high }: { low: string; high: string }) => `a cast of ${band(low, high, 'm')}`,
  aSwim: 'a swim that is not named any more',
  found: ({ level, many, ratio, low, high, factor }: FoundWords) =>
    `${level} ${many ? 'bring' : 'brings'} ${ratio} (${low} to ${high}) times the fish of ${OTHERS[factor]}.`,
  nothing: ({ factor, most }: { factor: Factor; most: string }) =>
    `${FACTORS[factor]} makes no difference: none brings ${most} times the fish of the rest, and none as much fewer.`,
  never: ({ factors }: { factors: readonly string[] }) =>
    `${list(factors)} say nothing yet, and it may take more outings than anybody fishes.`,
  open: ({ factor, more }: { factor: Factor; more: number | null }) => {
    if (more === null) return `${FACTORS[factor]} says nothing yet, and it may take more outings than anybody fishes.`;
    return `${FACTORS[factor]} says nothing for sure yet. About ${more} more outings like these would tell.`;
  },
  howMany: 'How many are in here',
  stocksHow:
    'By the fish that you have met again. Each known fish is a mark that was never put on: how often you meet one that you know says how many you do not.',
  noneMetAgain:
    'Nothing can be counted yet: no fish of one water was met again. It begins with saying who each fish is.',
  neverMet: ({ fish }: { fish: number }) =>
    fish === 1 ? 'At least one more has never been met.' : `At least ${fish} more have never been met.`,
  growth: ({ fish, by, low, high }: { fish: number; by: string; low: string; high: string }) =>
    `Its fish put on ${by} in a year (${low} to ${high}), by ${fish} that were weighed at least nine months apart.`,
  less: ({ mass }: { mass: string }) => `${mass} less`,
  yearByYear:
    'Year by year, where some came and some went (Jolly and Seber), and how many of them were still there a year later',
  fishInYear: ({ fish, low, high }: { fish: number; low: number; high: number }) => `${fish} (${low} to ${high})`,
  stayed: ({ share }: { share: string }) => `${share} stayed`,
  aWater: 'a water that is not named any more',
  counted: ({
    kind,
    water,
    fish,
    low,
    high,
  }: {
    kind: string;
    water: string;
    fish: number;
    low: number;
    high: number | null;
  }) =>
    high === null
      ? `${kind} of ${water}: about ${fish}, at least ${low}.`
      : `${kind} of ${water}: about ${fish} (${low} to ${high}).`,
  tooFew: ({ kind, water, least }: { kind: string; water: string; least: number }) =>
    `${kind} of ${water}: too few were met again to count them; at least ${least}.`,
  notToldApart: ({ kind, water, untold, all }: { kind: string; water: string; untold: number; all: number }) =>
    `${kind} of ${water} cannot be counted yet: of ${untold} in ${all} catches nobody has said which fish it was.`,
  whoIsWho: 'Find who is who',
  metIn: ({ met, catches, recaptures }: { met: number; catches: number; recaptures: number }) =>
    `You have met ${met}, in ${catches} catches that were told apart; ${recaptures === 1 ? 'one of them was' : `${recaptures} of them were`} of a fish that you had had.`,
  nextWasMet: ({ tenths }: { tenths: string }) => `The next one is one of those, ${tenths} in 10.`,
  otherCount: ({ fish }: { fish: number }) => `Counted another way there are about ${fish}.`,
  uneven: 'Some come again and again, more than chance has it: there are likely more than these figures say.',
  untoldCatches: ({ untold }: { untold: number }) =>
    untold === 1
      ? 'Of one catch nobody has said which fish it was.'
      : `Of ${untold} catches nobody has said which fish it was.`,
  howCounted:
    'Schnabel’s count, and of two visits alone Chapman’s, with 19 of 20 limits; the other is that of Schumacher and Eschmeyer; those never met are Chao’s least.  It takes that none came in or went, and that each is as likely to be caught as another: who fishes one corner counts the fish of that corner.',
  untold: ({ factors }: { factors: string }) => `Not enough is noted to ask about: ${factors}.`,
  rests: ({ outings, rodHours, fish, blanks }: { outings: number; rodHours: number; fish: number; blanks: number }) =>
    `It rests on ${outings} outings with ${rodHours} rod-hours, ${blanks} of them blanks, and ${fish} fish that took.`,
  withoutRods: ({ outings }: { outings: number }) =>
    outings === 1
      ? 'On one outing no rod was tapped: how long it fished is not known, and it counts for nothing here.'
      : `On ${outings} outings no rod was tapped: how long they fished is not known, and they count for nothing here.`,
  fishOutside: ({ fish }: { fish: number }) =>
    fish === 1
      ? 'One fish has no hour, or took when no rod of an outing was out: nothing can be said of how often.'
      : `${fish} fish have no hour, or took when no rod of an outing was out: nothing can be said of how often.`,
  nothingYet:
    'Nothing can be told yet. Tap the rods out and in on your outings, and blanks as well: after about twenty outings and a dozen fish this page begins to speak.',
  working: 'Going through the outings.',
  away: 'The book cannot be reached, and this device has not worked this out before.',
  hourByHour: 'Hour by hour, degree by degree',
  curve: {
    sunrise: 'Hours from sunrise',
    sunset: 'Hours from sunset',
    waterC: 'Degrees of the water',
  } satisfies Record<Curve, string>,
  curvesHow:
    'Fish in 100 rod-hours, as smooth a line as your fish allow, with its 19 of 20 limits (penalised splines, Eilers and Marx 1996). Where hardly anybody fished nothing is drawn.',
  swimByMonth: 'Swims by month',
  likely: 'Likely, in 100 rod-hours',
  fishInHours: ({ fish, rodHours }: { fish: number; rodHours: number }) => `${fish} fish in ${rodHours} rod-hours`,
  swimsHow:
    'The fish of each month; the darker, the oftener they came, and empty where no rod was out. A swim that was fished little is drawn towards the others of its water: its likely rate says what to expect of it, and its limits how little that is.',
  together: ({ ratio, low, high, factors }: { ratio: string; low: string; high: string; factors: readonly string[] }) =>
    `With ${list(factors)} taken into account at once it is ${ratio} (${low} to ${high}) times.`,
  behindCounts: ({ fish, outings }: { fish: number; outings: number }) =>
    `${fish} fish of ${outings} outings, the newest first.`,
  blanksThere: 'Blanks',
  notWeighed: 'A fish that was neither weighed nor measured',
  tackleHow: 'What became of every take: missed, lost, hooked deep, cut. A rig is spoken of from five takes on.',
  noTackle: ({ least }: { least: number }) =>
    `Nothing can be told yet: no rig, hook or bait has ${least} takes. Say what a rod is fishing when you tap it out.`,
  nothingToChange:
    'Nothing to change: no rig, hook or bait fails so much oftener than the others that chance would not do it.',
  tackleBy: { rig: 'Rigs', hook: 'Hooks', bait: 'Baits' } satisfies Record<Tackle, string>,
  hookOf: ({ size, barb }: { size: string; barb: Barb }) => `Size ${size}, ${BARBS[barb]}`,
  takes: 'Takes',
  landedOf: ({ landed }: { landed: number }) => `${landed} landed`,
  mishap: {
    missed: 'Missed or dropped',
    lost: 'Lost',
    deep: 'Hooked deep',
    cut: 'Hook cut or left',
  } satisfies Record<Mishap, string>,
  timesOf: ({ times, of }: { times: number; of: number }) => `${times} of ${of}`,
  notTold: 'not told',
  fromTo: ({ low, high }: { low: string; high: string }) => `${low} to ${high}`,
  lossTimes: ({ times, reason }: { times: number; reason: string }) => `${times}: ${reason.toLowerCase()}`,
  changeIt: ({
    name,
    mishap,
    times,
    of,
    othersTimes,
    othersOf,
    chance,
  }: {
    name: string;
    mishap: Mishap;
    times: number;
    of: number;
    othersTimes: number;
    othersOf: number;
    chance: string;
  }) =>
    `Change ${name}: ${MISHAPS[mishap]} ${times} of ${of} times, your others ${othersTimes} of ${othersOf}. That it is truly worse is ${chance} likely.`,
  tackleMethod:
    'Shares with 19 of 20 limits (Jeffreys; Brown, Cai and DasGupta 2001). One is called worse when that is likelier than 0.95 for all that is asked here taken together. Missed is a share of all takes, lost of those that were hooked, deep and cut of those that were landed and told.',
  handlingHow:
    'What goes with what over your own fish, kind by kind. That two things go together does not say that the one does the other.',
  noHandling: ({ least }: { least: number }) =>
    `Nothing can be told yet: it takes ${least} fish of a kind that were tapped from the take to the release.`,
  handlingTellsNothing: 'Nothing to see: how you handle your fish goes with nothing that can be told from chance.',
  handlingShift: ({
    strain,
    show,
    isMore,
    by,
    low,
    high,
  }: {
    strain: Strain;
    show: Show;
    isMore: boolean;
    by: string;
    low: string;
    high: string;
  }) => {
    const words = show === 'weakly' || show === 'back' ? ['', ''] : SHIFTS[show];
    const unit = show === 'gillBeat' ? '' : ' s';
    return `${STRAINS[strain]} goes with ${by}${unit} (${low} to ${high}${unit}) ${words[isMore ? 0 : 1]}.`;
  },
  handlingHalves: ({ strain, show, upper, lower }: { strain: Strain; show: Show; upper: string; lower: string }) =>
    show === 'weakly'
      ? `${STRAINS[strain]} goes with how it leaves: weakly ${upper} in that half, ${lower} in the other.`
      : `${STRAINS[strain]} goes with whether it comes back: ${upper} did in that half, ${lower} in the other.`,
  handlingNothing: ({ strains, show }: { strains: readonly Strain[]; show: Show }) =>
    `To ${SHOWS[show]} no difference is made by ${list(strains.map((strain) => NAMED[strain]))}.`,
  handlingOpen: ({ strains, show }: { strains: readonly Strain[]; show: Show }) =>
    `Of ${SHOWS[show]} nothing is sure yet by ${list(strains.map((strain) => NAMED[strain]))}.`,
  handlingRests: ({ fish, p }: { fish: number; p: string }) =>
    `Of ${fish} fish; chance alone does as much in ${p} of 1,000 such books.`,
  saysNothing: 'What says nothing',
  throughTheYears: 'Your own, year by year',
  middlesHow: 'The middle one of the year’s fish, with its 19 of 20 limits where there are six or more.',
  middleOf: {
    fight: 'From the take to the net',
    air: 'Out of the water in all',
    held: 'Held upright until it left',
    gillBeat: 'Gill beats a minute, last count',
  },
  ofFish: ({ fish }: { fish: number }) => (fish === 1 ? 'of one fish' : `of ${fish} fish`),
  beats: ({ perMinute }: { perMinute: number }) => `${perMinute} a minute`,
  woundsTitle: 'Wounds',
  woundsSeen: ({ times, of, limits }: { times: number; of: number; limits: string }) =>
    `${times} of ${of} that you landed (${limits}) had an open wound then.`,
  woundsHealed: ({ times, of }: { times: number; of: number }) =>
    of === 1
      ? `One of them was met again: ${times === 1 ? 'with none open' : 'with one still open'}.`
      : `Of ${of} of them that were met again, ${times} had none open then.`,
  published: 'What others have measured',
  publishedWork: [
    {
      says: 'Over many studies there is no time in the air that harms nothing; ten seconds are named as a limit to aim for.',
      source: 'Cook and others 2015, Fisheries 40, 456–461 (from memory)',
    },
    {
      says: 'Pike that were five minutes in the air moved less in the hours after than those that were not lifted.',
      source: 'Arlinghaus and others 2009, Fisheries Research 97, 223–233 (from memory)',
    },
    {
      says: 'Carp bore minutes in the air with short-lived loss of reflexes, and warm water made it worse.',
      source: 'Rapp and others 2014, North American Journal of Fisheries Management 34, 232–246 (from memory)',
    },
  ],
  handlingMethod:
    'Ranks within each kind, shuffled to see what chance alone brings; the middle of the differences between the upper and the lower half (Hodges and Lehmann 1963). Of all that is called sure at most one in twenty is not so.',
  bestsHow: 'The best of each kind and how it grew. What died, or was lost, is no best.',
  noBests: 'Nothing was weighed or measured yet.',
  bestIn: 'Best by',
  byWeight: 'Weight',
  byLength: 'Length',
  upgrade: ({ step }: { step: string }) => `${step} more than the one before`,
  upgradeLikely: ({ step, chance }: { step: string; chance: string }) =>
    `${step} more than the one before; truly heavier, ${chance} likely`,
  standAside: 'What stands aside',
  beyondKnown:
    'Heavier than any of its kind is known to have been: it counts for nothing here until its weight, or its kind, is put right on its page.',
  lists: 'Lists',
  listedBy: 'By',
  howManyOfEach: 'Of each',
  bestBy: {
    kind: 'Kind',
    water: 'Water',
    year: 'Year',
    month: 'Month',
    keeper: 'Keeper',
  } satisfies Record<BestBy, string>,
  theBest: ({ n }: { n: number }) => (n === 1 ? 'The best' : `The best ${n}`),
  aKeeper: 'A keeper who is not named any more',
  whatToExpect: 'What the next trips may bring',
  chanceOf: ({
    kind,
    mass,
    trips,
    oneIn,
    low,
    high,
  }: {
    kind: string;
    mass: string;
    trips: number;
    oneIn: string;
    low: string;
    high: string;
  }) => `A ${kind} above ${mass} in the next ${trips} trips: ${oneIn} (${low} to ${high}).`,
  oneIn: ({ of }: { of: number }) => `1 in ${of}`,
  inTen: ({ tenths }: { tenths: number }) => `${tenths} in 10`,
  noChances:
    'Nothing can be said yet: of a kind it takes fifty that were weighed, and enough of the heavy ones from outings. Nobody should draw such a line from fewer.',
  chancesHow:
    'How often a heavy one comes to an outing, times how their weights go on above (a generalised Pareto tail, Coles 2001; profile limits). Never further than your own fish carry.',
  behind: 'How often, and how it was found',
  sure: 'What is sure',
  notYet: 'What is not sure yet',
  noDifference: 'What makes no difference',
  water: 'Water',
  everyWater: 'Every water',
  kind: 'Kind',
  everyKind: 'Every kind',
  swim: 'Swim',
  everySwim: 'Every swim',
  whose: 'Whose fish',
  everybodys: 'Everybody’s',
  whoseRods: 'Whose rod was out is not noted: how often is told of everybody’s rods together.',
  year: 'Year',
  everyYear: 'Every year',
  rate: 'fish in 100 rod-hours',
  restsOn: ({ fish, rodHours, outings }: { fish: number; rodHours: number; outings: number }) =>
    `${fish} fish in ${rodHours} rod-hours of ${outings} outings`,
  rateOf: ({ rate, low, high }: { rate: string; low: string; high: string }) => `${rate} (${low} to ${high})`,
  withinDay:
    'Each outing is compared with itself. How often chance alone does as much was found by turning each day’s fish round its hours together, so that a lucky day is one piece of evidence.',
  betweenDays:
    'Outings of one water are compared with each other. How often chance alone does as much was found by letting them change places, each with its fish and its hours, so that a lucky day is one piece of evidence.',
  chance: ({ p }: { p: string }) =>
    `Chance alone does as much in ${p} of 1,000 such books; with all that is asked here taken together, at most one in twenty of what is called sure is not so.`,
});
