import { type SpeciesId } from '../fish/species.js';
import { type ClosedSeason } from './season.js';

/** Whether fish may be kept for a while, and how long. */
export type Retention = { readonly kind: 'none' } | { readonly kind: 'minutes'; readonly most: number };

export const OWN_KIT_RULES = ['allowed', 'dipped', 'supplied'] as const;
/** `dipped`: own kit only when disinfected or dry; `supplied`: the water gives its own and forbids others. */
export type OwnKitRule = (typeof OWN_KIT_RULES)[number];

/** Above this water temperature a species is not to be fished for. */
export interface StopTemperature {
  readonly species: SpeciesId;
  readonly tempC: number;
}

/** Of a kind the least length, and the most, in mm; null where there is no such limit. */
export interface LegalSize {
  readonly species: SpeciesId;
  readonly leastMm: number | null;
  readonly mostMm: number | null;
}

/**
 * What a water asks of those who fish it. What is not written down is left to the keeper's own ways; these come before
 * them.
 */
export interface WaterRules {
  readonly barblessOnly: boolean;
  /** Null: nothing is said. */
  readonly retention: Retention | null;
  readonly treatments: 'allowed' | 'forbidden' | null;
  readonly ownKit: OwnKitRule | null;
  /** Least length of the mat and width of the net, in mm. */
  readonly leastMatMm: number | null;
  readonly leastNetMm: number | null;
  readonly closedSeasons: readonly ClosedSeason[];
  readonly stopTemperatures: readonly StopTemperature[];
  /** Lengths that a fish must have to be kept or counted here. */
  readonly legalSizes: readonly LegalSize[];
  /** Parts of the water that are not fished, in its own words. */
  readonly closedAreas: readonly string[];
  /** Whether a guide or warden must be there. */
  readonly guideNeeded: boolean;
}

export const NO_RULES: WaterRules = {
  barblessOnly: false,
  retention: null,
  treatments: null,
  ownKit: null,
  leastMatMm: null,
  leastNetMm: null,
  closedSeasons: [],
  stopTemperatures: [],
  legalSizes: [],
  closedAreas: [],
  guideNeeded: false,
};
