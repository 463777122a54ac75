import { createStore, del, get, set } from 'idb-keyval';
import { useCallback, useEffect, useState } from 'react';
import { NO_ANSWERS, type SheetAnswers } from '@keeper/core/sheet/sheetAnswers';
import type { Mapping } from '@keeper/core/sheet/sheetField';
import type { TableChoice } from '../../workers/sheetDesk.js';

/** Before a name of the sheet that another of its names is the same as. */
export const SAME_AS = 'same-as:';

/** A sheet as it lies on the desk: the file itself, and what was said to it. Kept on this device until it is done. */
export interface OpenSheet {
  readonly id: string;
  readonly name: string;
  readonly bytes: Blob;
  readonly choice?: TableChoice;
  readonly mapping?: Mapping;
  /** Only what somebody answered. */
  readonly answers: SheetAnswers;
  /** By the folded name: a water of the book, another name of the sheet after `SAME_AS`, or nothing for a new one. */
  readonly waters: Readonly<Record<string, string>>;
  readonly kinds: Readonly<Record<string, string>>;
  readonly baits: Readonly<Record<string, string>>;
  /** The same of the swims of each water, by its id or by the folded name of one that will be made. */
  readonly swims: Readonly<Record<string, Readonly<Record<string, string>>>>;
  readonly alsoPerhaps: boolean;
  /** Its fish are on their way to the book, or were when the page was closed. */
  readonly importId?: string;
}

const store = createStore('keeper-sheet', 'open');
const KEY = 'open';

/** A sheet that lay there before more could be said of it has nothing said. */
const NOTHING_SAID = { waters: {}, kinds: {}, baits: {}, swims: {} } as const;

export function layOnDesk(id: string, { name }: File, bytes: Blob): OpenSheet {
  return { id, name, bytes, answers: NO_ANSWERS, ...NOTHING_SAID, alsoPerhaps: false };
}

/** The sheet on the desk, over reloads; undefined while that is not known, null where none lies there. */
export function useOpenSheet() {
  const [open, setOpen] = useState<OpenSheet | null>();
  useEffect(() => {
    void get<OpenSheet>(KEY, store).then((kept) => setOpen(kept ? { ...NOTHING_SAID, ...kept } : null));
  }, []);
  const put = useCallback(async (next: OpenSheet | null) => {
    setOpen(next);
    await (next ? set(KEY, next, store) : del(KEY, store));
  }, []);
  return { open, put };
}
