import { enGB } from '@keeper/core/text/en-GB/catalogue';
import type { Say } from '@keeper/core/measure/message';
import { sayIn } from '@keeper/core/text/texts';

/** Says what the rules have to say, in the keeper's language. */
export const say: Say = sayIn(enGB);
