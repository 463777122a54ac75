import { localised } from '../../text/localised.js';
import { plural } from '@keeper/core/text/en-GB/plural';

/** Words of the screen “weigh”, in British English. */
export const weighText = localised('weigh', {
  dry: 'dry',
  mass: ({ number }: { number: number }) => `Mass ${number}`,
  whatMassIs: ({ number }: { number: number }) => `What mass ${number} is`,
  aWeight: 'a weight',
  litres: 'Litres',
  itWeighs: 'It weighs',
  theScaleShows: 'The scale shows',
  leaveMassOut: ({ number }: { number: number }) => `Leave mass ${number} out`,
  verdict: 'Verdict',
  withinTheLimitsOf: 'Within the limits of its class.',
  outsideTheLimitsOf: ({ system }: { system: string }) => `Outside the limits of its class at ${system}.`,
  fittedByLeastSquares: ({ due }: { due: string }) =>
    `Fitted by least squares, each point by how well its mass is known. Limits in service: OIML R 76-1, twice those of a first verification. Next check by ${due}.`,
  itIsUnevenIts:
    'It is uneven: its errors follow neither a line nor a curve. This check corrects nothing, and weights off this scale carry all of it as uncertainty. Look at the hook and the spring, and hang the masses again.',
  itsErrorBendsLarger: 'Its error bends: larger at one end than at the other. Weights are corrected along the curve.',
  itShowsInToo: ({ perThousand, perThousand2 }: { perThousand: string; perThousand2: number }) =>
    `It shows ${perThousand} in 1000 too ${perThousand2 < 0 ? 'little' : 'much'}`,
  whichMayBeZero: ', which may be zero',
  itsZeroLiesZeroed: ({ offsetGrams, offsetGrams2 }: { offsetGrams: string; offsetGrams2: number }) =>
    `. Its zero lies ${offsetGrams} ${offsetGrams2 < 0 ? 'low' : 'high'}: zeroed with the sling on, or tare taken off, that cancels.`,
  kg: ({ grams }: { grams: string }) => `${grams} kg`,
  lb: ({ gramsPerPound }: { gramsPerPound: string }) => `${gramsPerPound} lb`,
  trueIt: 'true',
  showsMore: 'shows more',
  showsLess: 'shows less',
  wetWeighingsFromTo: ({
    wetCount,
    drain,
    shownMin,
    system,
  }: {
    wetCount: number;
    drain: string;
    shownMin: string;
    system: string;
  }) => `${wetCount} wet weighings; from ${drain} to ${shownMin} ${system === 'kg' ? 'g' : 'oz'} in an hour.`,
  atOnceMin: ({ min }: { min: number }) => (min === 0 ? 'at once' : `${min} min`),
  checksAtTheLast: ({
    pointsCount,
    error,
    unit,
    load,
  }: {
    pointsCount: number;
    error: number;
    unit: string;
    load: string;
  }) => `${pointsCount} checks; at the last one ${error} ${unit} off at ${load}.`,
  shownTooMuchAt: ({ load, unit }: { load: string; unit: string }) => `Shown too much at ${load}, in ${unit}`,
  soakTheSlingFor: 'Soak the sling for two minutes, zips closed.',
  hangItFromThe: 'Hang it from the scale, and the scale from its loop: on a bar, not in a hand.',
  whenItHasStopped: 'When it has stopped running, set the scale to zero.',
  onThisBank: 'On this bank',
  scales: 'Scales',
  sling: 'Sling',
  scaleZeroedTareRead: ({ weighMethod }: { weighMethod: string }) =>
    weighMethod === 'zeroed' ? 'Scale zeroed' : 'Tare read',
  theLastZeroIs: 'The last zero is of another day.',
  zeroedJustNow: 'Zeroed just now.',
  zeroedMinAgo: ({ minutes }: { minutes: number }) => `Zeroed ${minutes} min ago.`,
  theSlingHasRun: ({ age }: { age: string }) => `${age} The sling has run by about`,
  sinceDipItLet: 'since. Dip it, let it run off, zero again.',
  checkWithKnownMasses: ({ name }: { name: string }) => `${name}: check with known masses`,
  whatItShowsIn: 'What it shows in',
  stepOfTheScale: 'Step of the scale',
  classAsItStands: 'Class, as it stands on its plate; most hanging scales that have one are III, plain ones IIII',
  classOfTheScale: 'Class of the scale',
  whatWasHungAnd: 'What was hung, and what it showed',
  atLeastThreeFrom:
    'At least three, from light to about your heaviest. Kitchen weights do; so do bottles of water: the litres in them and how warm it is give the mass. Hang it as you weigh, by its loop. Zero it with the empty bag or bottle.',
  addAMass: 'Add a mass',
  theResultAppearsHere: 'The result appears here once three masses have been hung.',
  aCheckNeedsAt: 'A check needs at least three known masses.',
  itCouldNotBe: 'It could not be kept: this device may have no room left. What you typed is still here.',
  saveThisCheck: 'Save this check',
  earlierWeightsKeepThe: 'Earlier weights keep the check that applied then. No reading is changed.',
  noScalesStandIn: 'No scales stand in your kit.',
  addThemThere: 'Add them there',
  thenCompareThemWith: ', then compare them with known masses here.',
  stepsOfClass: ({ division, scaleClass }: { division: string; scaleClass: string }) =>
    `steps of ${division}, class ${scaleClass}`,
  neverComparedWithKnown:
    'Never compared with known masses. Its weights carry the whole limit of its class as uncertainty.',
  checkWithKnownMasses2: 'Check with known masses',
  trueAt: ({ at }: { at: string }) => `true at ${at}`,
  tooAt: ({ error, error2, at }: { error: string; error2: number; at: string }) =>
    `${error} too ${error2 > 0 ? 'much' : 'little'} at ${at}`,
  itWasDueAgain: ({ due }: { due: string }) => `It was due again on ${due}.`,
  nextCheckBy: ({ due }: { due: string }) => `Next check by ${due}.`,
  theLimitsOfIts: ({
    at,
    shows,
    within,
    shape,
    due,
  }: {
    at: string;
    shows: string;
    within: boolean;
    shape: string;
    due: string;
  }) =>
    `${at}: ${shows}, ${within ? 'within' : 'outside'} the limits of its class${shape === 'crooked' ? ', and uneven: nothing is corrected by it' : ''}. ${due}`,
  slings: 'Slings',
  noSlingStandsIn: 'No sling stands in your kit.',
  addItThere: 'Add it there',
  dryItWeighs: ({ mass }: { mass: string }) => ` Dry it weighs ${mass}.`,
  wetThroughItWeighs: ({
    runsGrams,
    runsGrams2,
    minutesToDrain,
  }: {
    runsGrams: string;
    runsGrams2: string;
    minutesToDrain: number;
  }) => `Wet through it weighs about ${runsGrams} and loses ${runsGrams2}, most of it in ${minutesToDrain} minutes`,
  ifItDrainsAs: ({ wet }: { wet: string }) =>
    `${wet}, if it drains as most do: weigh it a few times while it hangs, and it is known.`,
  minutesSinceItCame: 'Minutes since it came out of the water, from 0 on.',
  emptyItWeighs: 'Empty, it weighs',
  lbOz: '1 lb 10 oz',
  minutesItHasHung: 'Minutes it has hung',
  recordItWet: 'Record it wet',
  recordItDry: 'Record it dry',
  readItOffThe: 'Read it off the scale',
  itsOneWeighingIts: ({ taresCount }: { taresCount: number }) =>
    plural(taresCount, { one: 'Its one weighing', other: `Its ${taresCount} weighings` }),
  wetHungForMin: ({ hungMin }: { hungMin: number }) => `wet, hung for ${hungMin} min`,
  weighDesk: 'Weigh desk',
  yourGuesses: 'Your guesses',
  noGuessYetThe: ({ guessFirst }: { guessFirst: boolean }) =>
    guessFirst
      ? 'No guess yet: the next fish asks for one.'
      : 'Settings can ask for a guess before each reading. It trains the eye.',
  kg2: ({ grams }: { grams: number }) => `${grams} kg`,
  lb2: ({ gramsPerPound }: { gramsPerPound: number }) => `${gramsPerPound} lb`,
  guessesHalfOfThem: ({ count, off, whole }: { count: number; off: string; whole: string }) =>
    `${count} guesses, half of them within ${off}. ${whole}`,
  over: ({ fromGrams }: { fromGrams: string }) => `over ${fromGrams}`,
  upTo: ({ toGrams }: { toGrams: string }) => `up to ${toGrams}`,
  youSeeThemToo: ({ bias }: { bias: string }) => `You see them ${bias} too heavy.`,
  youSeeThemTooLight: ({ bias }: { bias: string }) => `You see them ${bias} too light.`,
  whatWasHung: ({ mass }: { mass: string }) => `What was hung: ${mass}`,
  whatItShowed: ({ reason }: { reason: string }) => `What it showed: ${reason}`,
  whatItShowed2: ({ read }: { read: string }) => `What it showed: ${read}`,
  litresOfWaterFrom: 'litres of water, from 0.1 to 50.',
  howWarmTheWater: 'how warm the water is, from 0 to 40 °C.',
  water: 'water',
});
