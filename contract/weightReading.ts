import { MassDto, ReadMassDto } from './measures.js';
import 'reflect-metadata';
import { IsIn, IsInt, IsNumber, Max, Min } from 'class-validator';
import { MOST_GRAMS } from '@keeper/core/measure/mass';
import {
  READING_WAYS,
  SCALE_SUPPORTS,
  type ReadingWay,
  type ScaleSupport,
} from '@keeper/core/domain/capture/weightReading';
import { WEIGH_METHODS, type WeighMethod } from '@keeper/core/domain/practice/weighMethod';
import { IsId, IsMoment, IsText, Nested, Maybe } from './fields.js';
import { IsAddable, IsUnderGross } from './possible.js';

/** What a second scale read of the same fish. */
export class AlsoReadDto {
  @Nested(() => ReadMassDto) asRead: ReadMassDto;
  @Maybe() @Nested(() => MassDto) @IsUnderGross() tare?: MassDto;
  @Maybe() @IsId() scalesId?: string;
}

export class WeightReadingDto {
  @Nested(() => ReadMassDto) asRead: ReadMassDto;
  @IsIn(WEIGH_METHODS) method: WeighMethod;
  @Maybe() @Nested(() => MassDto) @IsUnderGross() tare?: MassDto;
  @Maybe() @IsText(100) written?: string;
  @Maybe() @Nested(() => MassDto) sent?: MassDto;
  @Maybe() @IsIn(READING_WAYS) way?: ReadingWay;
  @Maybe() @IsId() scalesId?: string;
  @Maybe() @IsId() slingId?: string;
  @Maybe() @IsIn(SCALE_SUPPORTS) support?: ScaleSupport;
  @Maybe() @IsMoment() zeroedAt?: string;
  @Maybe() @IsMoment() readAt?: string;
  @Maybe() @IsNumber() @Min(0) @Max(5000) steadyGrams?: number;
  @Maybe() @IsInt() @Min(1) @Max(10_000) steadyFreedom?: number;
  @Maybe() @IsNumber() @Min(0) @Max(5000) resolutionGrams?: number;
  @Maybe() @IsNumber() @Min(0) @Max(MOST_GRAMS) settledGrams?: number;
  @Maybe() @Nested(() => AlsoReadDto) @IsAddable() also?: AlsoReadDto;
}
