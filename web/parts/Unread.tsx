import { partsText } from './text.en-GB.js';
import type { RowKind } from '../data/deviceStore.js';
import { useUnread } from '../data/rows.js';
import { Notice } from './Notice.js';

/** An empty list without the server is no empty book: says so. */
export function Unread({ kind }: { kind: RowKind }) {
  if (!useUnread(kind)) return null;
  return <Notice>{partsText.theBookCannotBe}</Notice>;
}
