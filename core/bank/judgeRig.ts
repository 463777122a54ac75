import type { WaterRules } from '../domain/water/rules.js';
import { formatStrain } from '../measure/keeperUnits.js';
import type { MassSystem } from '../measure/mass.js';
import { COMMON_PRACTICE, findings, type Finding, type Rule, type Severity } from '../care/counsel.js';
import { isToothed } from '../care/stopLine.js';
import {
  type Rig,
  type LoadTestState,
  loadTestState,
  type BarbPractice,
  BARB_TEXT,
  LEAD_TEXT,
} from '../domain/kit/rig.js';

/** A rig on a water, judged by one who fishes by a school of hooks. */
export interface RigState {
  readonly rig: Rig;
  readonly rules: WaterRules;
  readonly water: string;
  readonly school: BarbPractice;
  /** The keeper's family of units, for strains in words. */
  readonly system: MassSystem;
  readonly now: string;
  /** When a fish of its kind was last on; undefined where the book has none. */
  readonly lastFishAt?: string | undefined;
}

/** What is said of a test that does not stand. */
export const LOAD_TEST_WORDS: Readonly<Record<Exclude<LoadTestState, 'stands'>, string>> = {
  never: 'Not load-tested.',
  old: 'Its load test is more than four weeks old.',
  'after-fish': 'Not load-tested since the last fish.',
  'after-snag': 'Not load-tested since the snag.',
};

const RULES: readonly Rule<RigState>[] = [
  {
    id: 'lead-stays',
    look: ({ rig }) =>
      rig.lead === 'fixed'
        ? {
            severity: 'stop',
            text: 'The lead stays on: a fish that breaks off tows it.',
            reason: 'Towed through weed it tethers the fish until it dies. Let it run, drop off, or pull free.',
            basis: COMMON_PRACTICE,
            changes: 'A lead that comes free under load.',
          }
        : null,
  },
  {
    id: 'link-too-strong',
    look: ({ rig, system }) =>
      rig.linkKg >= rig.mainLineKg
        ? {
            severity: 'stop',
            text: `The link (${formatStrain(rig.linkKg, system)}) is no weaker than the main line (${formatStrain(rig.mainLineKg, system)}).`,
            reason: 'When the line parts it parts above the rig, and the fish trails the lot.',
            basis: COMMON_PRACTICE,
            changes: `A link under ${formatStrain(rig.mainLineKg, system)}.`,
          }
        : null,
  },
  {
    id: 'no-wire',
    look: ({ rig }) => {
      if (!isToothed(rig.species) || rig.species === 'trout' || rig.trace === 'wire') return null;
      const pike = rig.species === 'pike';
      if (!pike && rig.trace === 'heavy-mono') return null;
      return {
        severity: 'stop',
        text: pike ? 'No wire: a pike bites through it.' : 'Nothing against teeth.',
        reason: 'A fish that bites off swims away with hooks in its throat.',
        basis: COMMON_PRACTICE,
        changes: pike ? 'A wire trace.' : 'A wire or heavy mono trace.',
      };
    },
  },
  {
    id: 'no-up-trace',
    look: ({ rig }) =>
      rig.trace === 'wire' && !rig.upTrace && (rig.lead === 'running' || rig.lead === 'float')
        ? {
            severity: 'care',
            text: 'No up-trace: the bait can swing back on to the main line.',
            reason: 'On the cast or the drop the bait doubles back; the take is then above the wire.',
            basis: COMMON_PRACTICE,
            changes: 'A second trace as long as the first, above the lead or float.',
          }
        : null,
  },
  {
    id: 'water-wants-barbless',
    look: ({ rig, rules, water }) =>
      rules.barblessOnly && rig.barb !== 'barbless'
        ? {
            severity: 'stop',
            text: `Barbless only here; this hook is ${BARB_TEXT[rig.barb]}.`,
            reason: 'The water’s rule comes before any preference.',
            basis: { kind: 'local-rule', water },
            changes: 'A barbless hook.',
          }
        : null,
  },
  {
    id: 'barb-stands',
    look: ({ rig, rules }) =>
      rig.barb === 'barbed' && !rules.barblessOnly
        ? {
            severity: 'care',
            text: 'A full barb tears on the way out, of fish and of fingers.',
            reason: 'Rolled flat in the jaws of the pliers it holds nearly as well; a straight squeeze seldom does it.',
            basis: COMMON_PRACTICE,
            changes: 'Roll the barb flat, or a barbless hook.',
          }
        : null,
  },
  {
    id: 'not-your-school',
    look: ({ rig, rules, school }) =>
      school === 'barbless' && (rig.barb === 'micro' || rig.barb === 'rolled') && !rules.barblessOnly
        ? {
            severity: 'care',
            text: `You fish barbless; this hook is ${BARB_TEXT[rig.barb]}.`,
            reason: 'Barbless goes in with less force and comes out in a second.',
            basis: { kind: 'school', name: 'barbless' },
            changes: 'Another hook, or another preference under Settings.',
          }
        : null,
  },
  {
    id: 'leadcore',
    look: ({ rig }) =>
      rig.leader === 'leadcore'
        ? {
            severity: 'care',
            text: 'Leadcore: a break above it leaves a heavy tail on the fish.',
            reason: 'It snags in weed and does not rot. Many waters forbid it.',
            basis: COMMON_PRACTICE,
            changes: 'Tubing, or no leader.',
          }
        : null,
  },
  {
    id: 'not-load-tested',
    look: ({ rig, now, lastFishAt }) => {
      const state = loadTestState(rig, now, lastFishAt);
      return state === 'stands'
        ? null
        : {
            severity: 'care',
            text: LOAD_TEST_WORDS[state],
            reason:
              'A knot that slips is found on a fixed point, not on a fish: hook it to something solid, walk back, hold it 10 to 20 s.',
            basis: COMMON_PRACTICE,
            changes: 'One test under full load.',
          };
    },
  },
  {
    id: 'comes-free',
    look: ({ rig }) =>
      rig.lead !== 'fixed' && rig.linkKg < rig.mainLineKg
        ? {
            severity: 'good',
            text: 'Lead ejects: a lost fish tows nothing.',
            reason: `${LEAD_TEXT[rig.lead]} and the link is the weak point.`,
            basis: COMMON_PRACTICE,
          }
        : null,
  },
];

export const RIG_RULE_IDS: readonly string[] = RULES.map(({ id }) => id);

/** A rig's verdict for the fish's sake, with every reason, the gravest first. */
export interface RigVerdict {
  readonly verdict: Severity;
  readonly findings: readonly Finding[];
}

/** Example: a lead that is fixed gives the verdict `stop`, whatever else is right. */
export function judgeRig(state: RigState): RigVerdict {
  const said = findings(RULES, state);
  return { verdict: said[0]?.severity ?? 'good', findings: said };
}
