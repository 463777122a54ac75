import { proxy } from 'comlink';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import type { NameInSheet } from '@keeper/core/sheet/matchNames';
import type { SwimsOfWater } from '@keeper/core/sheet/swimsOfSheet';
import type { WriteImportDto } from '@keeper/contract/imports';
import { ask } from '../../data/api.js';
import { blankSwim } from '../../data/blankSwim.js';
import { newId } from '../../data/device.js';
import type { KeepChoices } from '../../workers/sheetDesk.js';
import { askMarks, sheetDesk } from './desk.js';
import { SAME_AS } from './openSheet.js';

/** A row that is there before the fish that point to it. */
function put(path: string, body: object): Promise<unknown> {
  return ask(path, { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) });
}

/**
 * Makes the waters that a sheet names and the book does not have; a name that is the same as another gets its water.
 * @returns the water of each name, folded
 */
export function makeWaters(
  names: readonly NameInSheet[],
  known: Readonly<Record<string, string>>,
  chosen: Readonly<Record<string, string>>,
): Promise<Readonly<Record<string, string>>> {
  return makeNamed(names, known, chosen, (id, name) => put(`/waters/${id}`, { name, kind: 'lake', revision: 0 }));
}

/**
 * The same of the swims, each at its water. `waters`: by the folded name the water, all of them made.
 * @returns by the water, the swim of each name, folded
 */
export async function makeSwims(
  swims: readonly SwimsOfWater[],
  waters: Readonly<Record<string, string>>,
  chosen: Readonly<Record<string, Readonly<Record<string, string>>>>,
): Promise<Readonly<Record<string, Readonly<Record<string, string>>>>> {
  const made: Record<string, Readonly<Record<string, string>>> = {};
  for (const { waterKey, names } of swims) {
    const waterId = waters[waterKey] ?? waterKey;
    const said = chosen[waterKey] ?? {};
    const known = Object.fromEntries(
      names.flatMap(({ written, is }) => {
        const id = is ?? said[foldWord(written)];
        return id && !id.startsWith(SAME_AS) ? [[foldWord(written), id]] : [];
      }),
    );
    const isShort = names.filter(({ written }) => written.length <= MOST_SWIM_LETTERS);
    made[waterId] = await makeNamed(isShort, known, said, (id, name) =>
      put(`/swims/${id}`, { ...blankSwim(waterId), name, revision: 0 }),
    );
  }
  return made;
}

/** What is longer is no name, and stands in the note. */
const MOST_SWIM_LETTERS = 80;

async function makeNamed(
  names: readonly NameInSheet[],
  known: Readonly<Record<string, string>>,
  chosen: Readonly<Record<string, string>>,
  make: (id: string, name: string) => Promise<unknown>,
): Promise<Readonly<Record<string, string>>> {
  const ids = { ...known };
  for (const { written } of names) {
    const name = foldWord(written);
    if (ids[name] !== undefined) continue;
    const said = chosen[name] ?? '';
    const other = said.startsWith(SAME_AS) ? ids[foldWord(said.slice(SAME_AS.length))] : undefined;
    const id = other ?? newId();
    ids[name] = id;
    if (other === undefined) await make(id, written);
  }
  return ids;
}

/** Notes that a sheet comes in, before its first fish does: what is broken off can be taken back, too. */
export function noteImport(importId: string, row: Omit<WriteImportDto, 'retired' | 'revision'>): Promise<unknown> {
  return put(`/imports/${importId}`, { ...row, retired: false, revision: 0 });
}

/**
 * Sends the fish; those that are in the book by their key are not sent once more, so that it can be gone on with.
 * @returns whether all of them are in the book
 */
export async function keepSheet(choices: KeepChoices, onSent: (sent: number, of: number) => void): Promise<boolean> {
  return sheetDesk().keep(choices, await askMarks(), proxy(onSent));
}
