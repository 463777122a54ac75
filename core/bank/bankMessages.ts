import type { TempUnit } from '../measure/temperature.js';
import type { FixtureKind, KitPiece } from '../domain/water/plan.js';
import type { MassSystem } from '../measure/mass.js';
import type { SpeciesId } from '../domain/fish/species.js';
import { messagesOf, type Message, type None } from '../measure/message.js';

/** What is said of a layout, of a rig and of being ready. */
export interface BankMessages {
  carry: { carryM: number; strides: number };
  carryReason: None;
  reachEverythingYouNeedIs: None;
  reachOutOfArmsReach: { outOfReach: readonly KitPiece[] };
  reachReason: None;
  groundTheMatLiesOn: None;
  groundTheMatLiesOnSoft: None;
  groundAHardFloorThe: None;
  groundUnderTheMat: { bank: 'grass' | 'gravel' | 'wading' };
  groundReason: None;
  hazardsNothingHardWithinFalling: None;
  hazardsWithinFallingDistanceOf: { near: readonly FixtureKind[] };
  hazardsReason: None;
  roomATrunkOrA: None;
  roomYouWorkUnderBranches: None;
  roomThereIsRoomRound: None;
  roomReason: None;
  powerLine: None;
  powerLineReason: None;
  kneelYouKneelAtThe: None;
  kneelYouKneelMFrom: { away: number };
  kneelReason: None;
  weighOverMatTheWeighBarStands: None;
  weighOverMatTheWeighBarStandsM: { away: number };
  weighOverMatReason: None;
  noOnThePlan: {
    piece:
      | 'net'
      | 'mat'
      | 'sling'
      | 'weigh-bar'
      | 'bucket'
      | 'kit-roll'
      | 'care-kit'
      | 'board'
      | 'camera'
      | 'brolly'
      | 'angler'
      | 'helper';
  };
  whatIsStillInIts: None;
  loadTestWordsNever: None;
  loadTestWordsOld: None;
  loadTestWordsAfterFish: None;
  loadTestWordsAfterSnag: None;
  leadStays: None;
  leadStaysReason: None;
  leadStaysChanges: None;
  linkTooStrong: { linkKg: number; system: MassSystem; mainLineKg: number };
  linkTooStrongReason: None;
  linkTooStrongChanges: { mainLineKg: number; system: MassSystem };
  noWireNoWireAPike: None;
  noWireNothingAgainstTeeth: None;
  noWireReason: None;
  noWireAWireTrace: None;
  noWireAWireOrHeavy: None;
  noUpTrace: None;
  noUpTraceReason: None;
  noUpTraceChanges: None;
  waterWantsBarbless: { barb: 'rolled' | 'micro' | 'barbed' };
  waterWantsBarblessReason: None;
  waterWantsBarblessChanges: None;
  barbStands: None;
  barbStandsReason: None;
  barbStandsChanges: None;
  notYourSchool: { barb: 'rolled' | 'micro' };
  notYourSchoolReason: None;
  notYourSchoolChanges: None;
  leadcore: None;
  leadcoreReason: None;
  leadcoreChanges: None;
  notLoadTestedReason: None;
  notLoadTestedChanges: None;
  comesFree: None;
  comesFreeReason: { lead: 'running' | 'drops-off' | 'pulls-free' | 'float' | 'none' };
  waterStandsBehindTheFish: None;
  greenStandsBehindTheFish: None;
  thePathRunsBehindThe: None;
  openGroundStandsBehindThe: None;
  backdropReason: None;
  at: { first: string };
  fromTo: { first: string; last: string };
  and: { spells: readonly Message[] };
  matShadeTheMatLiesIn: { text: Message };
  matShadeTheMatLiesInShade: None;
  matShadeReason: None;
  bucketShadeTheBucketStandsIn: { text: Message };
  bucketShadeTheBucketStandsInShade: None;
  bucketShadeReason: None;
  cameraLightTheSunFallsOn: None;
  cameraLightTheCameraShouldStand: { against: Message };
  cameraLightTheCameraLooksInto: { against: Message };
  cameraLightReason: None;
  expected: { species: readonly SpeciesId[] };
  notChecked: { text: Message };
  yourLargestHasAreWanted: {
    kind: 'net' | 'mat' | 'sling' | 'board';
    sizes: number[];
    lengthHabit: 'in' | 'cm';
    leastMm: number;
  };
  netLandingNetPutTogether: None;
  netAtLeastWideFor: { leastMm: number; lengthHabit: 'in' | 'cm'; longestMm: number };
  netReason: None;
  netNoNetStandsIn: None;
  cleanKitTheWatersOwnNet: None;
  cleanKitNetMatAndSling: None;
  cleanKitReason: None;
  cleanKitLastWetAtAnother: { unclean: readonly string[] };
  footingWadersBeltAndStaff: None;
  footingBootsOrWadersOn: None;
  footingReason: None;
  boatFloorPaddedFloorFixedSides: None;
  boatFloorReason: None;
  matMatLaidFaceDown: None;
  matMatLaidOnSoft: None;
  matAtLeastLongA: { leastMm: number; lengthHabit: 'in' | 'cm' };
  matOneSoakingLastsAbout: { soakLastsMs: number };
  matFaceUpAndDry: { size: Message; clock: string; lasts: Message | null };
  matFaceUpAndDryIt: { size: Message; clock: string };
  matReason: None;
  waterMeasuredWaterTemperatureTaken: None;
  waterMeasuredAt: { waterC: number; tempHabit: TempUnit };
  waterMeasuredReason: None;
  rigTrouble: { rig: string; trouble: Message | undefined };
  rigTroubles: { troubles: readonly Message[] };
  barblessOnly: None;
  waterMeasuredNotMeasuredOnThis: None;
  bucketBucketFilledFromThe: None;
  bucketChangeItBy: { clock: string };
  bucketReason: None;
  bucketOutOfArmsReach: None;
  slingWeighSlingSoakedZips: None;
  slingAtLeastLongFor: { leastMm: number; lengthHabit: 'in' | 'cm'; longestMm: number };
  slingReason: None;
  slingNoSlingStandsIn: None;
  scalesScalesHungAndZeroed: None;
  scalesScalesHungTareOf: None;
  scalesFromABarOr: None;
  scalesFromABarOrTripod: { clock: string; clock2: string };
  scalesReason: None;
  scalesNoScalesStandIn: None;
  scalesTheirBatteryIsLow: None;
  scalesNeverComparedWithA: None;
  scalesScaleCheckOverdueLast: { days: number };
  scalesTheZeroIsMinutes: { minutes: number };
  toolsLongPliersSideCutters: None;
  toolsForcepsPliersAndSide: None;
  toolsPliersAtLeastLong: { leastMm: number; lengthHabit: 'in' | 'cm'; longestMm: number };
  toolsWithinArmsReachOf: None;
  toolsReason: None;
  toolsOutOfArmsReach: None;
  toolsToReplace: { tools: readonly string[] };
  toolsNotOnALanyard: { loose: readonly string[] };
  spareHooksSpareHooksInThe: None;
  spareHooksReason: None;
  spareHooksCutHooksHaveNot: None;
  rigsEachRigLoadTested: None;
  rigsHeldUnderFullLoad: None;
  rigsReason: None;
  careKitAntisepticAndSealingPaste: None;
  careKitReason: None;
  careKitOutOfDate: { old: readonly string[] };
  noTreatmentCareKitStaysClosed: None;
  noTreatmentReason: None;
  cameraCameraInYourHelpers: None;
  cameraCameraOnItsStand: None;
  cameraReason: None;
  cameraItsBatteryIsLow: None;
  boardMeasuringBoardWetAnd: None;
  boardAtLeastLongFor: { leastMm: number; lengthHabit: 'in' | 'cm'; longestMm: number };
  boardReason: None;
  rolesWhoNetsWhoUnhooks: None;
  rolesReason: None;
  frostNothingOutOfThe: None;
  frostReason: None;
  lightHeadTorchChargedScreen: None;
  lightReason: None;
  hazardsPowerLineOverheadAnother: None;
  hazardsSteepEdgeWhereTo: None;
  hazardsStonesWhereTheFish: None;
  hazardsPeoplePassRodsAnd: None;
  hazardsACarbonRodNear: None;
  hazardsACarbonRodNearIt: None;
  rulesReadTheWatersRulesRead: None;
  rulesReadReason: None;
}

export const bankMessage = messagesOf<BankMessages>('bank');
