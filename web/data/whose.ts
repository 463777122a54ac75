import { useSyncExternalStore } from 'react';
import type { Access } from '@keeper/contract/access';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { deviceWaysChanged } from './devicePreferences.js';

const KEY = 'keeper.whose';
/** Ways of a device that go with the keeper who holds it. */
const OWN_WAYS = ['keeper.light', 'keeper.hand', 'keeper.alert'] as const;
const listeners = new Set<() => void>();

/** The keeper who holds this device: its fish are theirs, and so are units, schools and bests on it. */
export function myKeeperId(): string {
  return localStorage.getItem(KEY) ?? FIRST_KEEPER;
}

export function useMyKeeperId(): string {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, myKeeperId);
}

/** Puts the device into the hand of a keeper, with the light, the hand and the alert that were theirs on it. */
export function setMyKeeper(keeperId: string): void {
  const before = myKeeperId();
  if (keeperId === before) return;
  for (const way of OWN_WAYS) {
    const standing = localStorage.getItem(way);
    if (standing !== null) localStorage.setItem(`${way}.${before}`, standing);
    const own = localStorage.getItem(`${way}.${keeperId}`);
    if (own === null) localStorage.removeItem(way);
    else localStorage.setItem(way, own);
  }
  localStorage.setItem(KEY, keeperId);
  deviceWaysChanged();
  for (const listener of listeners) listener();
}

/** Whose device a fish is begun on: the first keeper's go without saying. */
export function ofKeeper(): { readonly keeperId?: string } {
  const keeperId = myKeeperId();
  return keeperId === FIRST_KEEPER ? {} : { keeperId };
}

/** A device that was let in is its keeper's; on the machine it is said there. */
export function heldAs(access: Access): Access {
  if (access.keeperId !== null) setMyKeeper(access.keeperId);
  return access;
}
