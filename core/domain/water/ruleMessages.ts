import type { Message } from '../../measure/message.js';
import type { TempUnit } from '../../measure/temperature.js';
import type { WaterRules } from './rules.js';
import { waterMessage } from './waterMessages.js';

/** The keeper's units for rules in words. */
export interface RuleUnits {
  readonly lengthHabit: 'in' | 'cm';
  readonly tempHabit: TempUnit;
}

const METRIC: RuleUnits = { lengthHabit: 'cm', tempHabit: 'C' };

/**
 * What the rules of a water ask, in the order of the work. Example: a water with no rules written down gives an empty
 * list.
 */
export function ruleMessages(rules: WaterRules, { lengthHabit, tempHabit }: RuleUnits = METRIC): Message[] {
  const { retention, treatments, ownKit, leastMatMm, leastNetMm } = rules;
  return [
    ...(ownKit ? [waterMessage('ruleOwnKit', { ownKit })] : []),
    ...(leastNetMm ? [waterMessage('ruleLeastNet', { mm: leastNetMm, lengthHabit })] : []),
    ...(leastMatMm ? [waterMessage('ruleLeastMat', { mm: leastMatMm, lengthHabit })] : []),
    ...(rules.barblessOnly ? [waterMessage('ruleBarbless')] : []),
    ...(retention?.kind === 'none' ? [waterMessage('ruleNoRetention')] : []),
    ...(retention?.kind === 'minutes' ? [waterMessage('ruleRetention', { most: retention.most })] : []),
    ...(treatments ? [waterMessage('ruleTreatments', { treatments })] : []),
    ...rules.closedSeasons.map((season) => waterMessage('ruleClosed', season)),
    ...rules.legalSizes.map((size) => waterMessage('ruleLegalSize', { ...size, lengthHabit })),
    ...rules.closedAreas.map((area) => waterMessage('ruleClosedArea', { area })),
    ...(rules.guideNeeded ? [waterMessage('ruleGuide')] : []),
    ...rules.stopTemperatures.map(({ species, tempC }) => waterMessage('ruleStop', { species, tempC, tempHabit })),
  ];
}
