import type { Factor } from '@keeper/core/findings/factors';
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
  open: ({ factor, more }: { factor: Factor; more: number | null }) => {
    if (more === null) return `${FACTORS[factor]} says nothing yet, and it may take more outings than anybody fishes.`;
    return `${FACTORS[factor]} says nothing for sure yet. About ${more} more outings like these would tell.`;
  },
  howMany: 'How many are in here',
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
    'Schnabel’s count, with 19 of 20 limits; the other is that of Schumacher and Eschmeyer. It takes that none came in or went, and that each is as likely to be caught as another: who fishes one corner counts the fish of that corner.',
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
  behind: 'How often, and how it was found',
  sure: 'What is sure',
  notYet: 'What is not sure yet',
  noDifference: 'What makes no difference',
  water: 'Water',
  everyWater: 'Every water',
  kind: 'Kind',
  everyKind: 'Every kind',
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
