import { PAYLOADS } from './payloads.js';
import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsIn,
  IsInt,
  IsObject,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { LAST_ELAPSED_MS, EVENT_TYPES, type CaptureEvent, type EventType } from '@keeper/core/domain/capture/event';
import { OUTING_EVENT_TYPES, type OutingEventType } from '@keeper/core/domain/outing/event';
import { MOST_EVENTS } from './limits.js';
import { OUTING_PAYLOADS } from './outings.js';
import { IsId, IsMoment, IsName, Nested } from './fields.js';

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
