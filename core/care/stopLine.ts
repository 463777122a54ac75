import type { Message } from '../measure/message.js';
import { careMessage } from './careMessages.js';
import type { StopPractice } from '../domain/practice/stopPractice.js';
import { SPECIES, type SpeciesId } from '../domain/fish/species.js';
import type { WaterRules } from '../domain/water/rules.js';
import type { Basis } from './counsel.js';
import { celsiusOf } from '../measure/temperature.js';

/** What each school says, and why somebody holds it. */
export const STOP_PRACTICE_WORDS: Readonly<Record<StopPractice, { readonly name: Message; readonly why: Message }>> = {
  'per-species': {
    name: careMessage('stopPerSpecies'),
    why: careMessage('stopPerSpeciesWhy'),
  },
  'eighty-fahrenheit': {
    name: careMessage('stopEighty'),
    why: careMessage('stopEightyWhy'),
  },
  'cool-pike': {
    name: careMessage('stopCoolPike'),
    why: careMessage('stopCoolPikeWhy'),
  },
};

/**
 * Stop lines by species, in degrees C: common practice, no source; they differ from keeper to keeper by two or three
 * degrees.
 */
const PER_SPECIES_C: Readonly<Record<SpeciesId, number>> = {
  carp: 28,
  pike: 22,
  barbel: 23,
  wels: 28,
  tench: 27,
  bream: 26,
  chub: 23,
  zander: 23,
  perch: 23,
  trout: 19,
  other: 24,
};

const COOL_PIKE_C = 20.5;
const LARGE_PREDATORS: readonly SpeciesId[] = ['pike', 'wels', 'zander'];

/** A stop line and whose it is. */
export interface StopLine {
  readonly tempC: number;
  readonly basis: Basis;
}

/**
 * The stop line of a species: the water's own rule before the keeper's school. `water` is the name that the rule is
 * given under, and the school where it is set for that water alone.
 *
 * @example
 * stopLineOf('pike', 'eighty-fahrenheit', NO_RULES, 'Harrowmere').tempC; // 26.67
 */
export function stopLineOf(
  species: SpeciesId,
  school: StopPractice,
  rules: Pick<WaterRules, 'stopTemperatures'>,
  water: string,
  isOfThisWater = false,
): StopLine {
  const own = rules.stopTemperatures.find((line) => line.species === species);
  if (own) return { tempC: own.tempC, basis: { kind: 'local-rule', water } };
  const basis: Basis = {
    kind: 'school',
    name: STOP_PRACTICE_WORDS[school].name,
    ...(isOfThisWater && { water }),
  };
  if (school === 'eighty-fahrenheit' && LARGE_PREDATORS.includes(species)) return { tempC: celsiusOf(80), basis };
  if (school === 'cool-pike' && species === 'pike') return { tempC: COOL_PIKE_C, basis };
  return { tempC: PER_SPECIES_C[species], basis };
}

/** Whether a species has teeth that need a wire, a spreader and long pliers. */
export function isToothed(species: SpeciesId): boolean {
  return SPECIES.find(({ id }) => id === species)?.toothed ?? false;
}
