import { useSyncExternalStore } from 'react';

/** How the run speaks up when the time in the air goes. */
export type AlertWay = 'silent' | 'vibrate' | 'sound' | 'voice';
/** The hand that holds the phone. */
export type Hand = 'left' | 'right';

interface Ways {
  readonly alert: AlertWay;
  readonly hand: Hand;
}

const KEYS = { alert: 'keeper.alert', hand: 'keeper.hand' } as const;
const FIRST: Ways = { alert: 'vibrate', hand: 'right' };
const listeners = new Set<() => void>();

/** Ways of this one device: they are not the keeper's on every other. */
export function setDeviceWay<K extends keyof Ways>(name: K, value: Ways[K]): void {
  localStorage.setItem(KEYS[name], value);
  for (const listener of listeners) listener();
}

export function useDeviceWay<K extends keyof Ways>(name: K): Ways[K] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => (localStorage.getItem(KEYS[name]) as Ways[K] | null) ?? FIRST[name],
  );
}
