import type { Page } from '@playwright/test';
import type { BookPage } from '@keeper/contract/book';
import { COUNTRIES } from '@keeper/core/domain/water/emergency';
import { test, expect } from './keeperTest.js';

/** Units, signs and names that no language changes. */
const UNCHANGED =
  /^(lb|oz|dr|kg|g|cm|mm|m|in|MB|hPa|mg|L|s|min|h|C|F|BPM|JPEG|PDF|CSV|JSON|SIM|I|II|III|IIII|UTC|x|to)$/;

/** What stands on the page, or is said of it, that did not come by way of a dictionary. */
async function unkeyed(page: Page): Promise<string[]> {
  const said = await page.evaluate(() => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const texts: string[] = [];
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement;
      if (parent && !['SCRIPT', 'STYLE', 'TITLE'].includes(parent.tagName)) texts.push(node.textContent ?? '');
    }
    for (const name of ['aria-label', 'placeholder', 'title', 'alt'])
      for (const element of document.querySelectorAll(`[${name}]`)) texts.push(element.getAttribute(name) ?? '');
    return texts;
  });
  // A message may say another within its own: the innermost marks go first.
  const left = (text: string): string => {
    const without = text.replace(/⟦[^⟦⟧]*⟧/g, '');
    return without === text ? text : left(without);
  };
  return [...new Set(said.map((text) => left(text).trim()))].filter((text) =>
    (text.match(/[A-Za-z]+/g) ?? []).some((word) => !UNCHANGED.test(word)),
  );
}

/** Days, months and hours follow the way that dates are written. */
const DATES =
  /^[\s\d.,:;–-]*(?:(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|Mon|Tue|Wed|Thu|Fri|Sat|Sun|January|February|March|April|May|June|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept|Oct|Nov|Dec|am|pm|[\s\d.,:;–-])*$/;

/** Countries are written by the browser. */
const REGIONS = new Set(COUNTRIES.map((country) => new Intl.DisplayNames('en', { type: 'region' }).of(country)));

/** Whether all of it stands in the keeper’s own book: names, places and notes, one beside the other. */
const isOwn = (text: string, book: string) =>
  REGIONS.has(text) || book.includes(text) || text.split(', ').every((part) => book.includes(part));

/** Opens each page in the marked language, and gives what of it is in no text room; the keeper's own words are. */
async function lookThrough(page: Page, url: string, paths: readonly string[], own = ''): Promise<string[]> {
  await page.addInitScript(() => localStorage.setItem('keeper.language', 'en-XA'));
  const found: string[] = [];
  for (const path of paths) {
    await page.goto(`${url}${path}`);
    await page.waitForLoadState('networkidle');
    await expect(page.locator('body')).toContainText('⟦');
    const left = (await unkeyed(page)).filter((text) => !DATES.test(text) && !isOwn(text, own));
    found.push(...left.map((text) => `${path}: ${text}`));
  }
  return found;
}

test('every word of an empty book comes from a text room', { tag: '@desk' }, async ({ page, server }) => {
  const found = await lookThrough(page, server.url, [
    ...[
      '/',
      '/write-up',
      '/hurt',
      '/book',
      '/book/past',
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
    ...['/rehearse/clean', '/devices', '/pair', '/more', '/settings', '/nowhere'],
  ]);
  expect(found).toEqual([]);
});

test(
  'every word about a full book comes from a text room, or is the keeper’s own',
  { tag: '@desk' },
  async ({ page, demo }) => {
    const ask = async <T>(path: string) => (await (await fetch(`${demo.url}/api${path}`)).json()) as T;
    const own = await Promise.all(
      ['/book.json', '/fish'].map(async (path) => (await fetch(`${demo.url}/api${path}`)).text()),
    );
    const { rows } = await ask<BookPage>('/captures');
    const known = await ask<readonly { readonly fishId: string }[]>('/captures/known');
    const outings = await ask<readonly { readonly outingId: string }[]>('/outings');
    const pictured =
      await ask<readonly { readonly captureId: string; readonly sha256: string }[]>('/captures/pictures');
    const kit = await ask<readonly { readonly id: string; readonly kind: string }[]>('/kit');
    const meetings = await ask<readonly { readonly id: string }[]>('/meetings');
    const [picture] = pictured;
    const bench = `/pictures/${picture?.captureId}/${picture?.sha256}`;
    const found = await lookThrough(
      page,
      demo.url,
      [
        ...['/', '/book', '/fish', '/bank', '/waters', '/kit', '/weigh', '/pictures', '/write-up'],
        ...rows.slice(0, 3).flatMap(({ captureId }) => [`/book/${captureId}`, `/write-up/${captureId}`]),
        ...[`/book/${rows[0]?.captureId}/share`, bench, `${bench}/who`],
        ...[...new Set(known.map(({ fishId }) => fishId))].slice(0, 3).map((fishId) => `/fish/${fishId}`),
        ...outings.slice(0, 2).flatMap(({ outingId }) => [`/bank/${outingId}`, `/bank/${outingId}/layout`]),
        ...meetings.flatMap(({ id }) => [`/meetings/${id}`, `/meetings/${id}/put/${picture?.captureId}`]),
        '/meetings',
        ...kit.filter(({ kind }) => kind === 'scales').map(({ id }) => `/weigh/scales/${id}`),
      ],
      own.join(' '),
    );
    expect(found).toEqual([]);
  },
);
