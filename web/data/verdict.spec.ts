import { ApiError, NotHere, NotLetIn, NotNow, Unreachable } from './api.js';
import { BytesGone } from './ownCopy.js';
import { verdictOn } from './verdict.js';

const body = (code: string) =>
  ({ code, sentence: 'Why.', fields: [{ field: 'events.0.at', sentence: 'No.' }] }) as never;

test.each([
  ['a field that is wrong', new ApiError(400, body('not-valid')), 'never'],
  ['an id that was used', new ApiError(409, body('event-id-reused')), 'never'],
  ['no picture', new ApiError(415, body('not-a-picture')), 'never'],
  ['a picture that was deleted', new ApiError(410, body('picture-deleted')), 'never'],
  ['too many pixels', new ApiError(413, body('too-many-pixels')), 'never'],
  ['bytes that are gone', new BytesGone(), 'never'],
  ['too large for this server', new ApiError(413, body('too-large')), 'later'],
  ['an address that an older server has not', new ApiError(404, body('not-found')), 'skip'],
  ['something that broke', new NotNow(500, body('broken')), 'skip'],
  ['a service that failed', new ApiError(424, body('service-failed')), 'skip'],
  ['a full disk', new NotNow(503, body('disk-full')), 'stop'],
  ['a foreign name', new NotHere('This book does not answer as "x".'), 'stop'],
  ['a device that is not let in', new NotLetIn(body('not-let-in')), 'stop'],
  ['what was logged after being put out', new ApiError(403, body('put-out')), 'later'],
  ['what a helper may not do', new ApiError(403, body('not-allowed')), 'skip'],
  ['too much in a minute', new ApiError(429, body('wait')), 'skip'],
  ['no server', new Unreachable(), 'stop'],
  ['anything else', new TypeError('x'), 'stop'],
])('%s', (_, error, kind) => expect(verdictOn(error).kind).toBe(kind));

test('says which field, and why nothing goes', () => {
  expect(verdictOn(new ApiError(400, body('not-valid')))).toMatchObject({ fields: [{ field: 'events.0.at' }] });
  expect(verdictOn(new NotNow(503, body('disk-full')))).toEqual({
    kind: 'stop',
    trouble: { kind: 'not-now', sentence: 'Why.' },
  });
  expect(verdictOn(new NotLetIn(body('put-out')))).toMatchObject({ trouble: { kind: 'not-let-in', sentence: 'Why.' } });
  expect(verdictOn(new NotHere('Elsewhere.'))).toMatchObject({ trouble: { kind: 'not-here', sentence: 'Elsewhere.' } });
});
