import { proxy } from 'comlink';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import type { NameInSheet } from '@keeper/core/sheet/matchNames';
import type { WriteImportDto } from '@keeper/contract/imports';
import { ask } from '../../data/api.js';
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
export async function makeWaters(
  names: readonly NameInSheet[],
  known: Readonly<Record<string, string>>,
  chosen: Readonly<Record<string, string>>,
): Promise<Readonly<Record<string, string>>> {
  const ids = { ...known };
  for (const { written } of names) {
    const name = foldWord(written);
    if (ids[name] !== undefined) continue;
    const said = chosen[name] ?? '';
    const other = said.startsWith(SAME_AS) ? ids[foldWord(said.slice(SAME_AS.length))] : undefined;
    ids[name] = other ?? newId();
    if (other === undefined) await put(`/waters/${ids[name]}`, { name: written, kind: 'lake', revision: 0 });
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
