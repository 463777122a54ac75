import { FIRST_KEEPER } from '../domain/capture/angler.js';
import type { CaptureEvent, Facts } from '../domain/capture/event.js';
import type { CameBook } from './readBookJson.js';

/**
 * A book of somebody else as it stands in this one: what is its first keeper's, who needs no name there, is that of a
 * keeper who has one here. The same book comes in again the same.
 *
 * @param keeperId the keeper of this book who the first keeper of the other is
 * @example asKeeper(book, 'ben').captures[0].payload.keeperId // 'ben', of a fish that named nobody
 */
export function asKeeper(book: CameBook, keeperId: string): CameBook {
  if (keeperId === FIRST_KEEPER) return book;
  const renamed = <T extends { readonly id: string }>(row: T): T =>
    row.id === FIRST_KEEPER ? { ...row, id: keeperId } : row;
  return {
    ...book,
    rows: { ...book.rows, keepers: book.rows.keepers.map(renamed) },
    settings: book.settings.map(renamed),
    captures: book.captures.map((event) => eventAs(event, keeperId)),
  };
}

function eventAs(event: CaptureEvent, keeperId: string): CaptureEvent {
  if (event.type === 'hooked') {
    const { keeperId: whose = FIRST_KEEPER } = event.payload;
    return whose === FIRST_KEEPER ? { ...event, payload: { ...event.payload, keeperId } } : event;
  }
  if (event.type !== 'described' && event.type !== 'amended') return event;
  const facts: Facts | undefined = event.payload.facts;
  const angler = facts?.angler;
  if (angler?.who !== 'keeper' || angler.keeperId !== FIRST_KEEPER) return event;
  const payload = { ...event.payload, facts: { ...facts, angler: { who: 'keeper', keeperId } } };
  return { ...event, payload } as CaptureEvent;
}
