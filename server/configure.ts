import type { NestExpressApplication } from '@nestjs/platform-express';
import helmet from 'helmet';
import type { NextFunction, Request, Response } from 'express';
import { DevicesRepository } from './access/devices.repository.js';
import { PassphraseRepository } from './access/passphrase.repository.js';
import { rateLimits } from './access/rateLimits.js';
import { sealedOnly } from './access/sealedOnly.js';
import { whoAsks } from './access/whoAsks.js';
import { ErrorsAsJson } from './errors/errorsAsJson.js';
import { HomeService } from './home/home.service.js';
import { originGuard } from './originGuard.js';
import { refuseOtherBodies } from './jsonOnly.js';
import { checkBookInThread } from './storage/checkBook.js';
import { Database } from './storage/database.js';
import { webPage } from './webPage.js';
import { strictValidation } from './errors/strictValidation.js';
import type { Options } from './options.js';

const CONTENT_POLICY = {
  useDefaults: false,
  directives: {
    defaultSrc: ["'self'"],
    scriptSrc: ["'self'"],
    workerSrc: ["'self'"],
    // Radix measures and places its layers with inline styles.
    styleSrc: ["'self'", "'unsafe-inline'"],
    imgSrc: ["'self'", 'data:', 'blob:'],
    fontSrc: ["'self'"],
    connectSrc: ["'self'"],
    manifestSrc: ["'self'"],
    objectSrc: ["'none'"],
    baseUri: ["'self'"],
    formAction: ["'self'"],
    frameAncestors: ["'none'"],
  },
};

/**
 * What a page of the book may ask the device for; everything else is off. Bluetooth has no name here that a browser
 * knows: it is for the page itself anyway.
 */
const PERMISSIONS =
  'camera=(self), geolocation=(self), screen-wake-lock=(self), microphone=(), payment=(), usb=(), serial=(), hid=(), midi=()';

/**
 * What holds for every request: who may ask, how large, how checked, and how an error looks; and the page, from the
 * folder of the web.
 */
export function configure(app: NestExpressApplication, options: Options, web: string): NestExpressApplication {
  const errors = new ErrorsAsJson(() => {
    // What fails in a check is told by the next one.
    app
      .get(Database)
      .suspectDamage(checkBookInThread)
      .catch(() => undefined);
  });
  app.setGlobalPrefix('api');
  app.enableShutdownHooks();
  app.disable('x-powered-by');
  app.use(helmet({ contentSecurityPolicy: CONTENT_POLICY, strictTransportSecurity: false }));
  app.use(forEveryAnswer);
  // The proxies that were named say for whom they ask; nobody else is believed.
  app.set('trust proxy', options.proxies);
  const home = app.get(HomeService);
  app.use(originGuard([...options.hosts, ...namesOf(options.listen)], () => home.hosts()));
  if (options.proxies.length > 0) app.use(sealedOnly);
  app.use(whoAsks(app.get(DevicesRepository), app.get(PassphraseRepository), options.proxies.length > 0));
  app.use(rateLimits());
  app.use(refuseOtherBodies);
  app.useBodyParser('json', { limit: '1mb' });
  for (const handler of webPage(web)) app.use(handler);
  app.use(errors.beforeWork);
  app.useGlobalPipes(strictValidation());
  app.useGlobalFilters(errors);
  return app;
}

/**
 * Answers of the book are never the newest for long, and are nobody else's; those that never change say so themselves.
 */
function forEveryAnswer(request: Request, response: Response, next: NextFunction): void {
  response.setHeader('Permissions-Policy', PERMISSIONS);
  if (request.path.startsWith('/api/')) response.setHeader('Cache-Control', 'no-store');
  next();
}

/** The address that it listens on is a name of its own; all of them together are none. */
function namesOf(listen: string): string[] {
  if (listen === '0.0.0.0' || listen === '::') return [];
  return [listen.includes(':') ? `[${listen}]` : listen];
}
