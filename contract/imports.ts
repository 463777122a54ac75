import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, Max, Min, ValidateIf } from 'class-validator';
import { DATE_ORDERS } from '@keeper/core/sheet/dateOrder';
import { MOST_COLUMNS, MOST_ROWS } from '@keeper/core/sheet/sheet';
import type { SheetAnswers } from '@keeper/core/sheet/sheetAnswers';
import { SHEET_FIELDS, type SheetField } from '@keeper/core/sheet/sheetField';
import { IsMoment, IsName, IsText, Nested } from './fields.js';
import type { Archived } from './rows.js';

/** What a column that is none of them is written as: a list in the book holds no gaps. */
export const LEFT_OUT = 'left-out';
const UNITS_OF_WEIGHT = ['lb', 'oz', 'kg', 'g'];
const UNITS_OF_LENGTH = ['in', 'cm', 'mm'];
const isSaid = (name: keyof SheetAnswers) => ValidateIf((answers: SheetAnswers) => answers[name] !== null);

/** How what can mean two things was read. */
export class SheetAnswersDto implements SheetAnswers {
  @isSaid('dateOrder') @IsIn(DATE_ORDERS) dateOrder: SheetAnswers['dateOrder'];
  @isSaid('weightUnit') @IsIn(UNITS_OF_WEIGHT) weightUnit: SheetAnswers['weightUnit'];
  @isSaid('dotted') @IsIn(['ounces', 'decimal']) dotted: SheetAnswers['dotted'];
  @isSaid('lengthUnit') @IsIn(UNITS_OF_LENGTH) lengthUnit: SheetAnswers['lengthUnit'];
  @isSaid('inches') @IsIn(['decimal', 'quarter']) inches: SheetAnswers['inches'];
  @isSaid('roughly') @IsIn(['take', 'leave']) roughly: SheetAnswers['roughly'];
}

/** A sheet that came in, as it is written: by it the next of its kind is read the same way, and it is taken back. */
export class WriteImportDto {
  @IsName(200, 'An import needs the name of its file.') name: string;
  @IsMoment() at: string;
  @IsInt() @Min(0) @Max(MOST_ROWS) fish: number;
  @IsArray() @ArrayMaxSize(MOST_COLUMNS) @IsText(4000, { each: true }) headings: string[];
  @IsArray() @ArrayMaxSize(MOST_COLUMNS) @IsIn([...SHEET_FIELDS, LEFT_OUT], { each: true }) mapping: (
    SheetField | typeof LEFT_OUT
  )[];
  @Nested(() => SheetAnswersDto) answers: SheetAnswersDto;
  /** Taken back: its fish are out of the book. */
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptImport = Archived<Omit<WriteImportDto, 'retired' | 'revision'>>;
