import { enGB } from '@keeper/core/text/en-GB/catalogue';
import { sayIn, type Say } from '@keeper/core/text/texts';

/** Says what the rules have to say, in the keeper's language. */
export const say: Say = sayIn(enGB);
