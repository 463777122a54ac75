import { PAGES } from '@keeper/contract/pages';
import { router } from './router.js';

// What comes with the first load talks to the device at once; here only the paths are looked at.
jest.mock('../views/run/Run.js', () => ({ Run: () => null }));
jest.mock('../views/today/Today.js', () => ({ Today: () => null }));
jest.mock('./Shell.js', () => ({ Shell: () => null }));

test('every page of the router is one that the server knows, and the other way round', () => {
  const paths = router.routes
    .flatMap((route) => [route, ...(route.children ?? [])])
    .flatMap(({ path }) => (path && path !== '*' ? [path] : []));
  expect(paths.sort()).toEqual([...PAGES].sort());
});
