import { act, renderHook } from '@testing-library/react';
import { useRecord } from './useRecord.js';

test('what failed is told until the next writing is kept, and keep stays the same function', async () => {
  const { result } = renderHook(() => useRecord());
  const { keep } = result.current;
  const failing = () => Promise.reject(new Error('QuotaExceededError'));
  expect(await act(() => keep(failing))).toBe(false);
  expect(result.current.notKept).toBe(true);
  expect(await act(() => keep(() => Promise.resolve()))).toBe(true);
  expect(result.current.notKept).toBe(false);
  expect(result.current.keep).toBe(keep);
});
