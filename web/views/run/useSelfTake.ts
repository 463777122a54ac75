import { useEffect, useEffectEvent, useState } from 'react';
import { useDeviceWay } from '../../data/deviceWays.js';

export const SELF_SECONDS = 5;

interface SelfTake {
  /** Seconds that are left; undefined while nothing is counted. */
  readonly left: number | undefined;
  readonly begin: () => void;
}

/** Counts down, aloud where this device speaks or sounds, and then takes. However often the page is drawn meanwhile, a second is a second. */
export function useSelfTake(take: () => void): SelfTake {
  const [left, setLeft] = useState<number>();
  const way = useDeviceWay('alert');
  const tick = useEffectEvent(() => {
    if (left !== undefined && left > 1) return setLeft(left - 1);
    setLeft(undefined);
    return take();
  });
  useEffect(() => {
    if (left === undefined) return undefined;
    countAloud(left, way);
    const timer = setTimeout(() => tick(), 1000);
    return () => clearTimeout(timer);
  }, [left, way]);
  return { left, begin: () => setLeft(SELF_SECONDS) };
}

function countAloud(seconds: number, way: string): void {
  if (way === 'voice' && 'speechSynthesis' in window)
    speechSynthesis.speak(new SpeechSynthesisUtterance(String(seconds)));
  else if (way !== 'silent' && 'vibrate' in navigator) navigator.vibrate(60);
}
