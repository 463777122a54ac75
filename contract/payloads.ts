import { ConditionsDto } from './around.js';
import { FactsDto } from './facts.js';
import { ShownDto } from './measures.js';
import { PastDateDto } from './pastDate.js';
import { HookHeldDto, LossToldDto, RodToldDto } from './rods.js';
import { WeightReadingDto } from './weightReading.js';
import 'reflect-metadata';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  Matches,
  Max,
  Min,
  ValidateIf,
} from 'class-validator';
import {
  LAST_ELAPSED_MS,
  IDENTITIES,
  INTERRUPTIONS,
  LEAVINGS,
  PICTURE_ROLES,
  RECOVERY_SIGNS,
  type EventType,
  type Identified,
  type Interruption,
  type Leaving,
  type PictureRole,
  type RecoverySign,
} from '@keeper/core/domain/capture/event';
import { PROOF_CHECKS, type ProofCheck } from '@keeper/core/domain/meeting/putForward';
import { GAPS_TOLD, type GapTold } from '@keeper/core/domain/capture/gapTold';
import { SIGNS, type Sign } from '@keeper/core/domain/capture/sign';
import { FLANK_BOUNDS } from '@keeper/core/domain/fish/flankPoint';
import {
  TREATMENTS,
  WOUND_KINDS,
  WOUND_SIDES,
  type Treatment,
  type WoundKind,
  type WoundSide,
} from '@keeper/core/domain/fish/wound';
import { SHA256 } from './limits.js';
import { READING_WAYS, type ReadingWay } from '@keeper/core/domain/capture/weightReading';
import { PictureReadDto } from './pictureReading.js';
import { IsId, IsText, IsReason, Nested, Maybe } from './fields.js';

export class NothingDto {}

/** Which import a fish came in with, and the key of its row. */
export class ImportedDto {
  @IsId() importId: string;
  @IsText(64) key: string;
}

export class HookedDto {
  @Maybe() @Nested(() => ConditionsDto) around?: ConditionsDto;
  @Maybe() @IsId() waterId?: string;
  @Maybe() @IsId() outingId?: string;
  @Maybe() @IsId() swimId?: string;
  @Maybe() @IsArray() @ArrayMaxSize(40) @IsText(300, { each: true }) gaps?: string[];
  /** The time zone of the place, an IANA name. */
  @Maybe() @IsText(64) zone?: string;
  /** Begun at the desk, with nothing known of how the fish was handled. */
  @Maybe() @IsIn(['pictures', 'memory']) from?: 'pictures' | 'memory';
  /** How exactly the day is known of a fish that is remembered. */
  @Maybe() @Nested(() => PastDateDto) dated?: PastDateDto;
  /** Whose device it was begun on; not there for the first keeper's. */
  @Maybe() @IsId() keeperId?: string;
  /** It came in with a sheet. */
  @Maybe() @Nested(() => ImportedDto) imported?: ImportedDto;
}

export class ReadingTakenDto {
  @Nested(() => WeightReadingDto) weight: WeightReadingDto;
}

export class SlingHungDto {
  @Nested(() => ShownDto) shown: ShownDto;
  @Maybe() @IsIn(READING_WAYS) way?: ReadingWay;
}

export class EntryKeptDto {
  @Maybe() @IsText(500) note?: string;
}

export class ComparedWithDto {
  @Matches(SHA256) sha256: string;
  @IsId() captureId: string;
  @Matches(SHA256) otherSha: string;
  @IsNumber() @Min(-1) @Max(1) score: number;
  @IsNumber() @Min(0) @Max(1) probability: number;
}

export class IdentifiedDto {
  @IsIn(IDENTITIES) says: Identified['says'];
  /** Whoever is sure names the fish; whoever is not names none. */
  @ValidateIf(({ says, fishId }: Identified) => (says !== 'unsure' && says !== 'different') || fishId !== null)
  @IsId()
  fishId: string | null;
  @Maybe() @Nested(() => ComparedWithDto) by?: ComparedWithDto;
  @Maybe() @IsId() decisionId?: string;
  @Maybe() @IsText(400) why?: string;
}

export class DescribedDto {
  @Nested(() => FactsDto) facts: FactsDto;
}

export class AmendedDto {
  @Nested(() => FactsDto) facts: FactsDto;
  @IsReason()
  why: string;
  /** It came with two waters or swims made one. */
  @Maybe() @IsId() joiningId?: string;
}

export class PictureAddedDto {
  @Matches(SHA256) sha256: string;
  @Maybe() @IsIn(PICTURE_ROLES) role?: PictureRole;
}

export class PictureRemovedDto {
  @Matches(SHA256) sha256: string;
  @IsText(500) why: string;
  /** The capture whose fish it shows. */
  @Maybe() @IsId() movedTo?: string;
}

export class PictureDeletedDto {
  @Matches(SHA256) sha256: string;
  @IsText(500) why: string;
}

export class SeenDto {
  @IsIn(SIGNS) sign: Sign;
}

export class FlankPointDto {
  @IsNumber() @Min(FLANK_BOUNDS.leastU) @Max(FLANK_BOUNDS.mostU) u: number;
  @IsNumber() @Min(-FLANK_BOUNDS.mostV) @Max(1) v: number;
}

export class WoundDto {
  @IsIn(WOUND_KINDS) kind: WoundKind;
  @IsIn(WOUND_SIDES) side: WoundSide;
  @Nested(() => FlankPointDto) at: FlankPointDto;
  @IsInt() @Min(1) @Max(1000) sizeMm: number;
}

export class WoundNotedDto {
  @Nested(() => WoundDto) wound: WoundDto;
}

export class TreatedDto {
  @IsIn(TREATMENTS) with: Treatment;
  @Maybe() @IsId() woundId?: string;
}

export class GillBeatDto {
  @IsInt() @Min(1) @Max(240) perMinute: number;
}

export class RecoveringDto {
  @IsIn(RECOVERY_SIGNS) sign: RecoverySign;
}

export class LeftAsDto {
  @IsIn(LEAVINGS) leaving: Leaving;
}

export class PicturedDto {
  /** Half of it under, without a lift. */
  @Maybe() @IsIn(['water']) in?: 'water';
}

export class ReleasedDto {
  /** Away at once, by choice neither weighed nor pictured. */
  @Maybe() @IsBoolean() straight?: boolean;
}

export class PutForwardDto {
  @IsId() meetingId: string;
  @Matches(SHA256) sha256: string;
  @IsArray() @ArrayUnique() @IsIn(PROOF_CHECKS, { each: true }) checks: ProofCheck[];
  @Maybe() @IsText(400) lateWhy?: string;
}

export class InterruptedDto {
  @IsIn(INTERRUPTIONS) why: Interruption;
}

export class OutingBoundDto {
  @IsId() outingId: string;
  @Maybe() @IsId() swimId?: string;
  @Maybe() @IsId() waterId?: string;
  @Maybe() @Nested(() => ConditionsDto) around?: ConditionsDto;
}

export class GapToldDto {
  @IsIn(GAPS_TOLD) says: GapTold['says'];
  @IsInt() @Min(0) @Max(LAST_ELAPSED_MS) fromMs: number;
  @Maybe() @IsInt() @Min(0) @Max(LAST_ELAPSED_MS) backMs?: number;
}

export class TimeAmendedDto {
  @IsId() eventId: string;
  @IsInt() @Min(0) @Max(LAST_ELAPSED_MS) toMs: number;
  @IsReason()
  why: string;
}

export class MergedDto {
  @IsId() into: string;
}

export class UndoneDto {
  @IsId() eventId: string;
}

type Constructor<T> = new () => T;

/** The payload class of each event type. */
export const PAYLOADS: Readonly<Record<EventType, Constructor<object>>> = {
  hooked: HookedDto,
  netted: NothingDto,
  'off-rig': NothingDto,
  'hook-out': NothingDto,
  'hook-cut': NothingDto,
  'line-cut': NothingDto,
  'hook-shed': NothingDto,
  'hook-held': HookHeldDto,
  seen: SeenDto,
  lifted: NothingDto,
  'looked-over': NothingDto,
  'wound-noted': WoundNotedDto,
  treated: TreatedDto,
  wetted: NothingDto,
  zeroed: NothingDto,
  weighed: NothingDto,
  'reading-taken': ReadingTakenDto,
  measured: PicturedDto,
  pictured: PicturedDto,
  rested: NothingDto,
  returned: NothingDto,
  carried: NothingDto,
  dropped: NothingDto,
  held: NothingDto,
  'sling-hung': SlingHungDto,
  'entry-kept': EntryKeptDto,
  'gill-beat': GillBeatDto,
  recovering: RecoveringDto,
  released: ReleasedDto,
  lost: NothingDto,
  'loss-told': LossToldDto,
  'rod-told': RodToldDto,
  'left-as': LeftAsDto,
  interrupted: InterruptedDto,
  'taken-up': NothingDto,
  'outing-bound': OutingBoundDto,
  'gap-told': GapToldDto,
  'time-amended': TimeAmendedDto,
  merged: MergedDto,
  described: DescribedDto,
  'picture-added': PictureAddedDto,
  'picture-removed': PictureRemovedDto,
  'picture-deleted': PictureDeletedDto,
  'picture-read': PictureReadDto,
  identified: IdentifiedDto,
  'put-forward': PutForwardDto,
  amended: AmendedDto,
  'written-up': NothingDto,
  undone: UndoneDto,
  discarded: NothingDto,
};
