import type { KeptSettings } from '@keeper/contract/preferences';
import type { MetadataEvidence } from '@keeper/core/recognition/identity/metadataLogOdds';
import type { LinkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import { aboutGrams } from '../../parts/weight/massWords.js';
import { betweenText } from '../fish/fishWords.js';

type Habits = Pick<KeptSettings, 'massUnit' | 'lengthHabit'>;

const INCH_MM = 25.4;
/** By natural logarithm: from here on it speaks clearly, about two to one. */
const CLEARLY = 0.7;

/** One thing beside the flank in a sentence. Example: `28.3 in now, 28.0 in 4 months before: it fits.` */
export function besideText({ by, evidence, than }: MetadataEvidence, asked: LinkedFacts, habits: Habits): string {
  const days = (asked.atMs - than.atMs) / (24 * 3_600_000);
  const when = Math.abs(days) < 1 ? 'the same day' : `${betweenText(Math.abs(days))} ${days > 0 ? 'before' : 'later'}`;
  const fits =
    evidence > CLEARLY
      ? 'it fits well'
      : evidence > -CLEARLY
        ? 'it may be'
        : evidence > -3
          ? 'it hardly fits'
          : 'it does not fit';
  if (by === 'length') {
    const text = (mm: number | null) =>
      habits.lengthHabit === 'in' ? `${((mm ?? 0) / INCH_MM).toFixed(1)} in` : `${((mm ?? 0) / 10).toFixed(1)} cm`;
    return `${text(asked.lengthMm)} now, ${text(than.lengthMm)} ${when}: ${fits}.`;
  }
  if (by === 'weight')
    return `${aboutGrams(asked.grams ?? 0, habits.massUnit)} now, ${aboutGrams(than.grams ?? 0, habits.massUnit)} ${when}: ${fits}.`;
  if (by === 'at-once') return 'Both were on the bank at the same time: it cannot be.';
  return asked.waterId === than.waterId ? 'The same water.' : 'Add a water: fish do not walk.';
}
