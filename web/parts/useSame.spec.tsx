import { renderHook } from '@testing-library/react';
import { useSame } from './useSame.js';

test('a value that says the same stays the very one; another takes its place, with what is the same in it kept', () => {
  const first = { kinds: ['carp'], at: { waterC: 16 } };
  const { result, rerender } = renderHook(({ value }) => useSame(value), { initialProps: { value: first } });
  rerender({ value: structuredClone(first) });
  expect(result.current).toBe(first);
  rerender({ value: { kinds: ['carp'], at: { waterC: 17 } } });
  expect(result.current.at).toEqual({ waterC: 17 });
  expect(result.current.kinds).toBe(first.kinds);
});
