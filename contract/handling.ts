import 'reflect-metadata';
import { IsIn } from 'class-validator';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/domain/fish/species';
import { Maybe } from './fields.js';
import { OfKeeperDto } from './keepers.js';

/** Which past is asked for: of one species, or of all. */
export class HandlingQueryDto extends OfKeeperDto {
  @Maybe() @IsIn(SPECIES_IDS) species?: SpeciesId;
}
