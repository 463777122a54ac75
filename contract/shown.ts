import 'reflect-metadata';
import { IsBoolean, IsIn } from 'class-validator';
import type { BodyLength } from '@keeper/core/domain/fish/bodyLength';
import type { FormId, SpeciesId } from '@keeper/core/domain/fish/species';
import type { Mass } from '@keeper/core/measure/mass';
import { IsText, Maybe } from './fields.js';

/** What a keeper lets a reader see: fish without their places, and of these as much as is said here. */
export class SeesDto {
  /** The fish of the keeper who lets it in, or those of everybody in the book. */
  @IsIn(['own', 'all']) whose: 'own' | 'all';
  /** Weights and lengths. */
  @IsBoolean() sizes: boolean;
  /** Portraits and flanks, drawn anew without what the camera wrote into them. */
  @IsBoolean() pictures: boolean;
}

/** A fish as a reader sees it: no water, no swim, no hour, nothing of what was noted. */
export interface ShownFish {
  readonly captureId: string;
  /** The day by the clocks of the place, `YYYY-MM-DD`. */
  readonly day: string;
  readonly species: SpeciesId | null;
  readonly form: FormId | null;
  readonly kindName: string | null;
  /** Whose fish it is, by name; null where the book has one keeper, or knows none. */
  readonly whose: string | null;
  /** What the keeper calls this fish. */
  readonly name: string | null;
  readonly net: Mass | null;
  readonly length: BodyLength | null;
  readonly pictures: readonly string[];
}

export interface ShownPage {
  readonly rows: readonly ShownFish[];
  /** Pass as `after` for the next page; null at the end. */
  readonly next: string | null;
}

export class ShownQueryDto {
  @Maybe() @IsText(200) after?: string;
}
