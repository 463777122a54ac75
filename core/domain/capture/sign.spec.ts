import { withSign, type Sign } from './sign.js';

const after = (...seen: Sign[]) => seen.reduce<readonly Sign[]>(withSign, []);

test('what cannot both be true is taken the place of; the rest stands', () => {
  expect(after('bleeding', 'thrashing', 'calm')).toEqual(['bleeding', 'calm']);
  expect(after('hook-deep', 'hook-swallowed')).toEqual(['hook-swallowed']);
  expect(after('line-caught', 'small', 'line-clear')).toEqual(['small', 'line-clear']);
  expect(after('small', 'small')).toEqual(['small']);
});
