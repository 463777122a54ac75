import { localised } from '../../text/localised.js';
import { plural } from '@keeper/core/text/en-GB/plural';

/** Words of the screen “fish”, in British English. */
export const fishText = localised('fish', {
  days: ({ count }: { count: number }) => `${count} ${plural(count, { one: 'day', other: 'days' })}`,
  months: ({ count }: { count: number }) => `${count} ${plural(count, { one: 'month', other: 'months' })}`,
  years: ({ count }: { count: number }) => `${count} ${plural(count, { one: 'year', other: 'years' })}`,
  lastToday: '; last today',
  itWouldHaveShotUp: 'it would have grown faster than big fish do',
  tooFewWeights: 'Too few weights yet to tell its growth from its seasons.',
  howTheyGrow: ({ species }: { species: string }) => `How ${species} grow`,
  theyGrowTowards: ({ mostMm, apart }: { mostMm: string; apart: string }) =>
    `They grow towards about ${mostMm}. ${apart}`,
  left: 'Left',
  right: 'Right',
  captures: 'Captures',
  decisionsAreOnThe: 'Decisions are on the server, which cannot be reached.',
  catches: ({ decisionsCount }: { decisionsCount: number }) => ` (${decisionsCount} catches)`,
  theFlanks: ({ probability }: { probability: string }) => `The flanks: ${probability}.`,
  seeBoth: 'See both',
  takenBackOn: ({ takenBackAt }: { takenBackAt: string }) => ` Taken back on ${takenBackAt}.`,
  takeItBack: 'Take it back',
  anotherDay: 'another day',
  theCatchOf: ({ day }: { day: string }) => `The catch of ${day}`,
  wasLeftOpen: ({ captureId }: { captureId: string }) => `${captureId} was left open.`,
  isAnotherFishThan: ({ captureId, captureId2 }: { captureId: string; captureId2: string }) =>
    `${captureId} is another fish than ${captureId2}.`,
  thisFish: 'this fish',
  began: ({ captureId, name }: { captureId: string; name: string }) => `${captureId} began ${name}.`,
  is: ({ captureId, name }: { captureId: string; name: string }) => `${captureId} is ${name}.`,
  openingThePage: 'Opening the page…',
  noLongerInThe: 'No longer in the register',
  noCatchIsSaid: 'No catch is said to be of this fish now. What was decided stands below.',
  knownFish: 'Known fish',
  to: ({ id }: { id: string }) => `To ${id}`,
  isItOneFish: ({ doubt }: { doubt: string }) => `${doubt} Is it one fish?`,
  decisions: 'Decisions',
  inSwims: ({ names }: { names: string }) => ` (${names})`,
  waters: ({ names }: { names: readonly string[] }) => names.join(' and '),
  aWaterNotIn: 'a water not in this book',
  since: ({ startedAt }: { startedAt: string }) => ` since ${startedAt}`,
  on: ({ startedAt }: { startedAt: string }) => ` on ${startedAt}`,
  at: ({ water }: { water: string }) => `, at ${water}`,
  textSinceOnAt: ({ length, startedAt, water }: { length: string; startedAt: string; water: string }) =>
    `. ${length}${startedAt}${water}`,
  lastAgo: ({ days }: { days: string }) => `; last ${days} ago`,
  woundsAndHealing: 'Wounds and healing',
  friendsOnTheWater: 'Friends on the water',
  twoAnglersOnOne:
    'Two anglers on one water catch the same fish. A shared register says what fish look like, their names, and the months they were caught. Never a water, a swim or an hour.',
  registerOfJson: ({ from }: { from: string }) => `register of ${from}.json`,
  shareYours: 'Share yours',
  whoseRegisterItIs: 'Whose register it is',
  include: 'Include',
  weightsAndLengths: 'Weights and lengths',
  smallPictures: 'Small pictures',
  picturesShowWhatStands: 'Pictures show what stands behind the fish: look at them first.',
  aFileOf: ({ fishCount }: { fishCount: number }) =>
    `A file of ${plural(fishCount, { one: 'one fish', other: `${fishCount} fish` })}`,
  fishOfWithFlanks: ({ fish, from, flanks }: { fish: number; from: string; flanks: number }) =>
    `${fish} fish of ${from} with ${flanks} flanks are here now. They stay marked as theirs.`,
  theFileCouldNot: 'The file could not be read.',
  importAFriendsRegister: 'Import a friend’s register',
  chooseTheFile: 'Choose the file',
  oneFishFish: ({ fishCount }: { fishCount: number }) =>
    `, ${plural(fishCount, { one: 'one fish', other: `${fishCount} fish` })}`,
  importedOn: ({ receivedAt }: { receivedAt: string }) => `Imported on ${receivedAt}`,
  removeThisRegister: 'Remove this register',
  lookAtTheirFish: 'Look at their fish',
  flank: ({ name, side }: { name: string; side: string }) => `${name}, ${side} flank`,
  noPictureGiven: ({ flanksCount }: { flanksCount: number }) =>
    `${plural(flanksCount, { one: 'One flank', other: `${flanksCount} flanks` })}, no picture given`,
  cm: ({ mm }: { mm: string }) => `${mm} cm`,
  growth: 'Growth',
  weight: 'Weight',
  aboutAYearGive: ({
    seasonal,
    value,
    value2,
    expanded,
  }: {
    seasonal: boolean;
    value: number;
    value2: string;
    expanded: string;
  }) =>
    `${seasonal ? 'Without the seasonal swing it' : 'It'} ${value > 0 ? 'gains' : 'loses'} about ${value2} a year, give or take ${expanded}.`,
  theBandIsWhere: ({ expanded }: { expanded: string }) =>
    `${expanded} The band is where the next is expected; winters are shaded.`,
  length: ({ lengthText }: { lengthText: string }) => `Length: ${lengthText}.`,
  length2: 'Length',
  inIt: ({ inchMm }: { inchMm: string }) => `${inchMm} in`,
  atByFishMeasured: ({
    name,
    fish,
    middleMm,
    gainMm,
    growth,
    growth2,
  }: {
    name: string;
    fish: number;
    middleMm: string;
    gainMm: string;
    growth: string;
    growth2: string;
  }) =>
    `At ${name}, by ${fish} fish measured twice: one of ${middleMm} gains about ${gainMm} a year (${growth}, 19 in 20). ${growth2}`,
  atMeasuredTwice: ({
    name,
    pairsCount,
    leastFish,
    leastFish2,
  }: {
    name: string;
    pairsCount: number;
    leastFish: boolean;
    leastFish2: number;
  }) =>
    `At ${name} ${plural(pairsCount, { one: 'one fish was', other: `${pairsCount} fish were` })} measured twice${leastFish ? `; ${leastFish2} are needed to say how they grow there` : '; too few to give a rate of growth yet'}.`,
  fromNoneTo: ({ gainToMm }: { gainToMm: string }) => `from none to ${gainToMm}`,
  to2: ({ gainFromMm, gainToMm }: { gainFromMm: string; gainToMm: string }) => `${gainFromMm} to ${gainToMm}`,
  singleFishLieOff: ({ sdMm }: { sdMm: string }) => `Single fish lie ${sdMm} off it.`,
  howLongTheyGet: ({ apart }: { apart: string }) => `How long they get cannot be told from them yet. ${apart}`,
  inIt2: ({ title, unitName }: { title: string; unitName: string }) => `${title}, in ${unitName}`,
  nameAndNoteGive: ({ isNamed }: { isNamed: boolean }) => (isNamed ? 'Name and note' : 'Give it a name'),
  nameAndNote: 'Name and note',
  nameOrNumber: 'Name or number',
  anotherFishIsCalled: 'Another fish is called that:',
  isItTheSame: '. Is it the same one, or does one of them need another name?',
  howYouRecogniseIt: 'How you recognise it',
  keepIt: 'Keep it',
  thisDeviceCouldNot: 'This device could not keep it. Try again.',
  isThisFish: ({ fishId, fishId2 }: { fishId: string; fishId2: string }) => `“${fishId}” is this fish: “${fishId2}”`,
  itIsAlso: 'It is also…',
  firstOn: ({ length, startedAt }: { length: string; startedAt: string }) => `${length}, first on ${startedAt}`,
  splitFromAnotherFish: ({ fishId }: { fishId: string }) => `Split from “${fishId}”: another fish`,
  theseAreTwoFish: 'These are two fish…',
  whichCatchesAreAnother: 'Which catches are another fish?',
  catchesOfAnotherFish: 'Catches of another fish',
  makeThemAnotherFish: 'Make them another fish',
  noPicture: 'no picture',
  itsFlanks: 'Its flanks',
  noPictureYetTake: ({ name }: { name: string }) => `${name}: no picture yet. Take it next time.`,
  noneYetAFish:
    'None yet. A fish is known once you say who it is: ask “Who is this?” beside a picture of its flank, or sweep the book.',
  knownFishRecaptured: ({ fishCount, length, again }: { fishCount: number; length: boolean; again: number }) =>
    `${fishCount} known fish, ${length ? 'all' : again} recaptured.`,
  sweepTheBook: 'Sweep the book',
  kind: 'Kind',
  allKinds: 'All kinds',
  lastOn: ({ length, startedAt }: { length: string; startedAt: string }) => `${length}, last on ${startedAt}`,
  best: ', best',
  caughtOnce: 'Caught once',
  caughtTwice: 'Caught twice',
  caughtTimes: ({ times }: { times: number }) => `Caught ${times} times`,
  theSameDay: 'the same day',
  aboutTheSameOver: ({ time, u }: { time: string; u: string }) => `About the same over ${time} (give or take ${u})`,
  giveOrTakeIn: ({ by, by2, u, time }: { by: number; by2: string; u: string; time: string }) =>
    `${by > 0 ? 'Up' : 'Down'} ${by2} (give or take ${u}) in ${time}`,
  theyWereNotedAs: 'they were noted as fish of two kinds',
  theyWereAtTwo: 'they were at two waters, and fish do not walk',
  bothWereOnThe: 'both were on the bank at the same time',
  itWouldHaveShrunk: 'it would have shrunk: fish do not',
  itWouldHaveLost: 'it would have lost more than spawning or a winter takes',
  itWouldHavePut: 'it would have put on more than a season gives',
  and: ({ first, second, kind }: { first: string; second: string; kind: string }) => `${first} and ${second}: ${kind}.`,
});
