import { rateLimit, ipKeyGenerator } from 'express-rate-limit';
import type { RequestHandler } from 'express';
import type { ErrorBody } from '@keeper/contract/errors';
import { askingOf } from './asking.js';

const MINUTE_MS = 60_000;
/** A device that comes home with 2,000 entries and 200 pictures asks some 250 times, its screens as often again. */
export const MOST_OF_DEVICE = 1200;
/** Whoever is not let in needs a few requests to be. */
export const MOST_OF_STRANGER = 300;

const BODY: ErrorBody = {
  code: 'wait',
  sentence: 'Too much was asked in a minute. Nothing was written; what waits on this device is sent again by itself.',
};

/** Requests to the API in a minute, by session, or by address for strangers; the machine itself is not counted. */
export function rateLimits(): RequestHandler {
  return rateLimit({
    windowMs: MINUTE_MS,
    limit: (request) => (askingOf(request).device ? MOST_OF_DEVICE : MOST_OF_STRANGER),
    keyGenerator: (request) => askingOf(request).device?.id ?? ipKeyGenerator(request.ip ?? 'unknown'),
    skip: (request) => !request.path.startsWith('/api/') || askingOf(request).onMachine,
    standardHeaders: 'draft-7',
    legacyHeaders: false,
    statusCode: 429,
    message: BODY,
    validate: { trustProxy: false },
  });
}
