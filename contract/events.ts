import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  Matches,
  Max,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import {
  LAST_ELAPSED_MS,
  EVENT_TYPES,
  IDENTITIES,
  INTERRUPTIONS,
  LEAVINGS,
  PICTURE_ROLES,
  RECOVERY_SIGNS,
  type CaptureEvent,
  type EventType,
  type Identified,
  type Interruption,
  type Leaving,
  type PictureRole,
  type RecoverySign,
} from '@keeper/core/domain/capture/event';
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
import { LENGTH_OF, type LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { FORM_IDS, SPECIES_IDS, type FormId, type SpeciesId } from '@keeper/core/domain/fish/species';
import { OUTING_EVENT_TYPES, type OutingEventType } from '@keeper/core/domain/outing/event';
import { MOST_OXYGEN_MGL } from '@keeper/core/care/oxygen';
import { MOST_EVENTS, SHA256 } from './limits.js';
import { LENGTH_UNITS, type LengthUnit } from '@keeper/core/measure/length';
import { TEMP_BOUNDS } from '@keeper/core/measure/temperature';
import { MOST_GRAMS, MASS_UNITS, type MassUnit } from '@keeper/core/measure/mass';
import {
  READING_WAYS,
  SCALE_SUPPORTS,
  WEIGH_METHODS,
  type ReadingWay,
  type ScaleSupport,
  type WeighMethod,
} from '@keeper/core/domain/capture/weightReading';
import { OUTING_PAYLOADS } from './outings.js';
import { PictureReadDto } from './pictureReading.js';
import { IsId, IsMoment, IsText, IsName, IsReason, Nested, Maybe } from './fields.js';
import { IsWeighable, IsOnABoard, IsUnderGross, HasItsTare, IsFormOfSpecies } from './possible.js';

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
}

/** What a zeroed scale shows of a sling that has become lighter lies below zero. */
export class ShownDto {
  @IsIn(MASS_UNITS) unit: MassUnit;
  @IsInt() @IsWeighable() count: number;
}

export class FactsDto {
  @IsOptional() @IsIn(SPECIES_IDS) species?: SpeciesId | null;
  @IsOptional() @IsIn(FORM_IDS) @IsFormOfSpecies() form?: FormId | null;
  @IsOptional() @IsText(60) kindName?: string | null;
  @IsOptional() @IsId() waterId?: string | null;
  @IsOptional() @Nested(() => WeightReadingDto) @HasItsTare() weight?: WeightReadingDto | null;
  @IsOptional() @Nested(() => BodyLengthDto) length?: BodyLengthDto | null;
  @IsOptional() @Nested(() => LengthDto) girth?: LengthDto | null;
  @IsOptional() @Nested(() => MassDto) guess?: MassDto | null;
  @IsOptional() @IsText(4000) note?: string | null;
}

export class NothingDto {}

export class ConditionsDto {
  @Maybe() @IsNumber() @Min(TEMP_BOUNDS.water.leastC) @Max(TEMP_BOUNDS.water.mostC) waterC?: number;
  @Maybe() @IsNumber() @Min(TEMP_BOUNDS.air.leastC) @Max(TEMP_BOUNDS.air.mostC) airC?: number;
  @Maybe() @IsNumber() @Min(0) @Max(MOST_OXYGEN_MGL) oxygenMgL?: number;
  @Maybe() @IsInt() @Min(0) @Max(20) companions?: number;
  @Maybe() @IsBoolean() dark?: boolean;
  @Maybe() @IsBoolean() thunder?: boolean;
}

export class HookedDto {
  @Maybe() @Nested(() => ConditionsDto) around?: ConditionsDto;
  @Maybe() @IsId() waterId?: string;
  @Maybe() @IsId() outingId?: string;
  @Maybe() @IsId() swimId?: string;
  @Maybe() @IsArray() @ArrayMaxSize(40) @IsText(300, { each: true }) gaps?: string[];
  /** The time zone of the place, an IANA name. */
  @Maybe() @IsText(64) zone?: string;
  /** Begun at the desk from pictures, with nothing known of how the fish was handled. */
  @Maybe() @IsIn(['pictures']) from?: 'pictures';
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
}

export class PictureAddedDto {
  @Matches(SHA256) sha256: string;
  @Maybe() @IsIn(PICTURE_ROLES) role?: PictureRole;
}

export class PictureRemovedDto {
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

/** What every event carries. A type that is not known is refused here. */
export class EventDto {
  @IsId(7) id: string;
  @IsId() captureId: string;
  @IsName(64, 'This is empty.') deviceId: string;
  @IsMoment() at: string;
  @IsInt() @Min(0) @Max(LAST_ELAPSED_MS) elapsedMs: number;
  @IsIn(EVENT_TYPES) type: EventType;
  @IsObject() payload: object;
}

/** What every event of an outing carries. */
export class OutingEventDto {
  @IsId(7) id: string;
  @IsId() outingId: string;
  @IsName(64, 'This is empty.') deviceId: string;
  @IsMoment() at: string;
  @IsIn(OUTING_EVENT_TYPES) type: OutingEventType;
  @IsObject() payload: object;
}

type Constructor<T> = new () => T;

/** One event class for each type: its head and its own payload. */
function eventClass(
  Head: Constructor<EventDto | OutingEventDto>,
  type: EventType | OutingEventType,
  payload: Constructor<object>,
): Constructor<EventDto | OutingEventDto> {
  class TypedEventDto extends (Head as Constructor<object>) {
    @Equals(type) declare type: string;
    @Nested(() => payload) declare payload: object;
  }
  Object.defineProperty(TypedEventDto, 'name', { value: eventClassName(type) });
  return TypedEventDto as Constructor<EventDto | OutingEventDto>;
}

/**
 * The name of an event's class, as the API's description uses it. Example: `eventClassName('hook-out') ===
 * 'HookOutEventDto'`.
 */
export function eventClassName(type: EventType | OutingEventType): string {
  return `${type.replace(/(^|-)([a-z])/g, (_all, _dash, letter: string) => letter.toUpperCase())}EventDto`;
}

/** The payload class of each event type. */
export const PAYLOADS: Readonly<Record<EventType, Constructor<object>>> = {
  hooked: HookedDto,
  netted: NothingDto,
  'off-rig': NothingDto,
  'hook-out': NothingDto,
  'hook-cut': NothingDto,
  'line-cut': NothingDto,
  'hook-shed': NothingDto,
  seen: SeenDto,
  lifted: NothingDto,
  'looked-over': NothingDto,
  'wound-noted': WoundNotedDto,
  treated: TreatedDto,
  wetted: NothingDto,
  zeroed: NothingDto,
  weighed: NothingDto,
  'reading-taken': ReadingTakenDto,
  measured: NothingDto,
  pictured: NothingDto,
  rested: NothingDto,
  returned: NothingDto,
  carried: NothingDto,
  dropped: NothingDto,
  held: NothingDto,
  'sling-hung': SlingHungDto,
  'entry-kept': EntryKeptDto,
  'gill-beat': GillBeatDto,
  recovering: RecoveringDto,
  released: NothingDto,
  lost: NothingDto,
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
  'picture-read': PictureReadDto,
  identified: IdentifiedDto,
  amended: AmendedDto,
  'written-up': NothingDto,
  undone: UndoneDto,
  discarded: NothingDto,
};

/** Every type of event that the log takes: of a capture, and of an outing. */
export const LOGGED_TYPES = [...EVENT_TYPES, ...OUTING_EVENT_TYPES] as const;

const SUB_TYPES = [
  ...EVENT_TYPES.map((name) => ({ name, value: eventClass(EventDto, name, PAYLOADS[name]) })),
  ...OUTING_EVENT_TYPES.map((name) => ({ name, value: eventClass(OutingEventDto, name, OUTING_PAYLOADS[name]) })),
];

export class AppendEventsDto {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_EVENTS)
  @IsObject({ each: true, message: 'Each of "events" is one event.' })
  @ValidateNested({ each: true })
  @Type(() => EventDto, { keepDiscriminatorProperty: true, discriminator: { property: 'type', subTypes: SUB_TYPES } })
  events: (EventDto | OutingEventDto)[];
}

/** What the server did with a batch: written now, or known already. Either way they are in the book. */
export interface AppendedEvents {
  readonly written: number;
  readonly known: number;
}

/** One capture with all its events, as the server keeps them. */
export interface CaptureEvents {
  readonly captureId: string;
  readonly events: readonly CaptureEvent[];
}
