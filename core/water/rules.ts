import { speciesName, type SpeciesId } from '../fish/species.js';
import { formatSize } from '../measure/keeperUnits.js';
import { formatTemperature, type TempHabit } from '../measure/temperature.js';
import { dayOfYearText, type ClosedSeason } from './season.js';

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

/** What a water asks of those who fish it. What is not written down is left to the keeper's own ways; these come before them. */
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
};

const KIT_TEXT: Readonly<Record<OwnKitRule, string>> = {
  allowed: 'Own nets, mats and slings are allowed.',
  dipped: 'Own nets, mats and slings only when dipped or dry.',
  supplied: 'Only the nets, mats and slings that the water supplies.',
};

/** The keeper's units for rules in words. */
export interface RuleUnits {
  readonly lengthHabit: 'in' | 'cm';
  readonly tempHabit: TempHabit;
}

const METRIC: RuleUnits = { lengthHabit: 'cm', tempHabit: 'C' };

/** The rules as sentences, in the order of the work. Example: a water with no rules written down gives an empty list. */
export function ruleSentences(rules: WaterRules, units: RuleUnits = METRIC): string[] {
  const { retention, treatments, ownKit, leastMatMm, leastNetMm } = rules;
  return [
    ...(ownKit ? [KIT_TEXT[ownKit]] : []),
    ...(leastNetMm ? [`Landing net at least ${formatSize(leastNetMm, units.lengthHabit)} wide.`] : []),
    ...(leastMatMm ? [`Mat at least ${formatSize(leastMatMm, units.lengthHabit)} long.`] : []),
    ...(rules.barblessOnly ? ['Barbless hooks only.'] : []),
    ...(retention?.kind === 'none' ? ['No fish is retained.'] : []),
    ...(retention?.kind === 'minutes' ? [`A fish is retained for ${retention.most} minutes at most.`] : []),
    ...(treatments ? [`Wound treatments are ${treatments}.`] : []),
    ...rules.closedSeasons.map(
      ({ from, to, species }) =>
        `Closed from ${dayOfYearText(from)} to ${dayOfYearText(to)}: ${species.length === 0 ? 'all fishing' : species.map((each) => speciesName(each).toLowerCase()).join(', ')}.`,
    ),
    ...rules.stopTemperatures.map(
      ({ species, tempC }) =>
        `No fishing for ${speciesName(species).toLowerCase()} from ${formatTemperature(tempC, units.tempHabit)}.`,
    ),
  ];
}
