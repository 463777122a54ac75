import { isPage, PAGES } from './pages.js';

test.each([
  ['/', true],
  ['/book', true],
  ['/book/', true],
  ['/book/01930000', true],
  ['/book/01930000/share', true],
  ['/book/01930000/shares', false],
  ['/books', false],
  ['/book//share', false],
  ['/bank/new', true],
  ['', false],
])('%j', (path, is) => expect(isPage(path)).toBe(is));

test('no page is listed twice', () => expect(new Set(PAGES).size).toBe(PAGES.length));
