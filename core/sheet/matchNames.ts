import { alikeWords } from '../domain/outing/alikeWords.js';
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
  /** More frequent names of the sheet that it may be, as they are written. */
  readonly perhapsAs: readonly string[];
}

/**
 * The names of a sheet beside those of the book, the most frequent first; `bare` leaves out of a name what tells it
 * from none. Example: `harle mere` is the water of that name; `Harle Mear` may be it.
 */
export function matchNames(
  written: readonly string[],
  known: readonly Named[],
  bare: (name: string) => string = (name) => name,
): readonly NameInSheet[] {
  const byFold = new Map<string, Map<string, number>>();
  for (const each of written) {
    const name = each.trim();
    if (name === '') continue;
    const ways = byFold.get(foldWord(name)) ?? new Map<string, number>();
    byFold.set(foldWord(name), ways.set(name, (ways.get(name) ?? 0) + 1));
  }
  const ofBook = new Map(known.map((each) => [foldWord(each.name), each]));
  const names = [...byFold]
    .map(([fold, ways]) => {
      const [[written] = [fold]] = [...ways].sort(([, a], [, b]) => b - a);
      const rows = [...ways.values()].reduce((sum, n) => sum + n, 0);
      return { written, rows, is: ofBook.get(fold)?.id ?? null };
    })
    .sort((a, b) => b.rows - a.rows);
  return names.map((name, i) => {
    const isAlike = (other: string) => {
      const [one, two] = [bare(name.written), bare(other)];
      return name.is === null && (alikeNames(one, two) || alikeWords([one, two]).length > 0);
    };
    const perhapsAs = names.slice(0, i).flatMap(({ written }) => (isAlike(written) ? [written] : []));
    return { ...name, perhaps: known.filter((each) => isAlike(each.name)), perhapsAs };
  });
}
