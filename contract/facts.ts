import { BodyLengthDto, LengthDto, MassDto, ReadMassDto } from './measures.js';
import { WeightReadingDto } from './weightReading.js';
import 'reflect-metadata';
import { IsIn, IsOptional } from 'class-validator';
import { FORM_IDS, SPECIES_IDS, type FormId, type SpeciesId } from '@keeper/core/domain/fish/species';
import { ANGLERS, type Angler } from '@keeper/core/domain/capture/angler';
import { IsId, IsMoment, IsText, Maybe, Nested } from './fields.js';
import { PastDateDto } from './pastDate.js';
import { HasItsKeeper, HasItsTare, IsFormOfSpecies } from './possible.js';

export class AnglerDto {
  @IsIn(ANGLERS) @HasItsKeeper() who: Angler['who'];
  @Maybe() @IsText(80) name?: string;
  /** Which of the keepers, where it is one of them. */
  @Maybe() @IsId() keeperId?: string;
}

export class TakenDto {
  @IsMoment() at: string;
  @Maybe() @Nested(() => PastDateDto) dated?: PastDateDto;
}

export class FactsDto {
  @IsOptional() @IsIn(SPECIES_IDS) species?: SpeciesId | null;
  @IsOptional() @IsIn(FORM_IDS) @IsFormOfSpecies() form?: FormId | null;
  @IsOptional() @IsText(60) kindName?: string | null;
  @IsOptional() @IsId() waterId?: string | null;
  @IsOptional() @IsId() swimId?: string | null;
  @IsOptional() @IsId() outingId?: string | null;
  /** When it was, where the take was noted on a wrong day. */
  @Maybe() @Nested(() => TakenDto) taken?: TakenDto;
  @IsOptional() @Nested(() => WeightReadingDto) @HasItsTare() weight?: WeightReadingDto | null;
  @IsOptional() @Nested(() => BodyLengthDto) length?: BodyLengthDto | null;
  @IsOptional() @Nested(() => LengthDto) girth?: LengthDto | null;
  @IsOptional() @Nested(() => MassDto) guess?: MassDto | null;
  /** Where every scale there ended. */
  @IsOptional() @Nested(() => ReadMassDto) overScale?: ReadMassDto | null;
  /** Who caught it, where it was not the keeper. */
  @IsOptional() @Nested(() => AnglerDto) angler?: AnglerDto | null;
  @IsOptional() @IsText(4000) note?: string | null;
}
