import { runMessage } from './runMessages.js';
import { COMMON_PRACTICE } from '../counsel.js';
import { nameOfWay } from '../../domain/practice/bankPractices.js';
import { practiceBasis } from './practiceBasis.js';
import { type RunRule } from './runRule.js';

/** A few tries take about this long; then the hook is cut (common practice, no source). */
const TRIES_MS = 60_000;

/** What lies under it when it kicks. */
const DOWN_WITH_IT = {
  mat: runMessage('downWithItMat'),
  boat: runMessage('downWithItBoat'),
  wading: runMessage('downWithItWading'),
} as const;

/** In the net, the hook, and what must be right before the lift. */
export const NETTED_RULES: readonly RunRule[] = [
  {
    id: 'swallowed',
    look: ({ hookEnd, signs, phase, unhookingMs, context: { schools } }) =>
      hookEnd === null &&
      signs.has('hook-swallowed') &&
      phase !== 'playing' &&
      phase !== 'gone' &&
      !(schools.swallowed === 'pliers' && unhookingMs < TRIES_MS)
        ? {
            severity: 'stop',
            text: runMessage('swallowed'),
            reason: runMessage('swallowedReason'),
            basis: COMMON_PRACTICE,
            steps: [
              runMessage('swallowedKeepItInThe'),
              runMessage('swallowedOpenTheMouthJust'),
              runMessage('swallowedSnipTheLineAs'),
              runMessage('swallowedNoteItAndLet'),
            ],
            does: ['line-cut'],
            avoids: ['hook-out', 'hook-cut'],
          }
        : null,
  },
  {
    id: 'swallowed-pliers',
    look: ({ hookEnd, signs, phase, unhookingMs, context }) =>
      hookEnd === null &&
      signs.has('hook-swallowed') &&
      phase !== 'playing' &&
      phase !== 'gone' &&
      context.schools.swallowed === 'pliers' &&
      unhookingMs < TRIES_MS
        ? {
            severity: 'stop',
            text: runMessage('swallowedPliers'),
            reason: runMessage('swallowedPliersReason'),
            basis: practiceBasis(context, 'swallowed', nameOfWay('swallowed', 'pliers')),
            avoids: ['hook-cut'],
          }
        : null,
  },
  {
    id: 'deep-hook',
    look: ({ hookEnd, signs, phase, context: { toothed } }) =>
      hookEnd === null &&
      (signs.has('hook-deep') || signs.has('hook-near-gills')) &&
      phase !== 'playing' &&
      phase !== 'gone'
        ? {
            severity: 'stop',
            text: signs.has('hook-deep') ? runMessage('deepHookDeepCutTheHook') : runMessage('deepHookNearGillsOrEye'),
            reason: runMessage('deepHookReason'),
            basis: COMMON_PRACTICE,
            steps: [
              toothed ? runMessage('deepHookSpreaderInGentlyHand') : runMessage('deepHookCoverTheEyeKeep'),
              runMessage('deepHookSideCuttersFromBehind'),
              runMessage('deepHookCutEachPointThat'),
              runMessage('deepHookLookForBleedingCount'),
            ],
            does: ['hook-cut'],
            avoids: ['hook-out'],
          }
        : null,
  },
  {
    id: 'too-many-tries',
    look: ({ hookEnd, signs, unhookingMs, phase }) =>
      hookEnd === null &&
      unhookingMs >= TRIES_MS &&
      phase !== 'gone' &&
      !signs.has('thrashing') &&
      !['hook-swallowed', 'hook-deep', 'hook-near-gills'].some((sign) => signs.has(sign as 'hook-deep'))
        ? {
            severity: 'care',
            text: runMessage('tooManyTries', { unhookingMs }),
            reason: runMessage('tooManyTriesReason'),
            basis: COMMON_PRACTICE,
            does: ['hook-cut'],
            avoids: ['hook-out'],
          }
        : null,
  },
  {
    id: 'thrashing',
    look: ({ phase, signs }) =>
      (phase === 'netted' || phase === 'resting') && signs.has('thrashing')
        ? {
            severity: 'stop',
            text: runMessage('thrashing'),
            reason: runMessage('thrashingReason'),
            basis: COMMON_PRACTICE,
            does: ['wait'],
            avoids: ['lifted'],
          }
        : null,
  },
  {
    id: 'thrashing-in-air',
    look: ({ phase, signs, use, context: { bank } }) =>
      phase === 'air' && signs.has('thrashing') && use.stage !== 'over'
        ? {
            severity: 'stop',
            text: DOWN_WITH_IT[bank === 'boat' || bank === 'wading' ? bank : 'mat'],
            reason: runMessage('thrashingInAirReason'),
            basis: COMMON_PRACTICE,
            does: ['wait'],
            avoids: ['weighed', 'measured', 'pictured', 'carried'],
          }
        : null,
  },
  {
    id: 'bleeding',
    look: ({ phase, signs }) =>
      phase !== 'playing' && phase !== 'gone' && signs.has('bleeding')
        ? {
            severity: 'stop',
            text: runMessage('bleeding'),
            reason: runMessage('bleedingReason'),
            basis: COMMON_PRACTICE,
            does: ['held'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured', 'clean', 'seal'],
          }
        : null,
  },
  {
    id: 'from-the-net',
    look: ({ phase, fromTheNet, signs, hookEnd, context: { waterC, stopLine, airC } }) =>
      (phase === 'netted' || phase === 'resting') && fromTheNet && hookEnd !== null && !signs.has('bleeding')
        ? {
            severity: 'stop',
            text: runMessage('fromTheNet'),
            reason:
              waterC !== null && waterC >= stopLine.tempC
                ? runMessage('fromTheNetTheWaterIsToo')
                : airC !== null && airC <= 0
                  ? runMessage('fromTheNetInFrostGillsAnd')
                  : runMessage('fromTheNetItHasNothingLeft'),
            basis: waterC !== null && waterC >= stopLine.tempC ? stopLine.basis : COMMON_PRACTICE,
            does: ['held'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'line-caught',
    look: ({ phase, signs }) =>
      (phase === 'netted' || phase === 'resting') && signs.has('line-caught')
        ? {
            severity: 'stop',
            text: runMessage('lineCaught'),
            reason: runMessage('lineCaughtReason'),
            basis: COMMON_PRACTICE,
            does: ['wait'],
            avoids: ['lifted'],
          }
        : null,
  },
  {
    id: 'settle',
    look: ({ phase, hookEnd, signs, fromTheNet, context, retention }) =>
      phase === 'netted' &&
      hookEnd !== null &&
      !fromTheNet &&
      context.schools.fight !== 'played-out' &&
      retention.ms < 30_000 &&
      !signs.has('calm') &&
      !signs.has('thrashing') &&
      !signs.has('bleeding')
        ? {
            severity: 'good',
            text: runMessage('settle'),
            reason:
              context.schools.fight === 'short' ? runMessage('settleItCameInGreen') : runMessage('settleAFishThatHas'),
            basis: practiceBasis(context, 'fight', nameOfWay('fight', context.schools.fight)),
            does: ['wait'],
          }
        : null,
  },
  {
    id: 'small-one',
    look: ({ phase, signs, hookEnd, context: { toothed } }) =>
      phase === 'netted' && signs.has('small') && !signs.has('bleeding')
        ? {
            severity: 'good',
            text: runMessage('smallOne', { toothed, hookEnd }),
            reason: runMessage('smallOneReason'),
            basis: COMMON_PRACTICE,
            avoids: ['lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'shed',
    look: ({ phase, hookEnd }) =>
      phase === 'netted' && hookEnd === 'shed'
        ? {
            severity: 'good',
            text: runMessage('shed'),
            reason: runMessage('shedReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'to-the-mat',
    look: ({ phase, hookToTheMat, signs, fromTheNet, context }) =>
      phase === 'netted' &&
      hookToTheMat &&
      !fromTheNet &&
      !['line-caught', 'thrashing', 'bleeding', 'small'].some((sign) => signs.has(sign as 'small'))
        ? {
            severity: 'care',
            text: runMessage('toTheMat', { lift: context.schools.lift }),
            reason: runMessage('toTheMatReason'),
            basis: practiceBasis(context, 'unhook', nameOfWay('unhook', 'mat')),
          }
        : null,
  },
  {
    id: 'before-the-lift',
    look: ({ phase, hookEnd, signs, fromTheNet, lookedOver, context }) =>
      phase === 'netted' &&
      hookEnd !== null &&
      !fromTheNet &&
      !signs.has('line-caught') &&
      !signs.has('thrashing') &&
      !signs.has('bleeding') &&
      !signs.has('small') &&
      !lookedOver
        ? {
            severity: 'good',
            text: runMessage('beforeTheLift', {
              lift: context.schools.lift,
              bank: context.bank,
              helped: context.helped,
            }),
            reason: runMessage('beforeTheLiftReason'),
            basis: practiceBasis(context, 'lift', nameOfWay('lift', context.schools.lift)),
          }
        : null,
  },
];
