import type { NextFunction, Request, Response } from 'express';
import { setAsking } from './asking.js';
import type { DevicesRepository } from './devices.repository.js';
import { cookieOf, readToken } from './sessionToken.js';

/** Says how much waits on the device that asks. */
const WAITING_HEADER = 'keeper-waiting';
const MOST_WAITING = 1_000_000;

/**
 * Finds out who sent each request to the API: the machine itself, over plain HTTP on loopback, or a device by its
 * session. Behind a proxy nobody is taken for the machine.
 */
export function whoAsks(devices: DevicesRepository, isBehindProxy: boolean) {
  return (request: Request, response: Response, next: NextFunction): void => {
    if (!request.path.startsWith('/api/')) {
      next();
      return;
    }
    const onMachine = !request.secure && !isBehindProxy;
    const token = onMachine ? undefined : readToken(request.headers.cookie);
    const device = token === undefined ? undefined : devices.byToken(token);
    setAsking(request, { onMachine, device: device ?? null });
    if (token !== undefined && device) {
      const renewed = devices.see(device, token, waitingOf(request), new Date());
      if (renewed !== undefined) response.appendHeader('Set-Cookie', cookieOf(renewed));
    }
    next();
  };
}

function waitingOf(request: Request): number | undefined {
  const said = Number(request.get(WAITING_HEADER));
  return Number.isInteger(said) && said >= 0 && said <= MOST_WAITING ? said : undefined;
}
