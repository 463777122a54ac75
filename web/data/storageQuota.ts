import { useEffect, useState } from 'react';

/** Kept free for taps: pictures must never take the room that the run itself needs. */
const RESERVE_BYTES = 20_000_000;
/** Below this it is time to say so. */
const LOW_BYTES = 150_000_000;

/** Bytes that this device still gives to the book; undefined where it does not say. */
async function freeBytes(): Promise<number | undefined> {
  // Not every browser has it, whatever its types say.
  const { storage } = navigator as { storage?: StorageManager };
  const { quota, usage } = (await storage?.estimate().catch(() => undefined)) ?? {};
  return quota === undefined || usage === undefined ? undefined : quota - usage;
}

/** Whether bytes can be kept and the run still has room. Asked before they are written, not after they were lost. */
export async function hasRoomFor(bytes: number): Promise<boolean> {
  const free = await freeBytes();
  return free === undefined || free > bytes + RESERVE_BYTES;
}

/** Asks the browser not to clear the book away when the device runs short. */
export async function askToStay(): Promise<void> {
  const { storage } = navigator as { storage?: StorageManager };
  if (storage && !(await storage.persisted())) await storage.persist();
}

/** Megabytes left when they are few, else undefined. `again` makes it look anew. */
export function useLowRoom(again: unknown): number | undefined {
  const [megabytes, setMegabytes] = useState<number>();
  useEffect(() => {
    let gone = false;
    void freeBytes().then((free) => {
      if (!gone) setMegabytes(free !== undefined && free < LOW_BYTES ? Math.floor(free / 1_000_000) : undefined);
    });
    return () => {
      gone = true;
    };
  }, [again]);
  return megabytes;
}
