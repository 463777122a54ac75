import { useEffect, useState } from 'react';

/** Whether the screen stays awake: `refused` where the browser cannot, or the battery is too low. */
export type WakeState = 'asked' | 'awake' | 'refused';

/** Keeps the screen awake while a run is open and seen. */
export function useWakeLock(wanted: boolean): WakeState {
  const [state, setState] = useState<WakeState>('asked');
  useEffect(() => {
    if (!wanted) return;
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        // Not every browser has it, whatever its types say.
        const { wakeLock } = navigator as { wakeLock?: WakeLock };
        lock = await wakeLock?.request('screen');
        if (over) await lock?.release();
        else setState(lock ? 'awake' : 'refused');
      } catch {
        if (!over) setState('refused');
      }
    };
    const shown = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', shown);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', shown);
      void lock?.release();
    };
  }, [wanted]);
  return state;
}
