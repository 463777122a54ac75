import type { NestExpressApplication } from '@nestjs/platform-express';
import helmet from 'helmet';
import { ErrorsAsJson } from './errors/errorsAsJson.js';
import { refuseForeignRequests } from './foreignRequests.js';
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

/** What holds for every request: who may ask, how large, how checked, and how an error looks. */
export function configure(app: NestExpressApplication, options: Options): NestExpressApplication {
  app.setGlobalPrefix('api');
  app.enableShutdownHooks();
  app.disable('x-powered-by');
  app.use(helmet({ contentSecurityPolicy: CONTENT_POLICY, strictTransportSecurity: false }));
  app.use(refuseForeignRequests(options.hosts));
  app.useBodyParser('json', { limit: '1mb' });
  app.useGlobalPipes(strictValidation());
  app.useGlobalFilters(new ErrorsAsJson());
  return app;
}
