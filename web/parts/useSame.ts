import { replaceEqualDeep } from '@tanstack/react-query';
import { useState } from 'react';

/** The very value of before as long as it says the same, though it was worked out anew. Plain data only. */
export function useSame<T>(value: T): T {
  const [kept, setKept] = useState(value);
  const same = replaceEqualDeep<T>(kept, value);
  if (same !== kept) setKept(same);
  return same;
}
