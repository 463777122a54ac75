import { whoText } from './text.en-GB.js';
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
  const when =
    Math.abs(days) < 1
      ? whoText.theSameDay
      : `${betweenText(Math.abs(days))} ${days > 0 ? whoText.before : whoText.later}`;
  const fits =
    evidence > CLEARLY
      ? whoText.itFitsWell
      : evidence > -CLEARLY
        ? whoText.itMayBe
        : evidence > -3
          ? whoText.itHardlyFits
          : whoText.itDoesNotFit;
  if (by === 'length') {
    const text = (mm: number | null) =>
      habits.lengthHabit === 'in'
        ? whoText.inIt({ inchMm: ((mm ?? 0) / INCH_MM).toFixed(1) })
        : whoText.cm({ mm: ((mm ?? 0) / 10).toFixed(1) });
    return whoText.nowAndThen({ now: text(asked.lengthMm), then: text(than.lengthMm), when, fits });
  }
  if (by === 'weight')
    return whoText.nowAndThen({
      now: aboutGrams(asked.grams ?? 0, habits.massUnit),
      then: aboutGrams(than.grams ?? 0, habits.massUnit),
      when,
      fits,
    });
  if (by === 'at-once') return whoText.bothWereOnThe;
  return asked.waterId === than.waterId ? whoText.theSameWater : whoText.addAWaterFish;
}
