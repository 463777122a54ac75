import 'reflect-metadata';
import { IsIn, IsInt, IsNumber, Max, Min } from 'class-validator';
import {
  HOOK_HOLDS,
  LOSS_REASONS,
  MOST_RODS,
  ROD_BOUNDS,
  TACKLE_LEFT,
  type HookHold,
  type LossReason,
  type TackleLeft,
} from '@keeper/core/domain/capture/rodFacts';
import { ROD_IN_REASONS, type RodInReason } from '@keeper/core/domain/outing/rods';
import { IsId, IsMoment, IsText, Maybe, Nested } from './fields.js';

const ROD = `Rods are counted from 1 to ${MOST_RODS}.`;
const { mostDistanceM, mostDepthM, mostGivenS, mostText } = ROD_BOUNDS;
const FAR = `A bait lies between 0 and ${mostDistanceM} m out.`;
const DEEP = `A bait lies between 0 and ${mostDepthM} m deep.`;

/** How a rod fishes. */
export class RodSetupDto {
  @Maybe() @IsId() rigId?: string;
  @Maybe() @IsText(mostText) rig?: string;
  @Maybe() @IsText(mostText) bait?: string;
  @Maybe() @IsText(mostText) method?: string;
  @Maybe() @IsText(mostText) place?: string;
  @Maybe()
  @IsNumber({}, { message: FAR })
  @Min(0, { message: FAR })
  @Max(mostDistanceM, { message: FAR })
  distanceM?: number;
  @Maybe()
  @IsNumber({}, { message: DEEP })
  @Min(0, { message: DEEP })
  @Max(mostDepthM, { message: DEEP })
  depthM?: number;
}

export class RodToldDto extends RodSetupDto {
  @Maybe() @IsInt({ message: ROD }) @Min(1, { message: ROD }) @Max(MOST_RODS, { message: ROD }) rod?: number;
  @Maybe() @IsNumber() @Min(0) @Max(mostGivenS) givenS?: number;
}

export class HookHeldDto {
  @IsIn(HOOK_HOLDS) hold: HookHold;
}

export class LossToldDto {
  @Maybe() @IsIn(LOSS_REASONS) reason?: LossReason;
  @Maybe() @IsIn(TACKLE_LEFT) left?: TackleLeft;
}

/** How a fish that was lost on a rod got away. */
export class LostHowDto extends LossToldDto {
  @IsId() of: string;
}

export class RodOutDto {
  @IsInt({ message: ROD }) @Min(1, { message: ROD }) @Max(MOST_RODS, { message: ROD }) rod: number;
  @Nested(() => RodSetupDto) setup: RodSetupDto;
  @IsMoment() when: string;
  /** Where it was cast, when the time is put right later. */
  @Maybe() @IsId() swimId?: string;
}

export class RodInDto {
  @IsInt({ message: ROD }) @Min(1, { message: ROD }) @Max(MOST_RODS, { message: ROD }) rod: number;
  @IsIn(ROD_IN_REASONS) why: RodInReason;
  @IsMoment() when: string;
}

/** A run dropped or a bite missed, on a rod where it was named. */
export class RodSignDto {
  @Maybe() @IsInt({ message: ROD }) @Min(1, { message: ROD }) @Max(MOST_RODS, { message: ROD }) rod?: number;
  @Maybe() @IsMoment() when?: string;
}

export class FishLostDto extends RodSignDto {
  @Maybe() @IsIn(LOSS_REASONS) reason?: LossReason;
  @Maybe() @IsIn(TACKLE_LEFT) left?: TackleLeft;
}
