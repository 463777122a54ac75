import 'reflect-metadata';
import { IsBoolean, IsIn, IsInt, Max, Min } from 'class-validator';
import { LENGTH_OF, type LengthOf } from '@keeper/core/domain/fish/bodyLength';
import {
  AIR_PRACTICES,
  BOARD_PRACTICES,
  FIGHT_PRACTICES,
  GIVES_PRACTICES,
  GRIP_PRACTICES,
  KEEP_PRACTICES,
  LIFT_PRACTICES,
  PICTURE_PRACTICES,
  RECOVER_PRACTICES,
  SWALLOWED_PRACTICES,
  UNHOOK_PRACTICES,
  WELS_GRIP_PRACTICES,
  type AirPractice,
  type BoardPractice,
  type FightPractice,
  type GivesPractice,
  type GripPractice,
  type KeepPractice,
  type LiftPractice,
  type PicturePractice,
  type RecoverPractice,
  type SwallowedPractice,
  type UnhookPractice,
  type WelsGripPractice,
} from '@keeper/core/domain/practice/bankPractices';
import { BARB_PRACTICES, type BarbPractice } from '@keeper/core/domain/practice/barbPractice';
import { HOT_CAPTURE_PRACTICES, type HotCapturePractice } from '@keeper/core/domain/practice/hotCapturePractice';
import { STOP_PRACTICES, type StopPractice } from '@keeper/core/domain/practice/stopPractice';
import { WEIGH_METHODS, type WeighMethod } from '@keeper/core/domain/practice/weighMethod';
import { Maybe } from './fields.js';

const OWN_AIR = 'Seconds in the air are a whole number from 1 to 300.';

/** The ways with a fish that is on. Those that were added later may be left out. */
export class BankPracticesDto {
  @IsIn(UNHOOK_PRACTICES) unhook: UnhookPractice;
  @IsIn(LIFT_PRACTICES) lift: LiftPractice;
  @IsIn(FIGHT_PRACTICES) fight: FightPractice;
  @IsIn(AIR_PRACTICES) air: AirPractice;
  @IsInt({ message: OWN_AIR }) @Min(1, { message: OWN_AIR }) @Max(300, { message: OWN_AIR }) airOwnS: number;
  @IsIn(KEEP_PRACTICES) keep: KeepPractice;
  @Maybe() @IsIn(GRIP_PRACTICES) grip?: GripPractice;
  @Maybe() @IsIn(WELS_GRIP_PRACTICES) welsGrip?: WelsGripPractice;
  @Maybe() @IsIn(SWALLOWED_PRACTICES) swallowed?: SwallowedPractice;
  @Maybe() @IsIn(PICTURE_PRACTICES) pictureAt?: PicturePractice;
  @Maybe() @IsIn(BOARD_PRACTICES) boardAt?: BoardPractice;
  @Maybe() @IsIn(RECOVER_PRACTICES) recover?: RecoverPractice;
  @Maybe() @IsIn(GIVES_PRACTICES) gives?: GivesPractice;
  @IsBoolean() weigh: boolean;
  @IsBoolean() measure: boolean;
  @IsBoolean() picture: boolean;
}

/** The ways of one water where they differ from those of everywhere else. */
export class WaterPracticesDto {
  @Maybe() @IsIn(UNHOOK_PRACTICES) unhook?: UnhookPractice;
  @Maybe() @IsIn(LIFT_PRACTICES) lift?: LiftPractice;
  @Maybe() @IsIn(FIGHT_PRACTICES) fight?: FightPractice;
  @Maybe() @IsIn(AIR_PRACTICES) air?: AirPractice;
  @Maybe() @IsInt({ message: OWN_AIR }) @Min(1, { message: OWN_AIR }) @Max(300, { message: OWN_AIR }) airOwnS?: number;
  @Maybe() @IsIn(KEEP_PRACTICES) keep?: KeepPractice;
  @Maybe() @IsIn(GRIP_PRACTICES) grip?: GripPractice;
  @Maybe() @IsIn(WELS_GRIP_PRACTICES) welsGrip?: WelsGripPractice;
  @Maybe() @IsIn(SWALLOWED_PRACTICES) swallowed?: SwallowedPractice;
  @Maybe() @IsIn(PICTURE_PRACTICES) pictureAt?: PicturePractice;
  @Maybe() @IsIn(BOARD_PRACTICES) boardAt?: BoardPractice;
  @Maybe() @IsIn(RECOVER_PRACTICES) recover?: RecoverPractice;
  @Maybe() @IsIn(GIVES_PRACTICES) gives?: GivesPractice;
  @Maybe() @IsBoolean() weigh?: boolean;
  @Maybe() @IsBoolean() measure?: boolean;
  @Maybe() @IsBoolean() picture?: boolean;
  @Maybe() @IsIn(STOP_PRACTICES) stopSchool?: StopPractice;
  @Maybe() @IsIn(HOT_CAPTURE_PRACTICES) hotCaptureSchool?: HotCapturePractice;
  @Maybe() @IsIn(BARB_PRACTICES) barbSchool?: BarbPractice;
  @Maybe() @IsIn(WEIGH_METHODS) weighMethod?: WeighMethod;
  @Maybe() @IsIn(LENGTH_OF) lengthOf?: LengthOf;
}
