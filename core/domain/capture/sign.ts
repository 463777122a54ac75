import type { Message } from '../../measure/message.js';
import { captureMessage } from './captureMessages.js';
/** What is seen or felt of a fish at one moment, one tap each. */
export const SIGNS = [
  'hook-easy',
  'hook-deep',
  'hook-swallowed',
  'hook-near-gills',
  'thrashing',
  'calm',
  'line-caught',
  'line-clear',
  'bleeding',
  'spent',
  'small',
  'predator-near',
  'hangs-upright',
  'level',
  'no-net',
] as const;
export type Sign = (typeof SIGNS)[number];

/** What each sign says on its control. */
export const SIGN_WORDS: Readonly<Record<Sign, Message>> = {
  'hook-easy': captureMessage('signHookEasy'),
  'hook-deep': captureMessage('signHookDeep'),
  'hook-swallowed': captureMessage('signHookSwallowed'),
  'hook-near-gills': captureMessage('signHookNearGills'),
  thrashing: captureMessage('signThrashing'),
  calm: captureMessage('signCalm'),
  'line-caught': captureMessage('signLineCaught'),
  'line-clear': captureMessage('signLineClear'),
  bleeding: captureMessage('signBleeding'),
  spent: captureMessage('signSpent'),
  small: captureMessage('signSmall'),
  'predator-near': captureMessage('signPredatorNear'),
  'hangs-upright': captureMessage('signHangsUpright'),
  level: captureMessage('signLevel'),
  'no-net': captureMessage('signNoNet'),
};

/** Signs of which only the newest can be true. */
const EXCLUDES: Partial<Record<Sign, readonly Sign[]>> = {
  'hook-easy': ['hook-deep', 'hook-swallowed', 'hook-near-gills'],
  'hook-deep': ['hook-easy', 'hook-swallowed', 'hook-near-gills'],
  'hook-swallowed': ['hook-easy', 'hook-deep', 'hook-near-gills'],
  'hook-near-gills': ['hook-easy', 'hook-deep', 'hook-swallowed'],
  thrashing: ['calm'],
  calm: ['thrashing'],
  'line-caught': ['line-clear'],
  'line-clear': ['line-caught'],
  'hangs-upright': ['level'],
  level: ['hangs-upright'],
};

/**
 * The signs that stand once another has been seen: it takes the place of those that it cannot be true with.
 * Example: after `thrashing`, `calm` leaves only `calm`.
 */
export function withSign(signs: readonly Sign[], seen: Sign): readonly Sign[] {
  const gone = EXCLUDES[seen] ?? [];
  return [...signs.filter((sign) => sign !== seen && !gone.includes(sign)), seen];
}
