import type { EventPayloads, Facts } from '../domain/capture/event.js';
import type { PastFish } from '../domain/capture/pastPage.js';
import type { Imported } from '../domain/capture/imported.js';
import type { LengthOf } from '../domain/fish/bodyLength.js';
import type { SheetFish } from './readSheetRow.js';

/** Where a fish of a sheet was, by the rows of the book, and what lengths are read to there. */
export interface RowPlace {
  readonly waterId?: string;
  readonly swimId?: string;
  readonly keeperId?: string;
  readonly lengthOf: LengthOf;
}

/** A row of a sheet as a fish of other years: weights are typed, lengths are of what the keeper measures. */
export function pageOfRow(fish: SheetFish, imported: Imported, { lengthOf, ...where }: RowPlace): PastFish {
  const { weight, length, girth, note, kind, dated, ...rod } = fish;
  const facts: Facts = {
    ...kind,
    ...(weight && { weight: { asRead: weight, method: 'zeroed', way: 'typed' } }),
    ...(length && { length: { ...length, of: lengthOf } }),
    ...(girth && { girth }),
    ...(note && { note }),
  };
  const setup = Object.fromEntries(
    (['rig', 'bait', 'method', 'place'] as const).flatMap((name) => (rod[name] ? [[name, rod[name]]] : [])),
  );
  const hooked: EventPayloads['hooked'] = { ...where, imported };
  return { dated, hooked, facts, setup };
}
