import { enGB } from '@keeper/core/text/en-GB/catalogue';
import { sayIn } from '@keeper/core/text/texts';

/** What the server says stands in files and answers that others read too: it is English, whatever its keeper reads. */
export const say = sayIn(enGB);
