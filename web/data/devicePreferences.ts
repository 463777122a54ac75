import { useSyncExternalStore } from 'react';

/** How the run speaks up when the time in the air goes. */
export type AlertWay = 'silent' | 'vibrate' | 'sound' | 'voice';
/** The hand that holds the phone. */
export type Hand = 'left' | 'right';
/** The scale that this device listens to: none, the simulated one, or one over Bluetooth. */
export type ScaleWay = 'none' | 'simulated' | 'bluetooth';
/** The camera that the run opens: this device's own, or the simulated one. */
export type CameraWay = 'device' | 'simulated';

interface Ways {
  readonly alert: AlertWay;
  readonly hand: Hand;
  readonly scale: ScaleWay;
  readonly camera: CameraWay;
  /** Scales and sling of the kit that lie on this bank; empty takes the first of each. */
  readonly scalesId: string;
  readonly slingId: string;
  /** When the scale was set to zero with the wet sling on, before a take. */
  readonly zeroedAt: string;
}

const KEYS: Readonly<Record<keyof Ways, string>> = {
  alert: 'keeper.alert',
  hand: 'keeper.hand',
  scale: 'keeper.scale',
  camera: 'keeper.camera',
  scalesId: 'keeper.scales',
  slingId: 'keeper.sling',
  zeroedAt: 'keeper.zeroedAt',
};
const FIRST: Ways = {
  alert: 'vibrate',
  hand: 'right',
  scale: 'none',
  camera: 'device',
  scalesId: '',
  slingId: '',
  zeroedAt: '',
};
const listeners = new Set<() => void>();

/** Ways of this one device: they are not the keeper's on every other. */
export function setDevicePreference<K extends keyof Ways>(name: K, value: Ways[K]): void {
  localStorage.setItem(KEYS[name], value);
  deviceWaysChanged();
}

/** Tells what is on the screen to read the ways of this device again. */
export function deviceWaysChanged(): void {
  for (const listener of listeners) listener();
}

export function useDevicePreference<K extends keyof Ways>(name: K): Ways[K] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => (localStorage.getItem(KEYS[name]) as Ways[K] | null) ?? FIRST[name],
  );
}
