import 'reflect-metadata';
import { IsIn, IsInt, Min } from 'class-validator';
import { LENGTH_OF, type LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { LENGTH_UNITS, type LengthUnit } from '@keeper/core/measure/length';
import { MASS_UNITS, type MassUnit } from '@keeper/core/measure/mass';
import { Maybe } from './fields.js';
import { IsWeighable, IsOnABoard } from './possible.js';

export class MassDto {
  @IsIn(MASS_UNITS) unit: MassUnit;
  @IsInt() @Min(0) @IsWeighable() count: number;
}

const NO_WEIGHT = 'A weight of 0 is not a weight. Leave it out instead.';

/** A reading with something on the hook. */
export class ReadMassDto {
  @IsIn(MASS_UNITS) unit: MassUnit;
  @IsInt() @Min(1, { message: NO_WEIGHT }) @IsWeighable() count: number;
}

export class LengthDto {
  @IsIn(LENGTH_UNITS) unit: LengthUnit;
  @IsInt() @Min(1) @IsOnABoard() count: number;
}

export class BodyLengthDto extends LengthDto {
  /** To the tip of the tail, to the tip with the tail pinched, or to the fork. */
  @Maybe() @IsIn(LENGTH_OF) of?: LengthOf;
}

/** What a zeroed scale shows of a sling that has become lighter lies below zero. */
export class ShownDto {
  @IsIn(MASS_UNITS) unit: MassUnit;
  @IsInt() @IsWeighable() count: number;
}
