import { act, renderHook } from '@testing-library/react';
import { useDraft } from './useDraft.js';

const open = () => renderHook(() => useDraft('fish', { note: '', length: '' }));

beforeEach(() => localStorage.clear());

test('what is typed outlives the page, and is gone once it is in the book', () => {
  const page = open();
  act(() => page.result.current[1]({ note: 'Took on the drop.' }));
  page.unmount();
  const again = open();
  expect(again.result.current[0]).toEqual({ note: 'Took on the drop.', length: '' });
  act(() => again.result.current[2]());
  again.unmount();
  expect(open().result.current[0]).toEqual({ note: '', length: '' });
});

test('a page that is only looked at leaves nothing behind', () => {
  open().unmount();
  expect(localStorage).toHaveLength(0);
});

test('a draft of an earlier version keeps what it knows', () => {
  localStorage.setItem('keeper.draft.fish', JSON.stringify({ note: 'Old.' }));
  expect(open().result.current[0]).toEqual({ note: 'Old.', length: '' });
});
