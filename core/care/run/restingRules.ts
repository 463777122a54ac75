import { runMessage } from './runMessages.js';
import { nameOfWay } from '../../domain/practice/bankPractices.js';
import { COMMON_PRACTICE } from '../counsel.js';
import { practiceBasis } from './practiceBasis.js';
import { type RunRule } from './runRule.js';

/**
 * Where nothing may be kept, this long in the net for hook and camera is still no keeping (common practice, no source).
 */
const NO_KEEPING_MS = 3 * 60_000;
/** From here nobody may call it a rest (common practice, no source). */
const OVERNIGHT_MS = 2 * 3_600_000;

/** How long somebody helps before it is honest to ask what comes next (common practice, no source). */
const SLOW_MS = 5 * 60_000;
const NOT_COMING_MS = 15 * 60_000;

/** In net or sling, upright, and away. */
export const RESTING_RULES: readonly RunRule[] = [
  {
    id: 'overnight',
    look: ({ phase, retention }) =>
      (phase === 'netted' || phase === 'resting') && retention.ms >= OVERNIGHT_MS
        ? {
            severity: 'stop',
            text: runMessage('overnight', { ms: retention.ms }),
            reason: runMessage('overnightReason'),
            basis: COMMON_PRACTICE,
            does: ['held'],
            avoids: ['rested', 'lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'kept-too-long',
    look: ({ phase, retention: { ms, limitMs, basis }, hookEnd }) =>
      (phase === 'netted' || phase === 'resting') &&
      hookEnd !== null &&
      ms < OVERNIGHT_MS &&
      ms >= (limitMs === 0 ? NO_KEEPING_MS : limitMs)
        ? {
            severity: 'stop',
            text:
              limitMs === 0
                ? runMessage('keptTooLongNoRetentionHereAnd', { ms })
                : runMessage('keptTooLongInNetAndSling', { ms, limitMs }),
            reason: runMessage('keptTooLongReason'),
            basis,
            does: ['held'],
            avoids: ['rested', 'lifted', 'weighed', 'measured', 'pictured'],
          }
        : null,
  },
  {
    id: 'kept-half',
    look: ({ phase, retention: { ms, limitMs, basis }, hookEnd }) =>
      (phase === 'netted' || phase === 'resting') &&
      hookEnd !== null &&
      limitMs > 0 &&
      ms >= limitMs / 2 &&
      ms < limitMs
        ? {
            severity: 'care',
            text: runMessage('keptHalf', { ms, limitMs }),
            reason: runMessage('keptHalfReason'),
            basis,
          }
        : null,
  },
  {
    id: 'predator-release',
    look: ({ phase, signs }) =>
      (phase === 'resting' || phase === 'holding') && signs.has('predator-near')
        ? {
            severity: 'stop',
            text: runMessage('predatorRelease'),
            reason: runMessage('predatorReleaseReason'),
            basis: COMMON_PRACTICE,
            does: ['held', 'move-on'],
          }
        : null,
  },
  {
    id: 'not-coming',
    look: ({ phase, heldMs, recoverySigns, signs, context }) =>
      phase === 'holding' && heldMs >= NOT_COMING_MS && recoverySigns < 3 && !signs.has('predator-near')
        ? {
            severity: 'care',
            text: runMessage('notComing', { way: context.schools.recover }),
            reason: runMessage('notComingReason'),
            basis: COMMON_PRACTICE,
            steps: [
              runMessage('notComingCoolerMovingWaterIf'),
              runMessage('notComingBellySupportedGillCovers'),
              runMessage('notComingCountTheBeatsNote'),
              runMessage('notComingAskWhatThisWater'),
            ],
          }
        : null,
  },
  {
    id: 'slow-recovery',
    look: ({ phase, heldMs, recoverySigns, signs }) =>
      phase === 'holding' &&
      heldMs >= SLOW_MS &&
      heldMs < NOT_COMING_MS &&
      recoverySigns < 3 &&
      !signs.has('predator-near')
        ? {
            severity: 'good',
            text: runMessage('slowRecovery'),
            reason: runMessage('slowRecoveryReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'hold-upright',
    look: ({ phase, heldMs, signs, context }) =>
      phase === 'holding' && heldMs < SLOW_MS && !signs.has('predator-near')
        ? {
            severity: 'good',
            text: runMessage('holdUpright', { way: context.schools.recover }),
            reason: runMessage('holdUprightReason'),
            basis: practiceBasis(context, 'recover', nameOfWay('recover', context.schools.recover)),
          }
        : null,
  },
  {
    id: 'rest-before-picture',
    look: ({ phase, retention, fromTheNet, signs, dropped, clocks, budget }) =>
      phase === 'resting' &&
      !fromTheNet &&
      !signs.has('bleeding') &&
      !signs.has('thrashing') &&
      !signs.has('predator-near') &&
      !dropped &&
      clocks.airMs < budget.totalMs &&
      retention.limitMs > 0 &&
      retention.ms < retention.limitMs / 2
        ? {
            severity: 'good',
            text: runMessage('restBeforePicture'),
            reason: runMessage('restBeforePictureReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
];
