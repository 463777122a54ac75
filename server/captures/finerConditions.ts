import { sql, type SQL } from 'drizzle-orm';
import type { FinerFilterDto } from '@keeper/contract/finerFilter';
import type { SameWord } from '@keeper/core/domain/outing/alikeWords';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import { IN_THE_BOOK } from './inTheBook.js';

/** The pages that are meant: those of the book, or those that were struck out of it. */
export function pagesMeant({ struckOut }: FinerFilterDto): SQL {
  return struckOut ? sql`outcome = 'discarded' AND started_at IS NOT NULL` : IN_THE_BOOK;
}

/**
 * What is asked for beyond the columns of the book, as conditions on captures. A fact that was not noted is neither
 * large nor small: a fish that was not weighed weighs neither over nor under anything.
 *
 * @param sameWords words that the keeper made one: whoever asks for the one gets those of the other
 */
export function finerConditions(filter: FinerFilterDto, sameWords: readonly SameWord[]): SQL[] {
  const { fromDay, toDay, known, pictured, wounded, outcome } = filter;
  const told = (path: string) => sql`json_extract(summary, ${`$.${path}`})`;
  const is = (path: string, value: string | undefined) =>
    value === undefined ? undefined : sql`${told(path)} = ${value}`;
  const isWord = (path: string, value: string | undefined) =>
    value === undefined ? undefined : sql`fold_word(${told(path)}) IN ${waysToWrite(value, sameWords)}`;
  const within = (of: SQL, least: number | undefined, most: number | undefined) => [
    least === undefined ? undefined : sql`${of} >= ${least}`,
    most === undefined ? undefined : sql`${of} <= ${most}`,
  ];
  return [
    is('swimId', filter.swimId),
    is('form', filter.form),
    outcome === undefined ? undefined : sql`outcome = ${outcome}`,
    is('loss.reason', filter.lossReason),
    is('leaving', filter.leaving),
    fromDay === undefined ? undefined : sql`started_at >= ${fromDay}`,
    // Days of the calendar sort as text; whatever hour follows lies within.
    toDay === undefined ? undefined : sql`started_at < ${`${toDay}~`}`,
    ...within(sql`net_grams`, filter.leastGrams, filter.mostGrams),
    ...within(told('lengthMm'), filter.leastMm, filter.mostMm),
    ...within(told('waterC'), filter.leastWaterC, filter.mostWaterC),
    isWord('rod.bait', filter.bait),
    isWord('rod.rig', filter.rig),
    isWord('rod.method', filter.method),
    is('hookHold', filter.hookHold),
    known === undefined ? undefined : known === 'yes' ? sql`fish_id IS NOT NULL` : sql`fish_id IS NULL`,
    filter.fishId === undefined ? undefined : sql`fish_id = ${filter.fishId}`,
    pictured === undefined
      ? undefined
      : pictured === 'with'
        ? sql`json_array_length(summary, '$.pictures') > 0`
        : sql`json_array_length(summary, '$.pictures') = 0`,
    wounded === undefined
      ? undefined
      : wounded === 'open'
        ? sql`json_array_length(summary, '$.openWounds') > 0`
        : wounded === 'any'
          ? sql`${told('woundCount')} > 0`
          : sql`${told('woundCount')} = 0`,
    is('origin', filter.origin),
    is('imported.importId', filter.importId),
  ].flatMap((condition) => condition ?? []);
}

function waysToWrite(word: string, sameWords: readonly SameWord[]): string[] {
  const folded = foldWord(word);
  return [folded, ...sameWords.flatMap((each) => (foldWord(each.as) === folded ? foldWord(each.word) : []))];
}
