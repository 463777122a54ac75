import type { RowKind } from '../data/deviceStore.js';
import { useUnread } from '../data/rows.js';
import { Notice } from './Notice.js';

/** An empty list without the server is no empty book: says so. */
export function Unread({ kind }: { kind: RowKind }) {
  if (!useUnread(kind)) return null;
  return (
    <Notice>
      The book cannot be reached from here, and this device has not read this list before. What you enter is kept and
      goes into the book later.
    </Notice>
  );
}
