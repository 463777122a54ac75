import '@testing-library/jest-dom';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { StoredRow } from './deviceStore.js';
import { useJoinings, useStandingSwims, useSwims, useWaters } from './rows.js';

let rows: readonly StoredRow[] = [];
jest.mock('./useCapture.js', () => ({ useOutbox: () => ({ rows }) }));
jest.mock('./record.js', () => ({}));

const swim = (id: string, name: string, revision: number, retired = false) => ({ id, name, revision, retired });
const written = (order: number, id: string, body: object, state: StoredRow['state'] = 'waiting'): StoredRow => ({
  order,
  kind: 'swims' as const,
  id,
  state,
  body: body as StoredRow['body'],
});

function seen(kept: readonly object[], kind = 'swims', use: () => readonly object[] = useSwims) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  client.setQueryData([kind], kept);
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return renderHook(() => (kind === 'waters' ? useWaters() : use()), { wrapper }).result.current;
}

afterEach(() => (rows = []));

test('what was written here lies over what the server has, write over write', () => {
  rows = [
    written(1, 'a', swim('a', 'Alder creek', 1)),
    written(2, 'a', swim('a', 'Alder point', 2)),
    written(3, 'b', swim('b', 'New', 0)),
  ];
  expect(seen([swim('a', 'Alder bay', 1)])).toMatchObject([
    { id: 'a', name: 'Alder point', revision: 3 },
    { id: 'b', name: 'New', revision: 1 },
  ]);
});

test('once the server has it, its version stands; a refused one never does', () => {
  rows = [written(1, 'a', swim('a', 'Old writing', 1)), written(2, 'b', swim('b', 'Refused', 1), 'refused')];
  expect(seen([swim('a', 'Alder bay', 2), swim('b', 'Theirs', 2)])).toMatchObject([
    { name: 'Alder bay' },
    { name: 'Theirs' },
  ]);
});

test('what was archived is not to be chosen any more, and keeps its name for the fish of its day', () => {
  rows = [written(1, 'a', swim('a', 'Alder bay', 1, true))];
  const kept = [swim('a', 'Alder bay', 1), swim('b', 'Bream hole', 1)];
  expect(seen(kept, 'swims', useStandingSwims)).toMatchObject([{ id: 'b' }]);
  expect(seen(kept)).toMatchObject([{ id: 'a', name: 'Alder bay' }, { id: 'b' }]);
});

test('two that were made one on this device have no moment yet, and are read all the same', () => {
  rows = [{ ...written(1, 'j', { kind: 'waters', fromId: 'a', intoId: 'b', revision: 0 }), kind: 'joinings' }];
  expect(seen([], 'joinings', useJoinings)).toMatchObject([{ id: 'j', updatedAt: '' }]);
});

test('a water that is only named has no rules, no place and fresh water', () => {
  rows = [
    {
      order: 1,
      kind: 'waters',
      id: 'w',
      state: 'waiting',
      body: { name: 'Mere', kind: 'lake', revision: 0 } as StoredRow['body'],
    },
  ];
  expect(seen([], 'waters')).toMatchObject([
    { name: 'Mere', position: null, salinity: 0, rules: { barblessOnly: false } },
  ]);
});
