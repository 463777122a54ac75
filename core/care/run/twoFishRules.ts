import { runMessage } from './runMessages.js';
import { COMMON_PRACTICE } from '../counsel.js';
import type { RunRule } from './runRule.js';

/** Two fish on at once: which first, with one net, and the first kept breathing. */
export const TWO_FISH_RULES: readonly RunRule[] = [
  {
    id: 'two-fish-on',
    look: ({ phase, context: { otherFish, helped } }) =>
      phase === 'playing' && otherFish === 'playing'
        ? {
            severity: 'care',
            text: runMessage('twoFishOn', { helped }),
            reason: runMessage('twoFishOnReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'two-fish-one-net',
    look: ({ phase, context: { otherFish } }) =>
      phase === 'playing' && otherFish === 'in-water'
        ? {
            severity: 'care',
            text: runMessage('twoFishOneNet'),
            reason: runMessage('twoFishOneNetReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'two-fish-first-waits',
    look: ({ phase, signs, hookEnd, context: { otherFish, helped } }) =>
      (phase === 'netted' || phase === 'resting') && otherFish === 'playing' && !signs.has('thrashing')
        ? {
            severity: 'care',
            text: runMessage('twoFishFirstWaits', { helped, hookIn: hookEnd === null }),
            reason: runMessage('twoFishFirstWaitsReason'),
            basis: COMMON_PRACTICE,
            ...(!helped && { avoids: ['lifted' as const] }),
          }
        : null,
  },
  {
    id: 'two-fish-back-in',
    look: ({ phase, use, context: { otherFish, helped } }) =>
      phase === 'air' && otherFish === 'playing' && !helped && use.stage !== 'over'
        ? {
            severity: 'stop',
            text: runMessage('twoFishBackIn'),
            reason: runMessage('twoFishFirstWaitsReason'),
            basis: COMMON_PRACTICE,
            avoids: ['weighed', 'measured', 'pictured', 'looked-over', 'carried'],
          }
        : null,
  },
];
