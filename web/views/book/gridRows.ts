import type { PictureInBook } from '@keeper/contract/book';
import { monthText } from '../../parts/when.js';

/** A line of the wall of pictures: the month that begins, or as many pictures as stand side by side. */
export type GridRow =
  | { readonly kind: 'month'; readonly text: string }
  | { readonly kind: 'pictures'; readonly pictures: readonly PictureInBook[] };

/**
 * Lays pictures out in rows of so many columns; each month begins a new row under its name, unless they are not in the
 * order of time. Example: three pictures of June and one of May in two columns are six rows, with the two months.
 */
export function gridRows(pictures: readonly PictureInBook[], columns: number, byMonth: boolean): GridRow[] {
  const rows: GridRow[] = [];
  let month: string | undefined;
  let filling: PictureInBook[] = [];
  for (const picture of pictures) {
    const its = monthText(picture.startedAt ?? '');
    if (byMonth && its !== month) {
      rows.push({ kind: 'month', text: its });
      month = its;
      filling = [];
    }
    if (filling.length % columns === 0) {
      filling = [];
      rows.push({ kind: 'pictures', pictures: filling });
    }
    filling.push(picture);
  }
  return rows;
}
