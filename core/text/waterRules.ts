import { speciesName } from '../domain/fish/species.js';
import { formatSize } from '../measure/keeperUnits.js';
import { formatTemperature, type TempUnit } from '../measure/temperature.js';
import { dayOfYearText } from '../domain/water/season.js';
import { type OwnKitRule, type WaterRules } from '../domain/water/rules.js';

const KIT_TEXT: Readonly<Record<OwnKitRule, string>> = {
  allowed: 'Own nets, mats and slings are allowed.',
  dipped: 'Own nets, mats and slings only when dipped or dry.',
  supplied: 'Only the nets, mats and slings that the water supplies.',
};

/** The keeper's units for rules in words. */
export interface RuleUnits {
  readonly lengthHabit: 'in' | 'cm';
  readonly tempHabit: TempUnit;
}

const METRIC: RuleUnits = { lengthHabit: 'cm', tempHabit: 'C' };

/**
 * The rules as sentences, in the order of the work. Example: a water with no rules written down gives an empty list.
 */
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
