import type { Leaving } from '@keeper/core/domain/capture/event';

/** How a fish left, in the keeper's words. */
export const LEAVING_WORDS: Readonly<Record<Leaving, string>> = {
  strong: 'Strong, with a kick',
  slow: 'Slowly',
  'helped-again': 'Needed help again',
  'lost-sight': 'Lost sight of it',
  'not-recovered': 'It did not recover',
  'found-dead': 'Found dead later',
};
