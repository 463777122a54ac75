import { partsText } from './text.en-GB.js';
import type { Leaving } from '@keeper/core/domain/capture/event';

/** How a fish left, in the keeper's words. */
export const LEAVING_WORDS: Readonly<Record<Leaving, string>> = {
  strong: partsText.strongWithAKick,
  slow: partsText.slowly,
  'helped-again': partsText.neededHelpAgain,
  'lost-sight': partsText.lostSightOfIt,
  'not-recovered': partsText.itDidNotRecover,
  'found-dead': partsText.foundDeadLater,
};
