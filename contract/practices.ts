import 'reflect-metadata';
import { IsBoolean, IsIn, IsInt, Max, Min } from 'class-validator';
import { LENGTH_OF, type LengthOf } from '@keeper/core/domain/fish/bodyLength';
import * as ways from '@keeper/core/domain/practice/bankPractices';
import { BARB_PRACTICES, type BarbPractice } from '@keeper/core/domain/practice/barbPractice';
import { HOT_CAPTURE_PRACTICES, type HotCapturePractice } from '@keeper/core/domain/practice/hotCapturePractice';
import { STOP_PRACTICES, type StopPractice } from '@keeper/core/domain/practice/stopPractice';
import { WEIGH_METHODS, type WeighMethod } from '@keeper/core/domain/practice/weighMethod';
import { Maybe } from './fields.js';

const OWN_AIR = 'Seconds in the air are a whole number from 1 to 300.';

/** The ways with a fish that is on. Those that were added later may be left out. */
export class BankPracticesDto {
  @IsIn(ways.UNHOOK_PRACTICES) unhook: ways.UnhookPractice;
  @IsIn(ways.LIFT_PRACTICES) lift: ways.LiftPractice;
  @IsIn(ways.FIGHT_PRACTICES) fight: ways.FightPractice;
  @IsIn(ways.AIR_PRACTICES) air: ways.AirPractice;
  @IsInt({ message: OWN_AIR }) @Min(1, { message: OWN_AIR }) @Max(300, { message: OWN_AIR }) airOwnS: number;
  @IsIn(ways.KEEP_PRACTICES) keep: ways.KeepPractice;
  @Maybe() @IsIn(ways.GRIP_PRACTICES) grip?: ways.GripPractice;
  @Maybe() @IsIn(ways.WELS_GRIP_PRACTICES) welsGrip?: ways.WelsGripPractice;
  @Maybe() @IsIn(ways.SWALLOWED_PRACTICES) swallowed?: ways.SwallowedPractice;
  @Maybe() @IsIn(ways.PICTURE_PRACTICES) pictureAt?: ways.PicturePractice;
  @Maybe() @IsIn(ways.RECOVER_PRACTICES) recover?: ways.RecoverPractice;
  @Maybe() @IsIn(ways.GIVES_PRACTICES) gives?: ways.GivesPractice;
  @IsBoolean() weigh: boolean;
  @IsBoolean() measure: boolean;
  @IsBoolean() picture: boolean;
}

/** The ways of one water where they differ from those of everywhere else. */
export class WaterPracticesDto {
  @Maybe() @IsIn(ways.UNHOOK_PRACTICES) unhook?: ways.UnhookPractice;
  @Maybe() @IsIn(ways.LIFT_PRACTICES) lift?: ways.LiftPractice;
  @Maybe() @IsIn(ways.FIGHT_PRACTICES) fight?: ways.FightPractice;
  @Maybe() @IsIn(ways.AIR_PRACTICES) air?: ways.AirPractice;
  @Maybe() @IsInt({ message: OWN_AIR }) @Min(1, { message: OWN_AIR }) @Max(300, { message: OWN_AIR }) airOwnS?: number;
  @Maybe() @IsIn(ways.KEEP_PRACTICES) keep?: ways.KeepPractice;
  @Maybe() @IsIn(ways.GRIP_PRACTICES) grip?: ways.GripPractice;
  @Maybe() @IsIn(ways.WELS_GRIP_PRACTICES) welsGrip?: ways.WelsGripPractice;
  @Maybe() @IsIn(ways.SWALLOWED_PRACTICES) swallowed?: ways.SwallowedPractice;
  @Maybe() @IsIn(ways.PICTURE_PRACTICES) pictureAt?: ways.PicturePractice;
  @Maybe() @IsIn(ways.RECOVER_PRACTICES) recover?: ways.RecoverPractice;
  @Maybe() @IsIn(ways.GIVES_PRACTICES) gives?: ways.GivesPractice;
  @Maybe() @IsBoolean() weigh?: boolean;
  @Maybe() @IsBoolean() measure?: boolean;
  @Maybe() @IsBoolean() picture?: boolean;
  @Maybe() @IsIn(STOP_PRACTICES) stopSchool?: StopPractice;
  @Maybe() @IsIn(HOT_CAPTURE_PRACTICES) hotCaptureSchool?: HotCapturePractice;
  @Maybe() @IsIn(BARB_PRACTICES) barbSchool?: BarbPractice;
  @Maybe() @IsIn(WEIGH_METHODS) weighMethod?: WeighMethod;
  @Maybe() @IsIn(LENGTH_OF) lengthOf?: LengthOf;
}
