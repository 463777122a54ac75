import 'fake-indexeddb/auto';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { FlankInBook } from '@keeper/contract/flanks';
import { goOnSweeping, pauseSweep, useSweep } from './sweep.js';

globalThis.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

const flank = (n: number): FlankInBook => ({
  captureId: `c${n}`,
  sha256: `s${n}`,
  begunAt: '2026-05-01T05:00:00Z',
  startedAt: '2026-05-01',
  zone: null,
  fishId: null,
  side: 'left',
  kind: 'pike',
  facts: { captureId: `c${n}`, atMs: 0, elapsedMs: 0, species: 'pike', waterId: null, lengthMm: null, grams: null },
  landmarks: {} as FlankInBook['landmarks'],
  of: { widthPx: 10, heightPx: 10 },
  marks: [],
  print: `print of ${n}`,
});
const flanks = [0, 1, 2, 3].map(flank);
const asked: string[] = [];
let afterTwo = () => {};

/** Each flank is much like the next, a little like the one after, and like a fish of a friend. */
jest.mock('./flanks.js', () => ({
  whoWorker: () => ({
    hold: () => Promise.resolve(),
    askHeld: (sha: string) => {
      asked.push(sha);
      if (asked.length === 2) afterTwo();
      const n = Number(sha.slice(1));
      if (n > 4) return Promise.resolve(undefined);
      const mayBe = [
        { flank: flanks[(n + 1) % 4], probability: 0.9, score: 0.8 },
        { flank: flanks[(n + 2) % 4], probability: 0.1, score: 0.3 },
        { flank: { from: 'Robin', fishId: 'r' }, probability: 0.95, score: 0.8 },
      ];
      return Promise.resolve({ mayBe, stranger: 0.1, known: 3, seen: 1 });
    },
  }),
}));

test('it is paused and goes on where it stood; what is hardly alike, and what is of a friend, is not shown', async () => {
  const { result } = renderHook(useSweep);
  afterTwo = pauseSweep;
  await act(() => goOnSweeping(flanks));
  expect(result.current).toMatchObject({ done: 2, all: 4, going: false });
  expect(asked).toEqual(['s0', 's1']);
  await act(() => goOnSweeping(flanks));
  await waitFor(() => expect(result.current).toMatchObject({ done: 4, going: false }));
  expect(asked).toEqual(['s0', 's1', 's2', 's3']);
  expect(result.current.found.map(({ captureId, otherId }) => captureId + otherId)).toEqual([
    'c0c1',
    'c1c2',
    'c2c3',
    'c3c0',
  ]);

  // A new picture alone is asked of when it goes on.
  await act(() => goOnSweeping([...flanks, flank(4)]));
  expect(asked).toEqual(['s0', 's1', 's2', 's3', 's4']);

  // One whose print cannot be had is not taken as held: it is asked of again when it goes on.
  for (const _again of [1, 2]) {
    await act(() => goOnSweeping([...flanks, flank(4), flank(5)]));
    expect(result.current).toMatchObject({ done: 5, all: 6, going: false });
  }
  expect(asked.slice(5)).toEqual(['s5', 's5']);
});
