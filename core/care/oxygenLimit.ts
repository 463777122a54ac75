import type { SpeciesId } from '../domain/fish/species.js';
import type { Basis } from './counsel.js';

/** What a kind of fish needs of oxygen, in mg/L: below `leastMgL` with care, below `dangerMgL` not at all. */
export interface OxygenLimit {
  readonly leastMgL: number;
  readonly dangerMgL: number;
  readonly basis: Basis;
}

const EIFAC: Basis = {
  kind: 'published',
  source: 'EIFAC criteria, Alabaster and Lloyd (1982), Water Quality Criteria for Freshwater Fish, from memory',
};
const DIRECTIVE: Basis = { kind: 'published', source: 'Directive 2006/44/EC, annex I, from memory' };

/** Salmonid waters: 9 mg/L half of the time, 6 at the least. */
const SALMONID: OxygenLimit = { leastMgL: 9, dangerMgL: 6, basis: DIRECTIVE };
/** Cyprinid waters, which for the directive are those of pike and perch too: 7 half of the time, 4 at the least. */
const MIDDLING: OxygenLimit = { leastMgL: 7, dangerMgL: 4, basis: DIRECTIVE };
/** Kinds that bear little: 5 half of the time, 2 at the least. */
const TOLERANT: OxygenLimit = { leastMgL: 5, dangerMgL: 2, basis: EIFAC };

const LIMITS: Readonly<Record<SpeciesId, OxygenLimit>> = {
  carp: TOLERANT,
  tench: TOLERANT,
  bream: TOLERANT,
  wels: TOLERANT,
  pike: MIDDLING,
  barbel: MIDDLING,
  chub: MIDDLING,
  zander: MIDDLING,
  perch: MIDDLING,
  other: MIDDLING,
  trout: SALMONID,
};

/** The limits of a kind. Example: trout need 9 mg/L where carp do with 5. */
export function oxygenLimitOf(species: SpeciesId): OxygenLimit {
  return LIMITS[species];
}

/**
 * Above this share of saturation a meter is doubted, and bubbles in blood and gills are to be feared; above the second
 * one they are likely.
 */
export const SUPERSATURATED = { least: 1.1, danger: 1.2 } as const;
/** Gas bubble disease begins between the two. */
export const GAS_BUBBLES: Basis = {
  kind: 'published',
  source: 'Weitkamp and Katz (1980), Trans. Am. Fish. Soc. 109, 659-702, from memory',
};
