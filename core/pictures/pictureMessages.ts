import { messagesOf, type None } from '../measure/message.js';

/** What is said of a picture and of a length taken from it. */
export interface PicturesMessages {
  sharpEnoughToCountScales: None;
  blurredThePatternRunsTogether: None;
  elbowOnTheKneeTap: None;
  theWholeFishIsIn: None;
  aPartOfTheFish: None;
  halfAStepBackNose: None;
  brightEnough: None;
  tooDarkTheBackRuns: None;
  turnTheFishToThe: None;
  notBurntOut: None;
  tooBrightThePaleParts: None;
  tapOnTheFlankOr: None;
  noGlareThatHidesThe: None;
  wetGlareHidesAboutOf: { glare: number };
  tiltTheFishALittle: None;
  handsAreOutOfThe: None;
  aHandCoversTheGill: None;
  aHandCoversThePattern: None;
  bothHandsUnderTheBelly: None;
  noShadowAcrossTheNose: None;
  theEdgeOfAShadow: None;
  moveYourOwnShadowOff: None;
  theBackgroundIsClean: None;
  theBackgroundIsBusy: None;
  lowerWithWaterOrGrass: None;
  thePictureIsLevel: None;
  thePictureLeansDegrees: { horizonRad: number };
  straightenItOnTheBench: None;
  thePictureAgreesWithWhat: None;
  theNextMarkWasRead: { mm: number };
  theTipOfTheTail: None;
  theTailWasPinchedOn: None;
  theMouthIsOpenIn: None;
  theFishLiesNearerTo: None;
  theBoardIsInCentimetres: None;
  theBoardIsInInches: None;
  itMayBeThePicture: None;
  whatWasWrittenDownIs: { differenceMm: number; longer: boolean };
  checkNoseAndTailOne: None;
  tapThreeDifferentMarksOf: None;
  theMarksDoNotLine: None;
  theMarkAtMmLies: { atMm: number; offMm: number };
  tapNoseAndTail: None;
  noseAndTailAreAt: None;
  theObjectBesideItIs: None;
}

export const picturesMessage = messagesOf<PicturesMessages>('pictures');
