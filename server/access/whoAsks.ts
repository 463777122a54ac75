import type { NextFunction, Request, Response } from 'express';
import { setAsking } from './asking.js';
import type { DeviceRow, DevicesRepository } from './devices.repository.js';
import type { PassphraseRepository } from './passphrase.repository.js';
import { cookieOf, readToken } from './sessionToken.js';

/** Says how much waits on the device that asks. */
const WAITING_HEADER = 'keeper-waiting';
const MOST_WAITING = 1_000_000;

/**
 * Finds out who sent each request to the API: the machine itself, over plain HTTP on loopback, or a device by its
 * session. Where the passphrase is asked on the machine too, it is nobody until it has a session. Behind a proxy nobody
 * is taken for the machine.
 */
export function whoAsks(devices: DevicesRepository, passphrase: PassphraseRepository, isBehindProxy: boolean) {
  return (request: Request, response: Response, next: NextFunction): void => {
    if (!request.path.startsWith('/api/')) {
      next();
      return;
    }
    const door = request.secure || isBehindProxy ? 'sealed' : 'here';
    const isOpen = door === 'here' && !passphrase.isAskedHere();
    const token = isOpen ? undefined : readToken(request.headers.cookie, door);
    const device = token === undefined ? undefined : devices.byToken(token);
    const onMachine = isOpen || (door === 'here' && device !== undefined && isOfKeeper(device));
    setAsking(request, { door, onMachine, device: device ?? null });
    if (token !== undefined && device) {
      const renewed = devices.see(device, token, waitingOf(request), new Date());
      if (renewed !== undefined) response.appendHeader('Set-Cookie', cookieOf(renewed, door));
    }
    next();
  };
}

function isOfKeeper({ role, putOutAt }: DeviceRow): boolean {
  return role === 'keeper' && putOutAt === null;
}

function waitingOf(request: Request): number | undefined {
  const said = Number(request.get(WAITING_HEADER));
  return Number.isInteger(said) && said >= 0 && said <= MOST_WAITING ? said : undefined;
}
