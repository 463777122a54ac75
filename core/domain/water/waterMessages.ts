import type { OwnKitRule, WaterRules } from './rules.js';
import type { ClosedSeason } from './season.js';
import type { SpeciesId } from '../fish/species.js';
import type { TempUnit } from '../../measure/temperature.js';
import { messagesOf, type None } from '../../measure/message.js';

/** What stands and lies in a swim, and its hazards. */
export interface WaterMessages {
  ruleOwnKit: { ownKit: OwnKitRule };
  ruleLeastNet: { mm: number; lengthHabit: 'in' | 'cm' };
  ruleLeastMat: { mm: number; lengthHabit: 'in' | 'cm' };
  ruleBarbless: None;
  ruleNoRetention: None;
  ruleRetention: { most: number };
  ruleTreatments: { treatments: NonNullable<WaterRules['treatments']> };
  ruleClosed: ClosedSeason;
  ruleStop: { species: SpeciesId; tempC: number; tempHabit: TempUnit };
  dayOfYear: { month: number; day: number };
  kitNet: None;
  kitMat: None;
  kitSling: None;
  kitWeighBar: None;
  kitBucket: None;
  kitKitRoll: None;
  kitCareKit: None;
  kitBoard: None;
  kitCamera: None;
  kitBrolly: None;
  kitAngler: None;
  kitHelper: None;
  fixtureTree: None;
  fixtureBush: None;
  fixtureStones: None;
  fixtureSoftGround: None;
  fixtureSteepEdge: None;
  fixturePath: None;
  fixturePowerLine: None;
  hazardStones: None;
  hazardPowerLine: None;
  hazardSteepEdge: None;
  hazardTraffic: None;
}

export const waterMessage = messagesOf<WaterMessages>('water');
