import { localised } from '../../text/localised.js';
import { plural } from '@keeper/core/text/en-GB/plural';

/** Words of the fields of a weight, in British English. */
export const weightWords = localised('parts.weight', {
  overTheScale: ({ over }: { over: string }) => `over ${over}`,
  about: ({ grams }: { grams: string }) => `about ${grams}`,
  estimated: ({ range }: { range: string }) => `estimated, ${range}`,
  estimatedByGirth: ({ range }: { range: string }) => `estimated by length and girth: ${range}, in 19 of 20 fish`,
  pastTheEnd: ({ end }: { end: string }) => `It went past the end of the scale, ${end}.`,
  secondScale: 'The second scale',
  readWetSlingZeroed: ({ method }: { method: string }) =>
    method === 'zeroed' ? 'Read, wet sling zeroed' : 'Gross, fish in the sling',
  writtenDown: 'As it was written down',
  howIsNotKnown:
    'How it was weighed was not written down. Where a doubt is given for it, a scale of that unit with a zeroed sling is taken.',
  tareTheWetSling: 'Tare, the wet sling',
  notNoted: 'not noted',
  net: 'Net',
  notKnownWithoutThe: 'not known without the tare',
  writtenDownAs: ({ written }: { written: string }) => `Written down as “${written}”.`,
  relativeWeightIsThe: ({
    relative,
    fish,
    spawn,
    sex,
    river,
  }: {
    relative: number;
    fish: number;
    spawn: number;
    sex: number;
    river: number;
  }) =>
    `Relative weight ${relative}: 100 is the published standard for its length. Healthy fish vary by ${fish} either side; before spawning up to ${spawn} more, males ${sex} less, river fish ${river} less. `,
  youGuessed: ({ guess }: { guess: string }) => `You guessed ${guess}.`,
  doesItAddUp: 'Does it add up?',
  fromAboutWouldBe: ({ basis, lnGrams, sd, sd2 }: { basis: string; lnGrams: string; sd: string; sd2: string }) =>
    `From ${basis} about ${lnGrams} would be expected, two times in three between ${sd} and ${sd2}.`,
  aNoteIfYou: 'A note, if you like',
  itIsRightAs: 'It is right as it stands',
  makeItA: ({ species }: { species: string }) => `Make it a ${species}`,
  makeIt: ({ length }: { length: string }) => `Make it ${length}`,
  myHandWasRound: 'My hand was round it',
  takeOfSlingOff: ({ tare }: { tare: string }) => `Take ${tare} of sling off`,
  makeIt2: ({ asRead }: { asRead: string }) => `Make it ${asRead}`,
  almostCertain: 'almost certain',
  aboutIn: ({ probability }: { probability: number }) => `about ${probability} in 10`,
  aboutIn2: ({ probability }: { probability: number }) => `about 1 in ${probability}`,
  nothingOnTheHook: 'Nothing on the hook',
  hangItUp: 'Hang it up.',
  settling: 'Settling',
  handsOffLowOver: 'Hands off. Low over the mat.',
  fishMoving: 'Fish moving',
  aHandOverIts: 'A hand over its eye; the value comes by itself.',
  settled: 'Settled',
  heldNotHung: 'Held, not hung',
  aHandRoundThe:
    'A hand round the body of the scale adds to the weight; at its loop it only makes it restless. Best from a bar.',
  lookingForThe: ({ name }: { name: string }) => `Looking for the ${name}…`,
  setItByHand: ({ why }: { why: string }) => `${why} Set it by hand below.`,
  aboutZero: 'About zero',
  recordItAsHeld: 'Record it as held',
  recordItIHold: 'Record it: I hold the loop',
  recordItMyHand: 'Record it: my hand is round it',
  hangTheEmptySling: 'Hang the empty sling again',
  aSlingHoldsMore:
    'A sling holds more or less water than when it was zeroed. Wet, empty, now: then the weight is bracketed.',
  emptySling: 'Empty sling',
  itHangsThereWet: 'It hangs there, wet and empty',
  recordAsZero: 'Record as zero',
  setItByHand2: 'Set it by hand',
  aboveOrBelowZero: 'Above or below zero',
  aboveZero: 'Above zero',
  belowZero: 'Below zero',
  theEmptySlingShows: ({ count, shown }: { count: string; shown: string }) => `The empty sling shows ${count}${shown}`,
  weightAsRead: 'Weight as read',
  howItWasWeighed: 'How it was weighed',
  slingZeroed: 'Sling zeroed',
  grossMinusTare: 'Gross minus tare',
  gross: 'Gross',
  weight: 'Weight',
  tareSlingAsWet: 'Tare, sling as wet as it was',
  lbOz: '23 lb 11 oz',
  theStepOfThe: 'The step of the reading',
  theStepOfTheZero: 'The step of the zero',
  howStillItHung: 'How still it hung',
  theSling: 'The sling',
  theScaleItself: 'The scale itself',
  sinceItsCheck: 'Since its check',
  theHandOnIt: 'The hand on it',
  bestEstimate: 'Best estimate',
  giveOrTake: ', give or take',
  giveOrTake2: ({ value, doubt }: { value: string; doubt: string }) => `${value}, give or take ${doubt}`,
  whereTheDoubtComes: 'Where the doubt comes from',
  forTheSling: 'for the sling',
  byTheCheckOf: 'by the check of the scale',
  forTheHandRound: 'for the hand round the scale',
  isKeptAsYou: ({ said, kept }: { said: string; kept: string }) => `${said}. ${kept} is kept as you read it; `,
  theScaleSentFiner: ({ value, kept }: { value: string; kept: string }) =>
    `The scale sent ${value}, finer than it shows; by your rule ${kept} is kept, and `,
  theIntervalIsRound: ({ kept }: { kept: string }) => `${kept}the interval is round the best estimate.`,
  togetherForIn: 'Together, for 19 in 20',
  squaresAreAddedAnd: ({ uGrams }: { uGrams: string }) =>
    `Squares are added, and the root is taken ${uGrams} times (JCGM 100:2008, annex G).`,
  yourHeaviest: ({ kind }: { kind: string }) => `Your heaviest ${kind}.`,
  yourHeaviestWithA: ({ kind, chance, rivalsCount }: { kind: string; chance: number; rivalsCount: number }) =>
    `Your heaviest ${kind} with a chance of ${chance} %: ${plural(rivalsCount, { one: 'another is', other: 'others are' })} within the doubt of the scale.`,
  writeItAs: ({ question, says }: { question: string; says: string }) => `${question} Write it as ${says}.`,
  asReadBestEstimate: ({ value, doubt }: { value: string; doubt: string }) =>
    `as read; best estimate ${value}, give or take ${doubt}`,
  giveOrTake3: ({ doubt }: { doubt: string }) => `give or take ${doubt}`,
  theDoesNotAnswer: ({ name }: { name: string }) => `The ${name} does not answer in time.`,
  theHasStoppedSending: ({ name }: { name: string }) => `The ${name} has stopped sending. Nothing was recorded.`,
  thatHappenedTooOften: ({ reason }: { reason: string }) => `${reason} That happened too often.`,
  theScaleCouldNot: 'The scale could not be reached.',
  off: 'off',
  on: 'on',
});
