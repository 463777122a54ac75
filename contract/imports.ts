import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, Max, Min, ValidateIf } from 'class-validator';
import { MOST_COLUMNS, MOST_ROWS } from '@keeper/core/sheet/sheet';
import type { SheetAnswers } from '@keeper/core/sheet/sheetAnswers';
import { SHEET_FIELDS, type Mapping } from '@keeper/core/sheet/sheetField';
import { IsMoment, IsName, IsText, Nested } from './fields.js';
import type { Archived } from './rows.js';

const UNITS_OF_WEIGHT = ['lb', 'oz', 'kg', 'g'];
const UNITS_OF_LENGTH = ['in', 'cm', 'mm'];
const isSaid = (name: keyof SheetAnswers) => ValidateIf((answers: SheetAnswers) => answers[name] !== null);

/** How what can mean two things was read. */
export class SheetAnswersDto implements SheetAnswers {
  @isSaid('dayFirst') @IsBoolean() dayFirst: boolean | null;
  @isSaid('weightUnit') @IsIn(UNITS_OF_WEIGHT) weightUnit: SheetAnswers['weightUnit'];
  @isSaid('dotted') @IsIn(['ounces', 'decimal']) dotted: SheetAnswers['dotted'];
  @isSaid('lengthUnit') @IsIn(UNITS_OF_LENGTH) lengthUnit: SheetAnswers['lengthUnit'];
  @isSaid('roughly') @IsIn(['take', 'leave']) roughly: SheetAnswers['roughly'];
}

/** A sheet that came in, as it is written: by it the next of its kind is read the same way, and it is taken back. */
export class WriteImportDto {
  @IsName(200, 'An import needs the name of its file.') name: string;
  @IsMoment() at: string;
  @IsInt() @Min(0) @Max(MOST_ROWS) fish: number;
  @IsArray() @ArrayMaxSize(MOST_COLUMNS) @IsText(4000, { each: true }) headings: string[];
  @IsArray() @ArrayMaxSize(MOST_COLUMNS) @IsIn([...SHEET_FIELDS, null], { each: true }) mapping: Mapping;
  @Nested(() => SheetAnswersDto) answers: SheetAnswersDto;
  /** Taken back: its fish are out of the book. */
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptImport = Archived<Omit<WriteImportDto, 'retired' | 'revision'>>;
