import { QueryClient } from '@tanstack/react-query';
import type { Sent } from './outbox.js';
import { readAgain } from './readAgain.js';

const LISTS = ['known', 'decisions', 'weighed', 'tally', 'waters'];

/** Which lists are read again once something was sent. */
async function readAgainAfter(sent: {
  subjects?: string[];
  types?: Sent['types'][number][];
  rows?: 'waters'[];
}): Promise<string[]> {
  const client = new QueryClient();
  client.setQueryData(['known'], { answer: [{ captureId: 'known-fish' }], askedMs: 0 });
  client.setQueryData(['weighed'], [{ captureId: 'weighed-fish' }]);
  for (const name of ['decisions', 'tally', 'waters']) client.setQueryData([name], []);
  await readAgain(client, { subjects: [], types: [], rows: [], ...sent });
  return LISTS.filter((name) => client.getQueryState([name])?.isInvalidated);
}

test.each<[string, Parameters<typeof readAgainAfter>[0], string[]]>([
  ['a tap in the run of a new fish', { subjects: ['c1'], types: ['netted', 'lifted'] }, ['tally']],
  ['a tap in the run of a known fish', { subjects: ['known-fish'], types: ['wetted'] }, ['known', 'tally']],
  [
    'a tap in the run of a fish that was weighed',
    { subjects: ['weighed-fish'], types: ['held'] },
    ['weighed', 'tally'],
  ],
  ['its weight', { subjects: ['c1'], types: ['reading-taken'] }, ['weighed', 'tally']],
  ['who it is', { subjects: ['c1'], types: ['identified'] }, ['known', 'decisions', 'tally']],
  ['something taken back', { subjects: ['c1'], types: ['undone'] }, ['known', 'decisions', 'weighed', 'tally']],
  ['a picture of a new fish', { subjects: ['c1'] }, ['tally']],
  ['a water', { rows: ['waters'] }, ['waters']],
])('%s', async (_, sent, lists) => {
  expect(await readAgainAfter(sent)).toEqual(lists);
});
