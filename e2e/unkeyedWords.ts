import type { Page } from '@playwright/test';
import { COUNTRIES } from '@keeper/core/domain/water/emergency';

/** Units, signs and names that no language changes. */
const UNCHANGED =
  /^(lb|oz|dr|kg|g|cm|mm|m|in|MB|hPa|mg|L|s|min|h|C|F|BPM|JPEG|PDF|CSV|JSON|SIM|I|II|III|IIII|UTC|x|to)$/;

/** Numbers and what no language changes. */
const isPlain = (text: string) => (text.match(/[A-Za-z]+/g) ?? []).every((word) => UNCHANGED.test(word));

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
  return [...new Set(said.map((text) => left(text).trim()))].filter((text) => !isPlain(text));
}

/** Days, months and hours follow the way that dates are written. */
const DATES =
  /^[\s\d.,:;–-]*(?:(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|Mon|Tue|Wed|Thu|Fri|Sat|Sun|January|February|March|April|May|June|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept|Oct|Nov|Dec|am|pm|[\s\d.,:;–-])*$/;

/** Countries are written by the browser. */
const REGIONS = new Set(COUNTRIES.map((country) => new Intl.DisplayNames('en', { type: 'region' }).of(country)));

/** Of a month the marked language marks only the letters. */
const unmarked = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '');

/** Whether all of it stands in the keeper’s own book: names, places and notes, one beside the other. */
const isOwn = (text: string, book: string) => REGIONS.has(text) || book.includes(text);

/** Speaks in the marked language from the next page on: what came by way of a dictionary stands between marks. */
export async function speakMarked(page: Page): Promise<void> {
  await page.addInitScript(() => localStorage.setItem('keeper.language', 'en-XA'));
}

/** What of the page is in no text room; the keeper's own words, as their book has them, are. */
export async function unkeyedWords(page: Page, own = ''): Promise<string[]> {
  const isKept = (part: string) => isOwn(part, own) || DATES.test(unmarked(part)) || isPlain(part);
  return (await unkeyed(page)).filter((text) => !isKept(text) && !text.split(', ').every(isKept));
}
