import { foldWord } from '../domain/outing/foldWord.js';
import { alikeNames } from './alikeNames.js';

export interface Named {
  readonly id: string;
  readonly name: string;
}

/** A name that a sheet writes, and what of the book it is or may be. */
export interface NameInSheet {
  /** As it stands most often; what differs only in case, hyphens, spaces or a plural is one name. */
  readonly written: string;
  readonly rows: number;
  /** The one of the book that has this name; null where none has. */
  readonly is: string | null;
  /** Those of the book that it may be, by a slip or a part of the name: never taken without being asked. */
  readonly perhaps: readonly Named[];
}

/**
 * The names of a sheet beside those of the book, the most frequent first. Example: `harle mere` is the water of that
 * name; `Harle Mear` may be it.
 */
export function matchNames(written: readonly string[], known: readonly Named[]): readonly NameInSheet[] {
  const byFold = new Map<string, Map<string, number>>();
  for (const each of written) {
    const name = each.trim();
    if (name === '') continue;
    const ways = byFold.get(foldWord(name)) ?? new Map<string, number>();
    byFold.set(foldWord(name), ways.set(name, (ways.get(name) ?? 0) + 1));
  }
  const ofBook = new Map(known.map((each) => [foldWord(each.name), each]));
  return [...byFold]
    .map(([fold, ways]) => {
      const [[name] = [fold]] = [...ways].sort(([, a], [, b]) => b - a);
      const is = ofBook.get(fold);
      const perhaps = is ? [] : known.filter((each) => alikeNames(name, each.name));
      return { written: name, rows: [...ways.values()].reduce((sum, n) => sum + n, 0), is: is?.id ?? null, perhaps };
    })
    .sort((a, b) => b.rows - a.rows);
}
