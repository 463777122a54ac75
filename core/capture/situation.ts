import { stopLineOf, isToothed, type StopSchool } from '../care/stopLine.js';
import type { Basis } from '../care/counsel.js';
import { oxygenAtSaturation } from '../care/oxygen.js';
import type { SpeciesId } from '../fish/species.js';
import { standardPressureHpa } from '../water/atmosphere.js';
import { NO_RULES, type Retention, type WaterRules } from '../water/rules.js';
import type { BankKind, Hazard } from '../water/swim.js';
import type { Around } from './around.js';
import type { BankSchools } from './schools.js';

/** Where and how a fish is dealt with: what the order of work and the counsel hang on besides the log itself. */
export interface Situation {
  /** As it was said, or the only one that was expected; null: not known yet. */
  readonly species: SpeciesId | null;
  readonly toothed: boolean;
  readonly bank: BankKind;
  readonly hazards: readonly Hazard[];
  readonly helped: boolean;
  readonly dark: boolean;
  readonly waterName: string | null;
  readonly rules: WaterRules;
  readonly schools: BankSchools;
  readonly waterC: number | null;
  readonly airC: number | null;
  readonly oxygenShare: number | null;
  readonly stopLine: { readonly tempC: number; readonly basis: Basis };
  /** What the mat is worked out to be now; null: not known. */
  readonly matC: number | null;
}

export interface SituationInput {
  readonly species: SpeciesId | null;
  readonly bank: BankKind | null;
  readonly hazards?: readonly Hazard[];
  readonly water: {
    readonly name: string;
    readonly rules: WaterRules;
    readonly altitudeM: number | null;
    readonly salinity: number;
  } | null;
  readonly around: Around;
  readonly schools: BankSchools;
  readonly stopSchool: StopSchool;
  readonly matC?: number | null;
}

/** Puts a situation together; what is not known is taken for the usual: a grass bank, alone, in daylight. */
export function situationOf(input: SituationInput): Situation {
  const { species, water, around, schools } = input;
  const rules = water?.rules ?? NO_RULES;
  return {
    species,
    toothed: species !== null && isToothed(species),
    bank: input.bank ?? 'grass',
    hazards: input.hazards ?? [],
    helped: (around.companions ?? 0) > 0,
    dark: around.dark ?? false,
    waterName: water?.name ?? null,
    rules,
    schools,
    waterC: around.waterC ?? null,
    airC: around.airC ?? null,
    oxygenShare: oxygenShare(around, water),
    // Of a fish that nobody has named yet, what is expected most often is taken.
    stopLine: stopLineOf(species ?? 'carp', input.stopSchool, rules, water?.name ?? ''),
    matC: input.matC ?? null,
  };
}

function oxygenShare({ oxygenMgL, waterC }: Around, water: SituationInput['water']): number | null {
  if (oxygenMgL === undefined || waterC === undefined) return null;
  const pressureHpa = standardPressureHpa(water?.altitudeM ?? 0);
  return oxygenMgL / oxygenAtSaturation({ tempC: waterC, pressureHpa, salinity: water?.salinity ?? 0 });
}

/** The longest that a fish may be held in net or sling, and whose rule that is. Fifteen minutes by the keeper's school (common practice, no source). */
export function retentionLimit({ rules, schools, waterName }: Situation): {
  readonly ms: number;
  readonly basis: Basis;
} {
  const rule: Retention | null = rules.retention;
  if (rule) {
    return {
      ms: rule.kind === 'none' ? 0 : rule.most * 60_000,
      basis: { kind: 'local-rule', water: waterName ?? 'this water' },
    };
  }
  return schools.keep === 'none'
    ? { ms: 0, basis: { kind: 'school', name: 'no keeping' } }
    : { ms: 15 * 60_000, basis: { kind: 'school', name: 'short rest only' } };
}
