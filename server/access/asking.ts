import type { Request } from 'express';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import type { Role } from '@keeper/contract/access';
import type { DeviceRow } from './devices.repository.js';
import type { Door } from './sessionToken.js';

/** Who sent a request. */
export interface Asking {
  readonly door: Door;
  /**
   * It came from the machine that keeps the book, over its own loopback; where the passphrase is asked there too, from
   * a browser that gave it.
   */
  readonly onMachine: boolean;
  /** The device whose session it brought; null where it brought none that holds. */
  readonly device: DeviceRow | null;
}

const asked = new WeakMap<Request, Asking>();

export function setAsking(request: Request, asking: Asking): void {
  asked.set(request, asking);
}

/** Who sent a request; nobody, where it was not found out. */
export function askingOf(request: Request): Asking {
  return asked.get(request) ?? { door: 'sealed', onMachine: false, device: null };
}

/** Whose ways or bests are asked for: those of the keeper who is named, else of the one whose device asks. */
export function keeperAsked(asking: Asking, named: string | undefined): string {
  return named ?? keeperOfDevice(asking) ?? FIRST_KEEPER;
}

/** The keeper whose device asks, or who let it in; null on the machine, where it is said on the screen. */
export function keeperOfDevice({ onMachine, device }: Asking): string | null {
  return onMachine ? null : (device?.keeperId ?? null);
}

/** What somebody may do; null for a stranger and for a device that was put out. */
export function roleOf({ onMachine, device }: Asking): Role | null {
  if (onMachine) return 'keeper';
  return device && device.putOutAt === null ? (device.role as Role) : null;
}
