import { runMessage } from './runMessages.js';
import { stopLineOf, isToothed } from '../stopLine.js';
import type { StopPractice } from '../../domain/practice/stopPractice.js';
import type { Basis } from '../counsel.js';
import type { HotCapturePractice } from '../../domain/practice/hotCapturePractice.js';
import { oxygenAtSaturation } from '../oxygen.js';
import type { SpeciesId } from '../../domain/fish/species.js';
import { standardPressureHpa } from '../../weather/atmosphere.js';
import { NO_RULES, type Retention, type WaterRules } from '../../domain/water/rules.js';
import type { BankKind, Hazard } from '../../domain/water/swim.js';
import type { CaptureConditions } from '../../domain/capture/conditions.js';
import { practicesFor } from '../../domain/meeting/meetingAt.js';
import type { Meeting } from '../../domain/meeting/meeting.js';
import type { BankPractices } from '../../domain/practice/bankPractices.js';
import type { PracticeName } from '../../domain/practice/practicesAt.js';
import { practiceBasis } from './practiceBasis.js';

/** Where another fish is: on its rod, in net or sling in the water, or out of it. */
export type OtherFish = 'playing' | 'in-water' | 'in-air';

/** What the run says of a meeting. */
export type MeetingOfRun = Pick<Meeting, 'name' | 'identifier' | 'by' | 'sort' | 'lengthOf'>;

/** Where and how a fish is dealt with: what the order of work and the counsel hang on besides the log itself. */
export interface RunContext {
  /** As it was said, or the only one that was expected; null: not known yet. */
  readonly species: SpeciesId | null;
  readonly toothed: boolean;
  readonly bank: BankKind;
  readonly hazards: readonly Hazard[];
  readonly helped: boolean;
  readonly dark: boolean;
  readonly waterName: string | null;
  readonly rules: WaterRules;
  /** The keeper's ways, and what a meeting asks for that is on. */
  readonly schools: BankPractices;
  /** The meeting that it may count in; null: none is on. */
  readonly meeting: MeetingOfRun | null;
  /** Which of the ways are set for this water alone. */
  readonly practicesHere: ReadonlySet<PracticeName>;
  /** Where another fish is that is on at the same time; null: there is none. */
  readonly otherFish: OtherFish | null;
  readonly waterC: number | null;
  readonly airC: number | null;
  readonly oxygenShare: number | null;
  readonly stopLine: { readonly tempC: number; readonly basis: Basis };
  /** What the keeper does with a fish that was hooked in water too warm for it. */
  readonly hotCapture: HotCapturePractice;
  readonly thunder: boolean;
  /** What the mat is worked out to be now; null: not known. */
  readonly matC: number | null;
}

export interface RunContextInput {
  readonly species: SpeciesId | null;
  /** The kinds that it may be, while nobody has named it; empty where nothing is known. */
  readonly mayBe?: readonly SpeciesId[];
  readonly hotCapture?: HotCapturePractice;
  readonly bank: BankKind | null;
  readonly hazards?: readonly Hazard[];
  readonly water: {
    readonly name: string;
    readonly rules: WaterRules;
    readonly altitudeM: number | null;
    readonly salinity: number;
  } | null;
  readonly conditions: CaptureConditions;
  readonly schools: BankPractices;
  readonly practicesHere?: ReadonlySet<PracticeName>;
  readonly meeting?: MeetingOfRun | null;
  readonly otherFish?: OtherFish | null;
  readonly stopSchool: StopPractice;
  readonly matC?: number | null;
}

const NONE: ReadonlySet<PracticeName> = new Set();

/** Builds the context of a run; what is not known is taken for the usual: a grass bank, alone, in daylight. */
export function runContextOf(input: RunContextInput): RunContext {
  const { species, water, conditions, schools } = input;
  const rules = water?.rules ?? NO_RULES;
  return {
    species,
    toothed: species !== null && isToothed(species),
    bank: input.bank ?? 'grass',
    hazards: input.hazards ?? [],
    helped: (conditions.companions ?? 0) > 0,
    dark: conditions.dark ?? false,
    waterName: water?.name ?? null,
    rules,
    schools: practicesFor(schools, input.meeting),
    meeting: input.meeting ?? null,
    practicesHere: input.practicesHere ?? NONE,
    otherFish: input.otherFish ?? null,
    waterC: conditions.waterC ?? null,
    airC: conditions.airC ?? null,
    oxygenShare: oxygenShare(conditions, water),
    stopLine: strictestLine(input, rules),
    hotCapture: input.hotCapture ?? 'land',
    thunder: conditions.thunder ?? false,
    matC: input.matC ?? null,
  };
}

/** The kinds that a fish may be where nothing is said of what is fished for. */
const MAY_BE: readonly SpeciesId[] = ['carp', 'pike', 'barbel', 'wels'];

/** The line of its kind; of a fish that nobody has named yet the strictest of the kinds that it may be. */
function strictestLine({ species, mayBe = [], stopSchool, practicesHere, water }: RunContextInput, rules: WaterRules) {
  const kinds = species ? [species] : mayBe.length > 0 ? mayBe : MAY_BE;
  return kinds
    .map((kind) => stopLineOf(kind, stopSchool, rules, water?.name ?? '', practicesHere?.has('stopSchool')))
    .reduce((strictest, line) => (line.tempC < strictest.tempC ? line : strictest));
}

function oxygenShare({ oxygenMgL, waterC }: CaptureConditions, water: RunContextInput['water']): number | null {
  if (oxygenMgL === undefined || waterC === undefined) return null;
  const pressureHpa = standardPressureHpa(water?.altitudeM ?? 0);
  return oxygenMgL / oxygenAtSaturation({ tempC: waterC, pressureHpa, salinity: water?.salinity ?? 0 });
}

/** Fifteen minutes by the keeper's school of short rests (common practice, no source). */
const SHORT_REST_MS = 15 * 60_000;

/**
 * The longest that a fish may be held in net or sling, and whose rule that is: the water's rule or the keeper's school,
 * whichever is stricter. Example: a water that allows twenty minutes does not loosen a keeper who keeps nothing.
 */
export function retentionLimit(context: RunContext): {
  readonly ms: number;
  readonly basis: Basis;
} {
  const { rules, schools, waterName } = context;
  const rule: Retention | null = rules.retention;
  const own = schools.keep === 'none' ? 0 : SHORT_REST_MS;
  const allowed = rule ? (rule.kind === 'none' ? 0 : rule.most * 60_000) : Infinity;
  return allowed <= own
    ? { ms: allowed, basis: { kind: 'local-rule', water: waterName } }
    : {
        ms: own,
        basis: practiceBasis(context, 'keep', own === 0 ? runMessage('noKeeping') : runMessage('shortRestOnly')),
      };
}
