import type { TempUnit } from '../measure/temperature.js';
import type { FixtureKind, KitPiece } from '../domain/water/plan.js';
import type { LegalSize } from '../domain/water/rules.js';
import type { MassSystem } from '../measure/mass.js';
import type { SpeciesId } from '../domain/fish/species.js';
import { messagesOf, type Message, type None } from '../measure/message.js';

/** A quiet time, and how often one so long comes of chance. */
interface QuietFigures {
  quietMs: number;
  rods: number;
  /** From 0 to 1. */
  chance: number;
}

/** What is said of a layout, of a rig and of being ready. */
export interface BankMessages {
  carry: { carryM: number; strides: number };
  carryReason: None;
  reachAll: None;
  reachOut: { outOfReach: readonly KitPiece[] };
  reachReason: None;
  groundHard: None;
  groundSoft: None;
  groundFloor: None;
  groundOther: { bank: 'grass' | 'gravel' | 'wading' };
  groundReason: None;
  fallClear: None;
  fallNear: { near: readonly FixtureKind[] };
  hazardsReason: None;
  roomTrunk: None;
  roomBranches: None;
  roomEnough: None;
  roomReason: None;
  powerLine: { withinM: number };
  powerLineReason: None;
  kneelAtMat: None;
  kneelAway: { away: number };
  kneelReason: None;
  weighBarAtMat: None;
  weighBarAway: { away: number };
  weighOverMatReason: None;
  missingOnPlan: {
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
  missingOnPlanReason: None;
  moveAfterPredator: None;
  moveAfterPredatorReason: None;
  quietUnknown: { rodMs: number };
  quietUsual: QuietFigures;
  quietMove: QuietFigures;
  quietReason: { ownSigns: number; ownRodMs: number; here: 'swim' | 'water' };
  loadTestNever: None;
  loadTestOld: None;
  loadTestAfterFish: None;
  loadTestAfterSnag: None;
  leadStays: None;
  leadStaysReason: None;
  leadStaysChanges: None;
  linkTooStrong: { linkKg: number; system: MassSystem; mainLineKg: number };
  linkTooStrongReason: None;
  linkTooStrongChanges: { mainLineKg: number; system: MassSystem };
  hookHolds: { hookOpensKg: number; mainLineKg: number; system: MassSystem };
  hookHoldsReason: None;
  hookHoldsChanges: { mainLineKg: number; system: MassSystem };
  hookNotTried: None;
  hookNotTriedReason: None;
  hookNotTriedChanges: None;
  noWirePike: None;
  noWire: None;
  noWireReason: None;
  noWirePikeChanges: None;
  noWireChanges: None;
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
  backdropWater: None;
  backdropGreen: None;
  backdropPath: None;
  backdropOpen: None;
  backdropReason: None;
  spellAt: { first: string };
  spellFromTo: { first: string; last: string };
  spells: { spells: readonly Message[] };
  matInSun: { text: Message };
  matInShade: None;
  matShadeReason: None;
  bucketInSun: { text: Message };
  bucketInShade: None;
  bucketShadeReason: None;
  cameraLightGood: None;
  cameraLightOtherSide: { against: Message };
  cameraLightAgainst: { against: Message };
  cameraLightReason: None;
  expected: { species: readonly SpeciesId[] };
  notChecked: { text: Message };
  tooSmall: {
    kind: 'net' | 'mat' | 'sling' | 'board';
    sizes: number[];
    lengthHabit: 'in' | 'cm';
    leastMm: number;
  };
  net: None;
  netSize: { leastMm: number; lengthHabit: 'in' | 'cm'; longestMm: number };
  netReason: None;
  netMissing: None;
  cleanKitSupplied: None;
  cleanKit: None;
  cleanKitReason: None;
  cleanKitUnclean: { unclean: readonly string[] };
  footingWading: None;
  footing: None;
  footingReason: None;
  boatFloor: None;
  boatFloorReason: None;
  matHot: None;
  mat: None;
  matSize: { leastMm: number; lengthHabit: 'in' | 'cm' };
  matSoakLasts: { soakLastsMs: number };
  matBurns: { size: Message; clock: string; lasts: Message | null };
  matTooWarm: { size: Message; clock: string };
  matReason: None;
  waterMeasured: None;
  waterMeasuredAt: { waterC: number; tempHabit: TempUnit };
  waterMeasuredReason: None;
  rigTrouble: { rig: string; trouble: Message | undefined };
  rigTroubles: { troubles: readonly Message[] };
  barblessOnly: None;
  waterNotMeasured: None;
  bucket: None;
  bucketChange: { clock: string };
  bucketReason: None;
  bucketOut: None;
  sling: None;
  slingSize: { leastMm: number; lengthHabit: 'in' | 'cm'; longestMm: number };
  slingReason: None;
  slingMissing: None;
  scalesZeroed: None;
  scalesTare: None;
  scalesHang: None;
  scalesZeroedAt: { clock: string; clock2: string };
  scalesReason: None;
  scalesMissing: None;
  scalesBattery: None;
  scalesNeverChecked: None;
  scalesCheckOverdue: { days: number };
  scalesZeroOld: { minutes: number };
  toolsToothed: None;
  tools: None;
  toolsPliers: { leastMm: number; lengthHabit: 'in' | 'cm'; longestMm: number };
  toolsReach: None;
  toolsReason: None;
  toolsOut: None;
  toolsToReplace: { tools: readonly string[] };
  toolsLoose: { loose: readonly string[] };
  spareHooks: None;
  spareHooksReason: None;
  spareHooksOwed: None;
  rigs: None;
  rigsHeld: None;
  rigsReason: None;
  careKit: None;
  careKitReason: None;
  careKitOld: { old: readonly string[] };
  noTreatment: None;
  noTreatmentReason: None;
  cameraHelper: None;
  camera: None;
  cameraReason: None;
  cameraBattery: None;
  board: None;
  boardSize: { leastMm: number; lengthHabit: 'in' | 'cm'; longestMm: number };
  boardReason: None;
  roles: None;
  rolesReason: None;
  frost: None;
  frostReason: None;
  light: None;
  lightReason: None;
  hazardPowerLine: None;
  hazardSteepEdge: None;
  hazardStones: None;
  hazardTraffic: None;
  swimHazardsReason: None;
  hazardsPowerLineProblem: None;
  licence: None;
  licenceUntil: { atMs: number };
  licenceReason: None;
  licenceLapsed: { names: readonly string[] };
  licenceSoon: { names: readonly string[] };
  guide: None;
  guideReason: None;
  closedAreas: None;
  closedAreasAre: { areas: readonly string[] };
  closedAreasReason: None;
  legalSizes: None;
  legalSizesAre: { sizes: readonly LegalSize[]; lengthHabit: 'in' | 'cm' };
  legalSizesReason: None;
  rulesRead: None;
  rulesReadReason: None;
}

export const bankMessage = messagesOf<BankMessages>('bank');
