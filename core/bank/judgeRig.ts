import type { Message } from '../measure/message.js';
import { bankMessage } from './bankMessages.js';
import type { WaterRules } from '../domain/water/rules.js';
import type { MassSystem } from '../measure/mass.js';
import { COMMON_PRACTICE, findings, type Finding, type Rule, type Severity } from '../care/counsel.js';
import { isToothed } from '../care/stopLine.js';
import { type Rig, type LoadTestState, loadTestState } from '../domain/kit/rig.js';
import { nameOfWay, type GivesPractice } from '../domain/practice/bankPractices.js';
import type { BarbPractice } from '../domain/practice/barbPractice.js';

/** A rig on a water, judged by one who fishes by a school of hooks. */
export interface RigState {
  readonly rig: Rig;
  readonly rules: WaterRules;
  readonly water: string;
  readonly school: BarbPractice;
  /** What is to give before the line does. */
  readonly gives: GivesPractice;
  /** Whether the ways are set for this water alone. */
  readonly isSetHere?: boolean;
  /** The keeper's family of units, for strains in words. */
  readonly system: MassSystem;
  readonly now: string;
  /** When a fish of its kind was last on; undefined where the book has none. */
  readonly lastFishAt?: string | undefined;
}

/** What is said of a test that does not stand. */
export const LOAD_TEST_WORDS: Readonly<Record<Exclude<LoadTestState, 'stands'>, Message>> = {
  never: bankMessage('loadTestNever'),
  old: bankMessage('loadTestOld'),
  'after-fish': bankMessage('loadTestAfterFish'),
  'after-snag': bankMessage('loadTestAfterSnag'),
};

/** The hook opens under a pull that the line still bears. */
function opensFirst({ hookOpensKg, mainLineKg }: Rig): boolean {
  return typeof hookOpensKg === 'number' && hookOpensKg < mainLineKg;
}

const RULES: readonly Rule<RigState>[] = [
  {
    id: 'lead-stays',
    look: ({ rig }) =>
      rig.lead === 'fixed'
        ? {
            severity: 'stop',
            text: bankMessage('leadStays'),
            reason: bankMessage('leadStaysReason'),
            basis: COMMON_PRACTICE,
            changes: bankMessage('leadStaysChanges'),
          }
        : null,
  },
  {
    id: 'link-too-strong',
    look: ({ rig, system, gives }) =>
      rig.linkKg >= rig.mainLineKg && !(gives === 'hook' && opensFirst(rig))
        ? {
            severity: 'stop',
            text: bankMessage('linkTooStrong', { linkKg: rig.linkKg, system, mainLineKg: rig.mainLineKg }),
            reason: bankMessage('linkTooStrongReason'),
            basis: COMMON_PRACTICE,
            changes: bankMessage('linkTooStrongChanges', { mainLineKg: rig.mainLineKg, system }),
          }
        : null,
  },
  {
    id: 'hook-holds',
    look: ({ rig, system, gives }) =>
      gives === 'hook' && typeof rig.hookOpensKg === 'number' && !opensFirst(rig)
        ? {
            severity: 'stop',
            text: bankMessage('hookHolds', { hookOpensKg: rig.hookOpensKg, mainLineKg: rig.mainLineKg, system }),
            reason: bankMessage('hookHoldsReason'),
            basis: { kind: 'school', name: nameOfWay('gives', 'hook') },
            changes: bankMessage('hookHoldsChanges', { mainLineKg: rig.mainLineKg, system }),
          }
        : null,
  },
  {
    id: 'hook-not-tried',
    look: ({ rig, gives }) =>
      gives === 'hook' && typeof rig.hookOpensKg !== 'number'
        ? {
            severity: 'care',
            text: bankMessage('hookNotTried'),
            reason: bankMessage('hookNotTriedReason'),
            basis: { kind: 'school', name: nameOfWay('gives', 'hook') },
            changes: bankMessage('hookNotTriedChanges'),
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
        text: pike ? bankMessage('noWirePike') : bankMessage('noWire'),
        reason: bankMessage('noWireReason'),
        basis: COMMON_PRACTICE,
        changes: pike ? bankMessage('noWirePikeChanges') : bankMessage('noWireChanges'),
      };
    },
  },
  {
    id: 'no-up-trace',
    look: ({ rig }) =>
      rig.trace === 'wire' && !rig.upTrace && (rig.lead === 'running' || rig.lead === 'float')
        ? {
            severity: 'care',
            text: bankMessage('noUpTrace'),
            reason: bankMessage('noUpTraceReason'),
            basis: COMMON_PRACTICE,
            changes: bankMessage('noUpTraceChanges'),
          }
        : null,
  },
  {
    id: 'water-wants-barbless',
    look: ({ rig, rules, water }) =>
      rules.barblessOnly && rig.barb !== 'barbless'
        ? {
            severity: 'stop',
            text: bankMessage('waterWantsBarbless', { barb: rig.barb }),
            reason: bankMessage('waterWantsBarblessReason'),
            basis: { kind: 'local-rule', water },
            changes: bankMessage('waterWantsBarblessChanges'),
          }
        : null,
  },
  {
    id: 'barb-stands',
    look: ({ rig, rules }) =>
      rig.barb === 'barbed' && !rules.barblessOnly
        ? {
            severity: 'care',
            text: bankMessage('barbStands'),
            reason: bankMessage('barbStandsReason'),
            basis: COMMON_PRACTICE,
            changes: bankMessage('barbStandsChanges'),
          }
        : null,
  },
  {
    id: 'not-your-school',
    look: ({ rig, rules, school, isSetHere, water }) =>
      school === 'barbless' && (rig.barb === 'micro' || rig.barb === 'rolled') && !rules.barblessOnly
        ? {
            severity: 'care',
            text: bankMessage('notYourSchool', { barb: rig.barb }),
            reason: bankMessage('notYourSchoolReason'),
            basis: { kind: 'school', name: bankMessage('barblessOnly'), ...(isSetHere && { water }) },
            changes: bankMessage('notYourSchoolChanges'),
          }
        : null,
  },
  {
    id: 'leadcore',
    look: ({ rig }) =>
      rig.leader === 'leadcore'
        ? {
            severity: 'care',
            text: bankMessage('leadcore'),
            reason: bankMessage('leadcoreReason'),
            basis: COMMON_PRACTICE,
            changes: bankMessage('leadcoreChanges'),
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
            reason: bankMessage('notLoadTestedReason'),
            basis: COMMON_PRACTICE,
            changes: bankMessage('notLoadTestedChanges'),
          };
    },
  },
  {
    id: 'comes-free',
    look: ({ rig }) =>
      rig.lead !== 'fixed' && rig.linkKg < rig.mainLineKg
        ? {
            severity: 'good',
            text: bankMessage('comesFree'),
            reason: bankMessage('comesFreeReason', { lead: rig.lead }),
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
