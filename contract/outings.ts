import 'reflect-metadata';
import { ArrayMaxSize, ArrayUnique, IsArray, IsBoolean, IsIn, IsInt, IsNumber, Max, Min } from 'class-validator';
import type { MatFace } from '@keeper/core/domain/outing/careDeed';
import { MOST_OXYGEN_MGL } from '@keeper/core/care/oxygen';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/domain/fish/species';
import { TEMP_BOUNDS } from '@keeper/core/measure/temperature';
import {
  CARE_KINDS,
  CONDITION_SOURCES,
  WATER_DEPTHS,
  type CareKind,
  type ConditionSource,
  type OutingEvent,
  type OutingEventType,
  type WaterDepth,
} from '@keeper/core/domain/outing/event';
import { LayoutDto } from './layout.js';
import { WeatherHourDto } from './weather.js';
import { IsId, IsMoment, IsText, IsName, Nested, NestedList, Maybe } from './fields.js';
import { FishLostDto, LostHowDto, RodInDto, RodOutDto, RodSignDto } from './rods.js';
import { EndsAfterItBegan } from './possible.js';

const { water, air } = TEMP_BOUNDS;
const WATER = `Water lies between ${water.leastC} and ${water.mostC} degrees C. Check the thermometer.`;
const OXYGEN = `Oxygen lies between 0 and ${MOST_OXYGEN_MGL} mg/L.`;

export class OutingPlannedDto {
  @IsId() waterId: string;
  @IsMoment() fromAt: string;
  @IsMoment() @EndsAfterItBegan() toAt: string;
  @IsInt() @Min(0) @Max(9) companions: number;
  @IsArray() @ArrayMaxSize(SPECIES_IDS.length) @ArrayUnique() @IsIn(SPECIES_IDS, { each: true }) expected: SpeciesId[];
  /** It changed with two waters made one. */
  @Maybe() @IsId() joiningId?: string;
}

export class SwimTakenDto {
  @IsId() swimId: string;
}

export class SwimAmendedDto {
  @IsId() from: string;
  @IsId() to: string;
  @Maybe() @IsId() joiningId?: string;
}

export class ConditionTakenDto {
  @IsIn(CONDITION_SOURCES) source: ConditionSource;
  @Maybe()
  @IsNumber({}, { message: WATER })
  @Min(water.leastC, { message: WATER })
  @Max(water.mostC, { message: WATER })
  waterC?: number;
  @Maybe() @IsIn(WATER_DEPTHS) depth?: WaterDepth;
  @Maybe() @IsNumber() @Min(air.leastC) @Max(air.mostC) airC?: number;
  @Maybe() @IsNumber() @Min(0) @Max(8) cloudOctas?: number;
  @Maybe() @IsNumber() @Min(0) @Max(80) windMs?: number;
  @Maybe() @IsNumber() @Min(0) @Max(360) windFromDeg?: number;
  @Maybe() @IsNumber() @Min(850) @Max(1100) pressureHpa?: number;
  @Maybe()
  @IsNumber({}, { message: OXYGEN })
  @Min(0, { message: OXYGEN })
  @Max(MOST_OXYGEN_MGL, { message: OXYGEN })
  oxygenMgL?: number;
  @IsMoment() when: string;
}

export class ForecastTakenDto {
  @NestedList(() => WeatherHourDto, { least: 1, most: 72 })
  hours: WeatherHourDto[];
}

export class CareDoneDto {
  @IsIn(CARE_KINDS) kind: CareKind;
  @Maybe() @IsIn(['up', 'down']) face?: MatFace;
  @IsMoment() when: string;
}

export class LaidOutDto {
  @Nested(() => LayoutDto) layout: LayoutDto;
}

export class ItemCheckedDto {
  @IsName(64, 'This is empty.') item: string;
  @IsBoolean() done: boolean;
}

export class OutingEndedDto {
  @Maybe() @IsText(4000) note?: string;
}

export class TakenBackDto {
  @IsId() eventId: string;
}

/** The payload class of each event of an outing. */
export const OUTING_PAYLOADS: Readonly<Record<OutingEventType, new () => object>> = {
  'outing-planned': OutingPlannedDto,
  'swim-taken': SwimTakenDto,
  'swim-amended': SwimAmendedDto,
  'condition-taken': ConditionTakenDto,
  'forecast-taken': ForecastTakenDto,
  'care-done': CareDoneDto,
  'laid-out': LaidOutDto,
  'item-checked': ItemCheckedDto,
  'rod-out': RodOutDto,
  'rod-in': RodInDto,
  'run-dropped': RodSignDto,
  'bite-missed': RodSignDto,
  'fish-lost': FishLostDto,
  'lost-how': LostHowDto,
  'outing-ended': OutingEndedDto,
  'outing-called-off': OutingEndedDto,
  'taken-back': TakenBackDto,
};

/** What one's own outings in a swim, or on a water where no swim was named, come to. */
export interface SwimRate {
  readonly waterId: string;
  readonly swimId: string | null;
  readonly outings: number;
  /** How long rods fished there, all together. */
  readonly rodMs: number;
  readonly fish: number;
  readonly runsDropped: number;
  readonly bitesMissed: number;
  readonly fishLost: number;
}

/** Which outing is not to count: the one that is compared with the others. */
export class SwimsQueryDto {
  @Maybe() @IsId() without?: string;
}

/** One outing with all its events, as the server keeps them. */
export interface OutingEvents {
  readonly outingId: string;
  readonly events: readonly OutingEvent[];
}
