import { COMMON_PRACTICE } from '../counsel.js';
import { spoken, type RunRule } from './runRule.js';

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
            text: `${spoken(retention.ms)} in the sling is not a rest. Let it go now.`,
            reason: 'A fish that is kept stays stressed, and goes wild when it is lifted for a picture by daylight.',
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
                ? `No retention here, and it has been in the net for ${spoken(ms)}: let it go.`
                : `${spoken(ms)} in net and sling; the limit is ${spoken(limitMs)}: let it go.`,
            reason: 'Resting is for minutes.',
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
            text: `In the net for ${spoken(ms)}; ${spoken(limitMs - ms)} left.`,
            reason: 'Resting is for minutes.',
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
            text: 'A predator is about: hold it longer, in shallow water, or let it go farther along. Then move.',
            reason: 'It cannot flee for some minutes after a fight.',
            basis: COMMON_PRACTICE,
            does: ['held', 'move-on'],
          }
        : null,
  },
  {
    id: 'not-coming',
    look: ({ phase, heldMs, recoverySigns, signs }) =>
      phase === 'holding' && heldMs >= NOT_COMING_MS && recoverySigns < 3 && !signs.has('predator-near')
        ? {
            severity: 'care',
            text: 'Stay with it. Head into what current there is, no rocking to and fro. If the gills stop, it has not recovered.',
            reason:
              'Some come back after half an hour. If it does not, local rules say whether it goes back or is reported; write it down as it was.',
            basis: COMMON_PRACTICE,
            steps: [
              'Cooler, moving water if it is a step away.',
              'Belly supported, gill covers free.',
              'Count the beats; note the time.',
              'Ask what this water wants done.',
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
            text: 'As long as it takes: five minutes are not unusual.',
            reason: 'It goes when it is ready. Pushing it off does not help.',
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'hold-upright',
    look: ({ phase, heldMs, signs }) =>
      phase === 'holding' && heldMs < SLOW_MS && !signs.has('predator-near')
        ? {
            severity: 'good',
            text: 'Upright, head into the current; wrist of the tail, hand under the belly. Watch it swim.',
            reason: 'Even gill beats, fins moving, upright by itself, a kick: then it is ready.',
            basis: COMMON_PRACTICE,
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
            text: 'Let it breathe a minute. Frame the picture on the empty mat.',
            reason: 'A rest in the water between two steps costs nothing.',
            basis: COMMON_PRACTICE,
          }
        : null,
  },
];
