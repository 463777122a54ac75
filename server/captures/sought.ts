import { sql, type SQL } from 'drizzle-orm';
import { readSearch, wordsIn, type Search } from '@keeper/core/find/readSearch';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import { wordOf } from '@keeper/core/domain/capture/searchWords';
import type { MassSystem } from '@keeper/core/measure/mass';
import type { Database } from '../storage/database.js';

interface NamedRow {
  readonly id: string;
  readonly kind: 'water' | 'swim' | 'fish';
  readonly name: string;
}

/** What a search lets through. */
export interface Sought {
  /** In the words of FTS5; empty where no words are looked for. */
  readonly match: string;
  /** Conditions on captures, the words among them. */
  readonly conditions: readonly SQL[];
}

/**
 * What a search lets through, as conditions on captures. A word may begin one that was written of the fish, or one of
 * the name that its water, its swim or the fish itself has now: a row that was renamed is found by its new name.
 */
export function sought(database: Database, text: string, today: string, massSystem: MassSystem): Sought {
  const search = readSearch(text, { dayFirst: true, today, massSystem });
  const match = matchOf(search, database);
  const conditions = [
    // Without an index for it: the book is walked in its order, and that stops when a page is full.
    match === ''
      ? undefined
      : sql`+id IN (SELECT capture_id FROM capture_words WHERE n IN (
          SELECT rowid FROM capture_search WHERE capture_search MATCH ${match}))`,
    search.from === null ? undefined : sql`started_at >= ${search.from}`,
    // Days of the calendar sort as text; whatever hour follows lies within.
    search.to === null ? undefined : sql`started_at < ${`${search.to}~`}`,
    search.leastGrams === null ? undefined : sql`net_grams >= ${search.leastGrams}`,
    search.mostGrams === null ? undefined : sql`net_grams <= ${search.mostGrams}`,
    search.leastMm === null ? undefined : sql`json_extract(summary, '$.lengthMm') >= ${search.leastMm}`,
    search.mostMm === null ? undefined : sql`json_extract(summary, '$.lengthMm') <= ${search.mostMm}`,
    search.outcome === null ? undefined : sql`outcome = ${search.outcome}`,
  ].flatMap((condition) => condition ?? []);
  return { match, conditions };
}

/** How many captures of the book have the words. */
export function countMatches({ drizzle }: Database, match: string): number {
  const [row] = drizzle.all<{ n: number }>(
    sql`SELECT count(*) AS n FROM capture_search WHERE capture_search MATCH ${match}`,
  );
  return row?.n ?? 0;
}

/** The search in the words of FTS5: each has to be found, by itself or by what is called so. */
function matchOf({ words, kinds }: Search, { sqlite }: Database): string {
  const rows = words.length === 0 ? [] : (sqlite.prepare(NAMED).all() as NamedRow[]);
  const named = rows.map((row) => ({ ...row, parts: wordsIn(row.name) }));
  const eachWord = words.map((word) => {
    const folded = foldWord(word);
    const called = named.filter(({ parts }) => parts.some((part) => part.startsWith(folded)));
    return [`"${folded}"*`, ...called.map(({ kind, id }) => wordOf(kind, id))].join(' OR ');
  });
  const eachKind = kinds.map(({ species, form }) =>
    [species && wordOf('species', species), form && wordOf('form', form)].filter(Boolean).join(' AND '),
  );
  return [...eachWord, ...eachKind].map((part) => `(${part})`).join(' AND ');
}

const NAMED = `SELECT id, 'water' AS kind, name FROM waters
  UNION ALL SELECT id, 'swim', body ->> '$.name' FROM swims
  UNION ALL SELECT id, 'fish', body ->> '$.name' FROM fish`;
