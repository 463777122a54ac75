import 'reflect-metadata';
import { IsBoolean, IsIn, IsInt, IsNumber, IsOptional, Max, Min } from 'class-validator';
import {
  BARBS,
  LEADERS,
  LEADS,
  TRACES,
  type Barb,
  type Leader,
  type LeadArrangement,
  type Rig,
  type Trace,
} from '@keeper/core/domain/kit/rig';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/domain/fish/species';
import type { Archived } from './rows.js';
import { IsMoment, IsName, NestedList } from './fields.js';

const STRAIN = 'A breaking strain lies between 1 lb (0.45 kg) and 220 lb (100 kg).';
const HOOK = 'A hook size is a whole number as on the packet, from 1 to 26.';

export class LoadTestDto {
  @IsMoment() at: string;
  @IsNumber() @Min(0) @Max(600) heldS: number;
}

/** A rig as it is written. */
export class WriteRigDto {
  @IsName(120, 'A rig needs a name that you will know it by.')
  name: string;
  @IsIn(SPECIES_IDS) species: SpeciesId;
  @IsNumber({}, { message: STRAIN }) @Min(0.45, { message: STRAIN }) @Max(100, { message: STRAIN }) mainLineKg: number;
  @IsIn(LEADERS) leader: Leader;
  @IsNumber({}, { message: STRAIN }) @Min(0.45, { message: STRAIN }) @Max(100, { message: STRAIN }) linkKg: number;
  @IsInt({ message: HOOK }) @Min(1, { message: HOOK }) @Max(26, { message: HOOK }) hookSize: number;
  @IsOptional()
  @IsNumber({}, { message: STRAIN })
  @Min(0.45, { message: STRAIN })
  @Max(100, { message: STRAIN })
  hookOpensKg?: number | null;
  @IsIn(BARBS) barb: Barb;
  @IsIn(LEADS) lead: LeadArrangement;
  @IsIn(TRACES) trace: Trace;
  @IsBoolean() upTrace: boolean;
  @NestedList(() => LoadTestDto, { most: 200 }) loadTests: LoadTestDto[];
  @IsOptional() @IsMoment() snaggedAt?: string | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptRig = Archived<Rig>;
