import type { Factor } from '@keeper/core/findings/factors';
import { dateFormat } from '../../text/language.js';
import { findingsText } from './text.en-GB.js';

const MONTH = dateFormat({ month: 'long', timeZone: 'UTC' });

/** A level as one would say it; `swimName` gives the name of a swim by its id. */
export function levelText(factor: Factor, level: string, swimName: (id: string) => string | undefined): string {
  const [low = '', high = ''] = level.split('|');
  switch (factor) {
    case 'swim':
      return swimName(level) ?? findingsText.aSwim;
    case 'month':
      return MONTH.format(Date.UTC(2000, Number(level) - 1, 15));
    case 'waterTemp':
      return findingsText.waterOf({ low, high });
    case 'range':
      return findingsText.rangeOf({ low, high });
    case 'pressure':
      return findingsText.pressureOf({ low, high });
    default:
      return findingsText.level({ factor, level });
  }
}

/** With a capital, at the head of a sentence. */
export function headed(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
