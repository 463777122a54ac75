import { localised } from '../../text/localised.js';
import { plural } from '@keeper/core/text/en-GB/plural';

/** Words of the screen “bank”, in British English. */
export const bankText = localised('bank', {
  leaveThemToday: 'leave them today',
  goWithCare: 'go with care',
  shouldWeFish: 'Should we fish?',
  atThisTemperatureAnd: ({ saturation }: { saturation: string }) =>
    `At this temperature and height the water holds at most ${saturation} mg/L of oxygen`,
  bensonAndKrause: '(Benson and Krause 1984)',
  localRulesAndLicences: 'Local rules and licences decide; this only advises.',
  ifOneIsHooked: 'If one is hooked all the same',
  yourChoice: 'your choice',
  forIt: ({ speaksFor }: { speaksFor: string }) => `For it: ${speaksFor}`,
  againstIt: ({ speaksAgainst }: { speaksAgainst: string }) => `Against it: ${speaksAgainst}`,
  callItOff: 'Call it off',
  thePlanLeavesThe:
    'The plan leaves the list of coming outings. Nobody fished, so it is not a blank and does not count. You can put it back on.',
  callThisOutingOff: 'Call this outing off',
  changeWhatIsPlanned: 'Change what is planned',
  changeIt: 'Change it',
  conditions: 'Conditions',
  withAForecastOr: ({ isPlaced }: { isPlaced: boolean }) =>
    isPlaced
      ? 'With a forecast, or with air and sky as you see them, the hours are drawn here: water, mat and bucket.'
      : 'Add the position of the swim or the water, and sun, shade and heat are worked out here. The position stays in this book.',
  withoutAForecastDrawn: 'Without a forecast: drawn as if the air and sky you noted stayed so.',
  measureTheWater: 'Measure the water',
  airAndSky: 'Air and sky',
  asking: 'Asking…',
  askTheForecastAgain: 'Ask the forecast again',
  askTheForecast: 'Ask the forecast',
  lookAt: 'Look at',
  hourShown: 'Hour shown',
  atTheSurface: 'at the surface',
  atTheDepthOf: 'at the depth of the net',
  onTheBottom: 'on the bottom',
  byHand: 'by hand',
  byTheProbe: 'by the probe',
  fromTheService: 'from the service',
  forecastForThisHour: ({
    airC,
    cloudOctas,
    windMs,
    windFromDeg,
    pressureHpa,
  }: {
    airC: string;
    cloudOctas: string;
    windMs: string;
    windFromDeg: string;
    pressureHpa: number;
  }) =>
    `Forecast for this hour: air ${airC}, ${cloudOctas}, wind ${windMs} m/s from the ${windFromDeg}, ${pressureHpa} hPa.`,
  noWaterTemperatureYet: 'No water temperature yet.',
  oxygenMgLAt: ({ value, at }: { value: string; at: string }) => `oxygen ${value} mg/L at ${at}`,
  airAt: ({ value, at }: { value: string; at: string }) => `air ${value} at ${at}`,
  at: ({ value, at }: { value: string; at: string }) => `${value} at ${at}`,
  windMSAt: ({ value, at }: { value: number; at: string }) => `wind ${value} m/s at ${at}`,
  hpaAt: ({ value, at }: { value: number; at: string }) => `${value} hPa at ${at}`,
  noted: ({ things }: { things: string }) => `Noted: ${things}.`,
  theSunDoesNot: 'The sun does not set.',
  theSunDoesNotRise: 'The sun does not rise.',
  sunUpFromTo: ({ riseMs, setMs }: { riseMs: string; setMs: string }) => `Sun up from ${riseMs} to ${setMs}.`,
  waterMeasuredAt: ({ waterC, where, source, atMs }: { waterC: string; where: string; source: string; atMs: string }) =>
    `Water ${waterC}${where}, measured ${source} at ${atMs}.`,
  aFewClouds: 'a few clouds',
  halfCloudy: 'half cloudy',
  mostlyCloud: 'mostly cloud',
  mat: ({ matC }: { matC: number }) => `mat ${matC}°`,
  whatWasMeasuredReadings: ({ conditionsCount }: { conditionsCount: number }) =>
    `What was measured: ${conditionsCount} readings.`,
  theHoursFromTo: ({
    atMs,
    atMs2,
    water,
    water2,
    mat,
    measured,
  }: {
    atMs: string;
    atMs2: string;
    water: string;
    water2: string;
    mat: string;
    measured: number;
  }) =>
    `The hours from ${atMs} to ${atMs2}: water between ${water} and ${water2} degrees C, the mat up to ${mat}. The water was measured ${measured} times.`,
  aSwimThatIs: 'a swim that is archived',
  theDay: 'The day',
  to: ({ fromMs, endMs, fromMs2 }: { fromMs: string; endMs: string; fromMs2: string }) =>
    `${fromMs} to ${endMs}, ${fromMs2}`,
  dropped: ({ runsDropped }: { runsDropped: number }) =>
    `; ${runsDropped} ${plural(runsDropped, { one: 'run', other: 'runs' })} dropped`,
  beganAt: 'Began at',
  movedTo: ({ at }: { at: string }) => `${at}, moved to`,
  beganAtMovedTo: ({ at, swimId }: { at: string; swimId: string }) => `${at} ${swimId}.`,
  water: ({ waterC, depth }: { waterC: string; depth: string }) => `water ${waterC}${depth}`,
  air: ({ airC }: { airC: string }) => `air ${airC}`,
  oxygenMgL: ({ oxygenMgL }: { oxygenMgL: string }) => `oxygen ${oxygenMgL} mg/L`,
  cloudOf: ({ cloudOctas }: { cloudOctas: number }) => `cloud ${cloudOctas} of 8`,
  windMS: ({ windMs }: { windMs: number }) => `wind ${windMs} m/s`,
  hpa: ({ pressureHpa }: { pressureHpa: number }) => `${pressureHpa} hPa`,
  aBlank: 'A blank',
  oneFish: 'One fish',
  fish: ({ landed }: { landed: number }) => `${landed} fish`,
  lost: ({ lost }: { lost: number }) => `${lost} lost`,
  dropped2: ({ runsDropped }: { runsDropped: number }) =>
    `${runsDropped} ${plural(runsDropped, { one: 'run', other: 'runs' })} dropped`,
  endTheOuting: 'End the outing',
  aBlankBelongsIn:
    'A blank belongs in the book as much as a catch does: it says something about the day, the swim and the rigs.',
  anythingToRemember: 'Anything to remember',
  kitReplaceHooksRinse: 'Kit: replace hooks, rinse and dry, dip what goes to another water.',
  putItInThe: 'Put it in the book',
  matAndBucket: 'Mat and bucket',
  soaked: 'Soaked',
  turnedFaceDownTurned: ({ face }: { face: string }) => (face === 'up' ? 'Turned face down' : 'Turned face up'),
  bucketChanged: 'Bucket changed',
  oxygenIsANumber: ({ mostOxygenMgl }: { mostOxygenMgl: number }) =>
    `Oxygen is a number between 0 and ${mostOxygenMgl} mg/L.`,
  readOffTheThermometer: 'Read off the thermometer',
  whereItWasTaken: 'Where it was taken',
  atTheSurface2: 'At the surface',
  atTheDepthOfThe: 'At the depth of the net',
  onTheBottom2: 'On the bottom',
  anotherValue: 'Another value',
  oxygenFromAMeter: 'Oxygen from a meter, mg/L',
  takeIt: 'Take it',
  planAnOuting: 'Plan an outing',
  chooseAWater: 'Choose a water.',
  swim: 'Swim',
  anotherSwimDescribeThe: ({ swimsCount }: { swimsCount: number }) =>
    swimsCount > 0 ? 'Another swim' : 'Describe the swim: where one faces, the ground, the hazards',
  itCouldNotBe: 'It could not be kept: this device may have no room left. What you chose is still here.',
  planIt: 'Plan it',
  outingsInTheBook: 'Outings in the book',
  to2: ({ fromMs, toMs }: { fromMs: string; toMs: string }) => `${fromMs} to ${toMs}`,
  anOuting: ({ name }: { name: undefined | string }) => name ?? 'An outing',
  calledOff: 'Called off.',
  itsTimeIsOver:
    'Its time is over and it was never ended. The advice here no longer applies; end it to put it in the book.',
  planAnotherOuting: 'Plan another outing',
  putItBackOn: ({ calledOff }: { calledOff: boolean }) => (calledOff ? 'Put it back on' : 'It is not over: carry on'),
  openingTheOuting: 'Opening the outing…',
  careOfMatAnd: 'care of mat and bucket',
  droppedRun: 'dropped run',
  theForecastCouldNot: 'The forecast could not be fetched.',
  enterWhatYouSee: ({ why }: { why: string }) => `${why} Enter what you see and measure by hand.`,
  ofYou: ({ companions }: { companions: number }) => `${companions} of you`,
  alone: 'alone',
  to3: ({ day, fromMs, toMs, companions }: { day: string; fromMs: string; toMs: string; companions: string }) =>
    `${day}, ${fromMs} to ${toMs}, ${companions}`,
  youLookOverThe: ({ name, facingDeg }: { name: string; facingDeg: string }) =>
    `${name}; you look ${facingDeg} over the water. `,
  thePlanOfThe: 'The plan of the bank',
  openThePlan: 'Open the plan',
  changeThePlanLay: ({ isLaidOut }: { isLaidOut: boolean }) => (isLaidOut ? 'Change the plan' : 'Lay out the bank'),
  yourUsualLayoutOn: 'Your usual layout on this swim. ',
  theRulesOf: ({ name }: { name: string }) => `The rules of ${name}`,
  noneWrittenDownYet: 'None written down yet.',
  watchOut: 'Watch out:',
  addOrChangeRules: 'Add or change rules',
  duringTheDay: 'During the day',
  rods: 'Rods',
  rodHours: ({ rodTime }: { rodTime: string }) => `${rodTime} of rod time`,
  castTheFirstRod: 'Cast the first rod',
  anotherRod: 'Another rod',
  castItSo: 'Cast it so',
  castAgain: 'Cast again',
  takeItIn: 'Take it in',
  noBaitNamed: 'No bait named',
  fishesFor: ({ span }: { span: string }) => `Fishing for ${span}`,
  inFor: ({ span, fish }: { span: string; fish: boolean }) => (fish ? `Took a fish ${span} ago` : `In for ${span}`),
  changeTheBait: 'Other bait',
  changeTheRig: 'Rig or place',
  anotherWord: 'Another bait…',
  anotherPlace: 'Another place, or by hand…',
  missedBite: 'Missed bite',
  lostFish: 'Lost fish',
  moveTo: ({ name }: { name: string }) => `Move to ${name}`,
  castRod: 'cast',
  rodTakenIn: 'rod in',
  rodSpell: ({ at, rod, told, span }: { at: string; rod: number; told: string; span: string }) =>
    `${at}: rod ${rod} in${told && `, ${told}`}, for ${span}.`,
  rodTimeInAll: ({ rodTime }: { rodTime: string }) => `${rodTime} of rod time in all.`,
  bitesMissed: ({ count }: { count: number }) => `${count} ${plural(count, { one: 'bite', other: 'bites' })} missed`,
  droppedRun2: 'Dropped run',
  soFar: ({ runsDropped }: { runsDropped: number }) => `, ${runsDropped} so far`,
  takeBackTheLast: 'Take back the last',
  moveToAnotherSwim: 'Move to another swim',
  aWater: 'A water',
  calledOff2: 'called off',
  notEnded: ({ expected }: { expected: string }) => `not ended; ${expected}`,
  chooseAStart: 'Choose a start.',
  chooseAnEnd: 'Choose an end.',
  itEndsBeforeIt: 'It ends before it begins. Is it the day after?',
  longerThanTwoWeeks: 'Longer than two weeks is more than one outing.',
  from: 'From',
  untilAbout: 'Until about',
  fishingFor: 'Fishing for',
  expectedSpecies: 'Expected species',
  withWhom: 'With whom?',
  howManyOfYou: 'How many of you',
  aloneFirst: 'Alone',
  twoOfUs: 'Two of us',
  threeOrMore: 'Three or more',
  readAThermometerAnd: 'Read a thermometer and enter it by hand.',
  theDoesNotAnswer: ({ name }: { name: string }) => `The ${name} does not answer in time.`,
  theProbeCouldNot: 'The probe could not be reached.',
  takeThisReading: 'Take this reading',
  lookingForThe: ({ name }: { name: string }) => `Looking for the ${name}…`,
  useTheSimulatedProbe: 'Use the simulated probe',
  useAProbeOver: 'Use a probe over Bluetooth',
  ready: 'Ready.',
  readyOpen: ({ open }: { open: number }) =>
    `Ready; ${plural(open, { one: 'one small thing is', other: `${open} small things are` })} open.`,
  notReadyOpen: ({ essentials }: { essentials: number }) =>
    `Not ready: ${plural(essentials, { one: 'one thing that matters is', other: `${essentials} things that matter are` })} open.`,
  notHereText: ({ severity, text }: { severity: string; text: string }) =>
    `${severity === 'stop' ? 'Not here: ' : ''}${text}`,
  air2: 'Air',
  sky: 'Sky',
  wind: 'Wind',
  aBarometerReducedTo: 'A barometer, reduced to sea level, shows between 850 and 1100 hPa.',
  airAnotherValue: 'Air, another value',
  barometerHpa: 'Barometer, hPa',
  faceUp: 'face up',
  faceDown: 'face down',
  theMatIsBurning: ({ matC }: { matC: string }) =>
    `The mat is burning hot now, at about ${matC}. Soak it, shade it, or turn it face down.`,
  theMatIsAt: ({ matC, waterC }: { matC: string; waterC: string }) =>
    `The mat is at about ${matC}, too warm for a fish from water at ${waterC}. Soak it before use.`,
  dryItIsBurning: ({ matBurnsMs }: { matBurnsMs: string }) => ` Dry, it is burning hot from about ${matBurnsMs}.`,
  theSoakingLastsUntil: ({ matDryMs, after }: { matDryMs: string; after: string }) =>
    `The soaking lasts until about ${matDryMs}.${after}`,
  oneSoakingThenLasts: ({ soakLastsMs }: { soakLastsMs: string }) => ` One soaking then lasts about ${soakLastsMs}.`,
  lyingTheMatWill: ({ lies, matBurnsMs, lasts }: { lies: string; matBurnsMs: string; lasts: string }) =>
    `Lying ${lies}, the mat will be burning hot from about ${matBurnsMs}.${lasts}`,
  lyingTheMatIs: ({ lies, matWarmMs }: { lies: string; matWarmMs: string }) =>
    `Lying ${lies}, the mat is too warm for a fish from about ${matWarmMs}.`,
  lyingTheMatStays: ({ lies }: { lies: string }) => `Lying ${lies}, the mat stays cool enough through these hours.`,
  changeTheBucketIt: ({ bucketC, waterC }: { bucketC: string; waterC: string }) =>
    `Change the bucket: it is at about ${bucketC} against ${waterC} in the lake.`,
  changeTheBucketBy: ({ bucketWarmMs }: { bucketWarmMs: string }) =>
    `Change the bucket by ${bucketWarmMs}: from then it is three degrees above the lake.`,
  theBucketStaysNear: 'The bucket stays near the lake through these hours.',
  go: 'go',
  where: 'Where?',
  measurement: 'measurement',
  when: 'When?',
  ready2: 'Ready?',
});
