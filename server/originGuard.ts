import type { NextFunction, Request, Response } from 'express';
import type { ErrorBody } from '@keeper/contract/errors';

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];

/**
 * Refuses requests that name a foreign host (a name rebound to this address) or come from a foreign page. `hosts` are
 * the further names under which the keeper lets the server be asked; `homeHosts` says those of the home network, as
 * they are now. What writes from beyond this machine has to say which page it comes from.
 */
export function originGuard(hosts: readonly string[], homeHosts: () => readonly string[] = () => []) {
  const always = new Set([...LOOPBACK, ...hosts].map((host) => host.toLowerCase()));
  return (request: Request, response: Response, next: NextFunction): void => {
    const host = request.headers.host ?? '';
    const { origin } = request.headers;
    const isRead = request.method === 'GET' || request.method === 'HEAD';
    const isSealed = request.secure;
    if (!always.has(nameOf(host)) && !(isSealed && homeHosts().includes(nameOf(host)))) {
      refuse(response, {
        code: 'foreign-host',
        sentence: `This book does not answer as "${host}". Start it with --host to allow that name.`,
      });
    } else if (!isRead && request.headers['sec-fetch-site'] === 'cross-site') {
      refuse(response, {
        code: 'foreign-origin',
        sentence: 'This book accepts nothing from the pages of other sites.',
      });
    } else if (isSealed && !isRead && origin === undefined) {
      refuse(response, { code: 'foreign-origin', sentence: 'This book accepts nothing that comes from no page.' });
    } else if (origin !== undefined && origin !== `${isSealed ? 'https' : 'http'}://${host}`) {
      refuse(response, { code: 'foreign-origin', sentence: 'This book does not answer the pages of other sites.' });
    } else next();
  };
}

function refuse(response: Response, body: ErrorBody): void {
  response.status(403).json(body);
}

function nameOf(host: string): string {
  return host.toLowerCase().replace(/:\d+$/, '');
}
