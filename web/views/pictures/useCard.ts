import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { PicturedFish } from '@keeper/contract/pictured';
import { sortByTime } from '@keeper/core/picture/sortByTime';
import { ask } from '../../data/api.js';
import { useMinute } from '../../data/useProspect.js';
import { cardFiles, letGo, takeCard, type CardFile, type NotTaken } from '../../data/card.js';

const NO_FISH: readonly PicturedFish[] = [];

/** The pictures off the card: being taken, sorted, and put where they belong. */
export function useCard() {
  const [files, setFiles] = useState<readonly CardFile[]>([]);
  const [notTaken, setNotTaken] = useState<readonly NotTaken[]>([]);
  const [taking, setTaking] = useState<{ done: number; of: number }>();
  const stop = useRef(false);
  const nowMs = useMinute();
  const fish = useQuery({ queryKey: ['pictured'], queryFn: () => ask<PicturedFish[]>('/captures/pictured') });

  useEffect(() => {
    void cardFiles().then(setFiles);
  }, []);

  const take = async (chosen: readonly File[]) => {
    stop.current = false;
    setNotTaken([]);
    setTaking({ done: 0, of: chosen.length });
    await takeCard(chosen, {
      stopped: () => stop.current,
      onTaken: (done, taken) => {
        setTaking({ done, of: chosen.length });
        if ('why' in taken) setNotTaken((before) => [...before, taken]);
        else setFiles((before) => [...before.filter(({ sha256 }) => sha256 !== taken.sha256), taken]);
      },
    });
    setTaking(undefined);
  };
  const sendAway = async (sha256s: readonly string[]) => {
    await letGo(sha256s);
    setFiles((before) => before.filter(({ sha256 }) => !sha256s.includes(sha256)));
  };
  const known = fish.data ?? NO_FISH;
  const sorted = sortByTime(files, known.map(spanOf), nowMs);
  return {
    ...{ files, fish: known, sorted, notTaken, taking, take, sendAway },
    /** Until the book was read, nothing can be said of where they belong. */
    sorting: fish.isPending,
    bookAway: fish.isError,
    cancel: () => {
      stop.current = true;
    },
    reread: () => fish.refetch(),
  };
}

function spanOf({ captureId, startedAt, elapsedMs, pictures }: PicturedFish) {
  const fromMs = Date.parse(startedAt);
  return { captureId, fromMs, toMs: fromMs + elapsedMs, has: pictures };
}
