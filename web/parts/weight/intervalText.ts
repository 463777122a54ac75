import { weightWords } from './text.en-GB.js';
import { formatInterval } from '@keeper/core/measure/formatInterval';
import { massSystemOf } from '@keeper/core/measure/mass';
import type { WeightResult } from '@keeper/core/weighing/result';
import { stateWeight } from '@keeper/core/weighing/statedWeight';

/**
 * The doubt of a weight for a line under it. Examples: `give or take 2.7 oz`, `best estimate 23 lb 9.0 oz, give or take
 * 2.6 oz`.
 */
export function intervalText(result: WeightResult): string {
  const { about, grams, expandedGrams } = stateWeight(result);
  const { value, doubt } = formatInterval(grams, expandedGrams, massSystemOf(result.asRead.unit));
  return about === 'best' ? weightWords.asReadBestEstimate({ value, doubt }) : weightWords.giveOrTake3({ doubt });
}
