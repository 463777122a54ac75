import { asked } from '../../data/asked.js';
import { useQuery } from '@tanstack/react-query';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import type { PicturedFish } from '@keeper/contract/pictured';
import { localInput } from '../../parts/when.js';
import { BankTimes, type CaptureSpan } from '@keeper/core/pictures/bankTimes';
import { sortByTime } from '@keeper/core/pictures/sortByTime';
import { useMinute } from '../../data/useOutingAssessment.js';
import {
  cardFiles,
  forgetToCome,
  layBack,
  letGo,
  stillToCome,
  takeCard,
  type CardFile,
  type NotTaken,
} from '../../data/card.js';

const SHOW_EVERY_MS = 500;
const NO_FISH: readonly PicturedFish[] = [];

/** The pictures off the card: being taken, sorted, and put where they belong. */
export function useCard() {
  const [files, setFiles] = useState<readonly CardFile[]>([]);
  const [notTaken, setNotTaken] = useState<readonly NotTaken[]>([]);
  const [taking, setTaking] = useState<{ done: number; of: number }>();
  const [toCome, setToCome] = useState(stillToCome);
  const stop = useRef(false);
  const nowMs = useMinute();
  const fish = useQuery(asked.pictured);

  useEffect(() => {
    void cardFiles().then(setFiles);
  }, []);

  const take = async (chosen: readonly File[]) => {
    stop.current = false;
    setNotTaken([]);
    setToCome(0);
    setTaking({ done: 0, of: chosen.length });
    const fresh: CardFile[] = [];
    let shownMs = 0;
    const show = () => {
      const now = fresh.splice(0);
      shownMs = Date.now();
      startTransition(() => setFiles((before) => withoutTwins([...before, ...now])));
    };
    await takeCard(chosen, {
      stopped: () => stop.current,
      onTaken: (done, taken) => {
        setTaking({ done, of: chosen.length });
        if ('why' in taken) setNotTaken((before) => [...before, taken]);
        else fresh.push(taken);
        // Each time all of them are sorted anew: with hundreds that is done now and then, not for each.
        if (Date.now() - shownMs > SHOW_EVERY_MS) show();
      },
    });
    show();
    setTaking(undefined);
  };
  const sendAway = async (sha256s: readonly string[]) => {
    await letGo(sha256s);
    setFiles((before) => before.filter(({ sha256 }) => !sha256s.includes(sha256)));
  };
  const comeBack = async (back: readonly CardFile[]) => {
    await layBack(back);
    setFiles((before) => withoutTwins([...before, ...back]));
  };
  const known = fish.data ?? NO_FISH;
  // Sorted again when there is something else to sort: not whenever the page is drawn.
  const bank = useMemo(() => new BankTimes(known.map(spanOf)), [known]);
  const sorted = useMemo(() => sortByTime(files, bank, nowMs, dayHere), [files, bank, nowMs]);
  return {
    files,
    fish: known,
    sorted,
    notTaken,
    taking,
    take,
    sendAway,
    comeBack,
    toCome,
    /** The rest of a card that was broken off is not wanted. */
    enough: () => {
      forgetToCome();
      setToCome(0);
    },
    /** Until the book was read, nothing can be said of where they belong. */
    sorting: fish.isPending,
    bookAway: fish.isError,
    cancel: () => {
      stop.current = true;
    },
    reread: () => fish.refetch(),
  };
}

/** Each picture once, as it was taken last. */
function withoutTwins(files: readonly CardFile[]): CardFile[] {
  return [...new Map(files.map((file) => [file.sha256, file])).values()];
}

function spanOf({ captureId, startedAt, elapsedMs, pictures, dated, netGrams }: PicturedFish): CaptureSpan {
  const fromMs = Date.parse(startedAt);
  const day = dated ? (dated.as === 'day' ? dated.from : null) : dayHere(fromMs);
  const span = { captureId, fromMs, toMs: fromMs + elapsedMs, has: pictures, day, grams: netGrams };
  return dated ? { ...span, untimed: true } : span;
}

function dayHere(atMs: number): string {
  return localInput(atMs).slice(0, 10);
}
