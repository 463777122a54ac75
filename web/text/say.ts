import type { Say } from '@keeper/core/measure/message';
import { enGB } from '@keeper/core/text/en-GB/catalogue';
import { dateWordsOf, sayIn } from '@keeper/core/text/texts';
import { dateFormat, dictionary } from './language.js';

/** Says what the rules have to say, in the keeper's language. */
export const say: Say = sayIn(dictionary('rules', enGB), dateWordsOf(dateFormat));
