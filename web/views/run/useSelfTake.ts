import { useEffect, useEffectEvent, useState } from 'react';
import { useDevicePreference, type AlertWay } from '../../data/devicePreferences.js';
import { useTheme } from '../../app/theme.js';
import { soundTones } from './soundTones.js';

export const SELF_SECONDS = 5;

interface SelfTake {
  /** Seconds that are left; undefined while nothing is counted. */
  readonly left: number | undefined;
  readonly begin: () => void;
}

/**
 * Counts down aloud, unless this device is to be silent or it is night, and then takes. However often the page is drawn
 * meanwhile, a second is a second.
 */
export function useSelfTake(take: () => void): SelfTake {
  const [left, setLeft] = useState<number>();
  const way = useDevicePreference('alert');
  const quiet = useTheme() === 'night';
  const tick = useEffectEvent(() => {
    if (left !== undefined && left > 1) return setLeft(left - 1);
    setLeft(undefined);
    return take();
  });
  useEffect(() => {
    if (left === undefined) return undefined;
    countAloud(left, way, quiet);
    const timer = setTimeout(() => tick(), 1000);
    return () => clearTimeout(timer);
  }, [left, way, quiet]);
  return { left, begin: () => setLeft(SELF_SECONDS) };
}

/**
 * Who holds a fish before the camera feels nothing of a device three paces away: what does not speak sounds, even where
 * it would only hum.
 */
function countAloud(seconds: number, way: AlertWay, quiet: boolean): void {
  if (way === 'silent') return;
  if ('vibrate' in navigator) navigator.vibrate(60);
  if (quiet) return;
  if (way === 'voice' && 'speechSynthesis' in window)
    speechSynthesis.speak(new SpeechSynthesisUtterance(String(seconds)));
  else soundTones(1);
}
