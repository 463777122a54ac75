import 'reflect-metadata';
import { IsIn, IsOptional } from 'class-validator';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/fish/species';

/** Whose past is asked for: of one species, or of all. */
export class HandlingQueryDto {
  @IsOptional() @IsIn(SPECIES_IDS) species?: SpeciesId;
}
