import type { Request } from 'express';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import type { Role } from '@keeper/contract/access';
import type { DeviceRow } from './devices.repository.js';

/** Who sent a request. */
export interface Asking {
  /** It came from the machine that keeps the book, over its own loopback. */
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
  return asked.get(request) ?? { onMachine: false, device: null };
}

/** Whose ways or bests are asked for: those of the keeper who is named, else of the one whose device asks. */
export function keeperAsked({ device }: Asking, named: string | undefined): string {
  return named ?? device?.keeperId ?? FIRST_KEEPER;
}

/** What somebody may do; null for a stranger and for a device that was put out. */
export function roleOf({ onMachine, device }: Asking): Role | null {
  if (onMachine) return 'keeper';
  return device && device.putOutAt === null ? (device.role as Role) : null;
}
