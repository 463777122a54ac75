import { test, expect } from './keeperTest.js';
import { speakMarked, unkeyedWords } from './unkeyedWords.js';

/** The views about a full book are looked through where each is looked at for all (`axe.e2e.ts`). */
test('every word of an empty book comes from a text room', { tag: '@desk' }, async ({ page, server }) => {
  // Two dozen pages, one after the other.
  test.setTimeout(120_000);
  const paths = [
    ...[
      '/',
      '/write-up',
      '/hurt',
      '/book',
      '/book/past',
      '/book/sheet',
      '/book/in-and-out',
      '/book/findings',
      '/book/findings/tackle',
      '/book/findings/handling',
      '/book/findings/bests',
      '/book/findings/how-many',
      '/pictures',
      '/fish',
      '/fish/sweep',
      '/fish/friends',
      '/bank',
      '/bank/new',
      '/waters',
    ],
    ...['/waters/new', '/waters/w1/swims/new', '/kit', '/kit/rigs/new', '/kit/items/new', '/weigh', '/rehearse'],
    ...['/meetings', '/meetings/new/rules'],
    ...['/rehearse/clean', '/devices', '/pair', '/more', '/keys', '/settings', '/nowhere'],
  ];
  await speakMarked(page);
  const found: string[] = [];
  for (const path of paths) {
    await page.goto(`${server.url}${path}`);
    await page.waitForLoadState('networkidle');
    await expect(page.locator('body')).toContainText('⟦');
    found.push(...(await unkeyedWords(page)).map((text) => `${path}: ${text}`));
  }
  expect(found).toEqual([]);
});
