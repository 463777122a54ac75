import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import { OPEN_TO, type Asker } from '@keeper/contract/openTo';
import { Problem } from '../errors/problem.js';
import { askingOf, roleOf, type Asking } from './asking.js';

/** Closed is the rule: a request comes through where the list of the contract opens its address to whoever sent it. */
@Injectable()
export class AccessGuard implements CanActivate {
  canActivate(context: ExecutionContext): boolean {
    const request = context.switchToHttp().getRequest<Request>();
    const asking = askingOf(request);
    const open = OPEN_TO[routeOf(request)] ?? [];
    if (open.some((asker) => isThe(asker, asking))) return true;
    throw refusalOf(asking);
  }
}

/** The address as the contract writes it: `get /captures/{captureId}`. */
function routeOf({ method, route }: Request): string {
  const { path } = route as { path: string };
  const verb = method === 'HEAD' ? 'get' : method.toLowerCase();
  return `${verb} ${path.replace(/^\/api/, '').replace(/:(\w+)/g, '{$1}')}`;
}

function isThe(asker: Asker, asking: Asking): boolean {
  switch (asker) {
    case 'anybody':
      return true;
    case 'machine':
      return asking.onMachine;
    case 'put-out':
      return asking.device !== null && asking.device.putOutAt !== null;
    case 'keeper':
    case 'helper':
    case 'reader':
      return roleOf(asking) === asker;
  }
}

function refusalOf(asking: Asking): Problem {
  if (roleOf(asking) !== null) {
    return new Problem(403, {
      code: 'not-allowed',
      sentence: 'This device may not do that: the book is its keeper’s.',
    });
  }
  if (asking.device?.putOutAt) {
    return new Problem(401, {
      code: 'put-out',
      sentence: 'The keeper has put this device out. What waits on it can still be handed in.',
    });
  }
  return new Problem(401, {
    code: 'not-let-in',
    sentence: 'This device is not let into the book. Pair it, or enter the passphrase; what waits on it is kept.',
  });
}
