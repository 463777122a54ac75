import 'reflect-metadata';
import { IsBoolean, IsIn, IsInt, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { KIT_KINDS, type KitItem, type KitKind } from '@keeper/core/domain/kit/kit';
import { MOST_GRAMS } from '@keeper/core/measure/mass';
import { SCALE_CLASSES, type ScaleClass } from '@keeper/core/domain/kit/scaleSpec';
import { MassDto, ReadMassDto } from './measures.js';
import type { Archived } from './rows.js';
import { IsId, IsMoment, IsCalendarDay, IsName, Nested, NestedList, Maybe } from './fields.js';

const SIZE = 'A size is a length between 1 cm and 5 m.';
const MESH = 'A mesh is between 1 mm and 10 cm wide.';
const PADDING = 'A padding is between 1 mm and 30 cm thick.';
const BEARS = `What it bears lies between 0.5 and ${MOST_GRAMS / 1000} kg.`;

export class TareNoteDto {
  @IsMoment() at: string;
  @IsBoolean() wet: boolean;
  @Nested(() => MassDto) mass: MassDto;
  @Maybe() @IsNumber() @Min(0) @Max(24 * 60) hungMin?: number;
}

const KNOWN = 'A known mass is between 1 g and 200 kg.';

export class CheckPointDto {
  @IsIn(['known-mass', 'water']) how: 'known-mass' | 'water';
  @IsNumber({}, { message: KNOWN }) @Min(1, { message: KNOWN }) @Max(200_000, { message: KNOWN }) trueGrams: number;
  @IsNumber() @Min(0.001) @Max(5000) uGrams: number;
  @Nested(() => MassDto) shown: MassDto;
}

export class ScaleCheckDto {
  @IsMoment() at: string;
  @NestedList(() => CheckPointDto, {
    least: 3,
    most: 40,
    message: { least: 'A check needs at least three known masses.' },
  })
  points: CheckPointDto[];
}

export class ScaleSpecDto {
  @Nested(() => MassDto) division: MassDto;
  @IsIn(SCALE_CLASSES) scaleClass: ScaleClass;
  @NestedList(() => ScaleCheckDto, { most: 200 }) checks: ScaleCheckDto[];
  @IsOptional() @Nested(() => ReadMassDto) capacity?: ReadMassDto | null;
  @IsOptional() @Nested(() => ReadMassDto) leastLoad?: ReadMassDto | null;
}

export class DisinfectionDto {
  @IsMoment() at: string;
  @IsIn(['dipped', 'dried']) how: 'dipped' | 'dried';
}

export class LastWaterDto {
  @IsId() waterId: string;
  @IsMoment() at: string;
}

/** A thing of the kit as it is written. */
export class WriteKitItemDto {
  @IsIn(KIT_KINDS) kind: KitKind;
  @IsName(120, 'It needs a name that you will know it by.')
  name: string;
  @IsOptional() @IsInt({ message: SIZE }) @Min(10, { message: SIZE }) @Max(5000, { message: SIZE }) sizeMm:
    number | null;
  @IsOptional() @IsInt({ message: MESH }) @Min(1, { message: MESH }) @Max(100, { message: MESH }) meshMm?:
    number | null;
  @IsOptional() @IsInt({ message: PADDING }) @Min(1, { message: PADDING }) @Max(300, { message: PADDING }) paddingMm?:
    number | null;
  @IsOptional()
  @IsNumber({}, { message: BEARS })
  @Min(500, { message: BEARS })
  @Max(MOST_GRAMS, { message: BEARS })
  capacityGrams?: number | null;
  @IsBoolean() onLanyard: boolean;
  @IsBoolean() spare: boolean;
  @IsBoolean() toReplace: boolean;
  @IsOptional() @IsIn(['full', 'low']) charge: 'full' | 'low' | null;
  @IsOptional()
  @IsCalendarDay('The last day that it is good, as year-month-day.')
  inDateUntil: string | null;
  @NestedList(() => TareNoteDto, { most: 500 }) tares: TareNoteDto[];
  @IsOptional() @IsMoment() checkedAt: string | null;
  @IsOptional() @Nested(() => ScaleSpecDto) scale?: ScaleSpecDto | null;
  @IsOptional() @Nested(() => DisinfectionDto) disinfected: DisinfectionDto | null;
  @IsOptional() @Nested(() => LastWaterDto) lastWater: LastWaterDto | null;
  @IsOptional() @IsMoment() dryingSince?: string | null;
  @IsOptional() @IsId() waterId?: string | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptKitItem = Archived<KitItem>;
