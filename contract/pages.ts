/**
 * Every page of the application; a segment after `:` stands for any one. The router of the web is held to this list by
 * a test.
 */
export const PAGES = [
  '/',
  '/run/:captureId',
  '/rehearse',
  '/rehearse/:seed',
  '/write-up',
  '/write-up/:captureId',
  '/book',
  '/book/:captureId',
  '/book/:captureId/share',
  '/book/past',
  '/book/sheet',
  '/book/in-and-out',
  '/book/season/:year',
  '/book/findings',
  '/book/findings/tackle',
  '/book/findings/handling',
  '/book/findings/bests',
  '/book/findings/how-many',
  '/pictures',
  '/pictures/:captureId/:sha256',
  '/pictures/:captureId/:sha256/who',
  '/pictures/:captureId/:sha256/beside/:otherId/:otherSha',
  '/fish',
  '/fish/sweep',
  '/fish/friends',
  '/fish/:fishId',
  '/meetings',
  '/meetings/:meetingId',
  '/meetings/:meetingId/rules',
  '/meetings/:meetingId/put/:captureId',
  '/bank',
  '/bank/new',
  '/bank/:outingId',
  '/bank/:outingId/layout',
  '/waters',
  '/waters/:waterId',
  '/waters/:waterId/swims/:swimId',
  '/hurt',
  '/kit',
  '/kit/rigs/:rigId',
  '/kit/items/:itemId',
  '/weigh',
  '/weigh/scales/:itemId',
  '/devices',
  '/pair',
  '/more',
  '/keys',
  '/settings',
] as const;

const PATTERNS = PAGES.map((page) => new RegExp(`^${page.replace(/:\w+/g, '[^/]+')}/?$`));

/** Whether there is a page at a path. Example: at `/book/x/y/z` there is none. */
export function isPage(path: string): boolean {
  return PATTERNS.some((pattern) => pattern.test(path));
}
